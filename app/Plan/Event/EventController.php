<?php

declare(strict_types=1);

namespace App\Plan\Event;

use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use App\Plan\Service\Service;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class EventController
{
    public function show(Request $request, EventView $view, string $service): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($view->of($service));
    }

    public function production(string $service): Response
    {
        $one = Service::held()->findOrFail($service);

        return Pdf::shown(ProductionPdf::of($one->eventName(), EventView::services($one)), 'production-sheet');
    }
}
