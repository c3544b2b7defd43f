<?php

declare(strict_types=1);

namespace App\Portion;

use App\Kitchen\Person;
use App\Measure\VersionRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class DishController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(DishView::all(Person::of($request)));
    }

    public function show(Request $request, string $dish): JsonResponse
    {
        return new JsonResponse(DishView::one(Dish::query()->findOrFail($dish), Person::of($request)));
    }

    public function store(DishRequest $request, StoreDish $store, string $dish): JsonResponse
    {
        return new JsonResponse(
            DishView::one($store($dish, $request->fields(), Person::of($request)), Person::of($request)),
        );
    }

    public function retire(VersionRequest $request, RetireDish $retire, string $dish): JsonResponse
    {
        return new JsonResponse(
            DishView::one(
                $retire($dish, $request->fields()->int('version'), Person::of($request)),
                Person::of($request),
            ),
        );
    }
}
