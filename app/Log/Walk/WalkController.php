<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Kitchen\Person;
use App\Log\Ledger\CatchUp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class WalkController
{
    public function __construct(private CatchUp $catchUp)
    {
    }

    public function index(Request $request): JsonResponse
    {
        ($this->catchUp)();

        return new JsonResponse(WalkView::of(Period::asked($request->query->all()), Person::of($request)));
    }

    public function step(Request $request, string $step): JsonResponse
    {
        ($this->catchUp)();
        $species = $request->query->all()['species'] ?? null;

        return new JsonResponse(WalkView::step(
            Period::asked($request->query->all()),
            Person::of($request),
            $step,
            is_string($species) && $species !== '' ? $species : null,
        ));
    }
}
