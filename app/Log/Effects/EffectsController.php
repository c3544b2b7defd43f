<?php

declare(strict_types=1);

namespace App\Log\Effects;

use App\Kitchen\Person;
use App\Log\Find\FishQuery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class EffectsController
{
    public function __construct(private EffectsView $view)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $person = Person::of($request);

        return new JsonResponse($this->view->of(FishQuery::of($request->query->all(), $person), $person));
    }

    public function pair(Request $request): JsonResponse
    {
        $person = Person::of($request);
        $asked = $request->query->all();
        $level = fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';

        return new JsonResponse($this->view->pair(
            FishQuery::of($asked, $person),
            $person,
            $level('factor'),
            $level('a'),
            $level('b'),
        ));
    }
}
