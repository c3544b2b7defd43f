<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Delivery\DeliveryController;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What comes in writing: labels under the scanner and suppliers' files. */
final readonly class PaperController
{
    public function scan(Request $request, ScanLabel $scan): JsonResponse
    {
        return new JsonResponse(
            $scan->read(
                Fields::of($request)->string('text'),
                new Words(Person::of($request)->units, Settings::load()->scaleStep),
            ),
        );
    }

    public function preview(Request $request, ReadInvoice $read): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($read(Fields::of($request))->preview(Settings::load()->currency));
    }

    public function take(Request $request, TakeInvoice $take, string $delivery): JsonResponse
    {
        $take($delivery, Fields::of($request), Person::of($request));

        return DeliveryController::door($delivery, $request);
    }
}
