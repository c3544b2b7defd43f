<?php

declare(strict_types=1);

namespace App\Hold\Labels;

use App\Contract\Fields;
use App\Devices\LabelPrinter;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final readonly class LabelController
{
    public function __construct(private LabelPrinter $printer)
    {
    }

    /** The label of a thing goes to the printer; asked for twice it is printed once. */
    public function print(Request $request, string $job): JsonResponse
    {
        $fields = Fields::of($request);
        $label = LabelOf::of(LabelKind::from($fields->string('kind')), $fields->string('id'));
        $pdf = HouseLabelPdf::of($label);
        DB::connection()->transaction(function () use ($job, $fields, $label, $pdf, $request): void {
            if (Once::isNew($job, 'label', $fields) && ! $this->printer->has($job)) {
                $title = "{$label->name}, {$label->what}";
                $this->printer->print($job, null, $title, 1, $pdf, Person::of($request));
            }
        });

        return new JsonResponse(['code' => $label->code(), 'name' => $label->name]);
    }

    /** A label that was scanned opens its thing. */
    public function open(string $kind, string $thing): JsonResponse
    {
        $label = LabelOf::of(LabelKind::from($kind), strtoupper($thing));

        return new JsonResponse(['to' => $label->to, 'name' => $label->name]);
    }
}
