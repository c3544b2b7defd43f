<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Contract\Fields;
use App\Kitchen\Person;
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

    public function store(Request $request, StoreDish $store, string $dish): JsonResponse
    {
        return new JsonResponse(
            DishView::one($store($dish, Fields::of($request), Person::of($request)), Person::of($request)),
        );
    }

    public function retire(Request $request, RetireDish $retire, string $dish): JsonResponse
    {
        return new JsonResponse(
            DishView::one(
                $retire($dish, Fields::of($request)->int('version'), Person::of($request)),
                Person::of($request),
            ),
        );
    }
}
