<?php

declare(strict_types=1);

namespace App\Plan\Event;

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
        $event = $one->event === '' ? $one->name : $one->event;

        return new Response(ProductionPdf::of($event, EventView::services($one)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="production-sheet.pdf"',
        ]);
    }
}
