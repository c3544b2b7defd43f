<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class WalkController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(WalkView::of(Period::asked($request->query->all()), Person::of($request)));
    }

    public function step(Request $request, string $step): JsonResponse
    {
        $species = $request->query->all()['species'] ?? null;

        return new JsonResponse(WalkView::step(
            Period::asked($request->query->all()),
            Person::of($request),
            $step,
            is_string($species) && $species !== '' ? $species : null,
        ));
    }
}
