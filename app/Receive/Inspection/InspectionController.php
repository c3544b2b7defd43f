<?php

declare(strict_types=1);

namespace App\Receive\Inspection;

use App\Contract\Fields;
use App\Fish\DeliveryLine;
use App\Fish\Photo;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Delivery\DeliveryController;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Smelled, seen, felt and measured, with a picture where one says more. */
final readonly class InspectionController
{
    public function show(Request $request, string $line): JsonResponse
    {
        return new JsonResponse(
            InspectionView::of(
                DeliveryLine::atTheDoor($line),
                new Words(Person::of($request)->units, Settings::load()->scaleStep),
            ),
        );
    }

    public function preview(Request $request, InspectFish $inspect, string $line): JsonResponse
    {
        return new JsonResponse(
            InspectionView::verdict(...$inspect->preview(DeliveryLine::atTheDoor($line), Fields::of($request))),
        );
    }

    public function store(Request $request, InspectFish $inspect, string $inspection): JsonResponse
    {
        $line = $inspect($inspection, Fields::of($request), Person::of($request));

        return DeliveryController::door($line->delivery_id, $request);
    }

    public function storePhoto(Request $request, StorePhoto $store, string $line, string $photo): JsonResponse
    {
        $kept = $store($photo, $line, Fields::of($request)->string('image'), Person::of($request));

        return new JsonResponse($kept->view());
    }

    /** Never as what was sent: it was drawn anew. */
    public function photo(string $photo): BinaryFileResponse
    {
        return new BinaryFileResponse(Photo::query()->findOrFail($photo)->path(), 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Disposition' => 'inline; filename="fish.jpg"',
        ]);
    }
}
