<?php

declare(strict_types=1);

namespace App\Receive;

use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Measure\Words;
use Illuminate\Http\JsonResponse;

/** What comes in writing: labels under the scanner and suppliers' files. */
final readonly class PaperController
{
    public function scan(ScanRequest $request, ScanLabel $scan): JsonResponse
    {
        return new JsonResponse(
            $scan->read(
                $request->fields()->string('text'),
                new Words(Person::of($request)->units, Settings::load()->scaleStep),
            ),
        );
    }

    public function preview(InvoiceFileRequest $request, ReadInvoice $read): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($read($request->fields())->preview(Settings::load()->currency));
    }

    public function take(InvoiceRequest $request, TakeInvoice $take, string $delivery): JsonResponse
    {
        $take($delivery, $request->fields(), Person::of($request));

        return DeliveryController::door($delivery, $request);
    }
}
