<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\Fields;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Plates, ready cut, price lists, and how the house counts; the head chef's. */
final readonly class PlateController
{
    public function index(Request $request, Plates $plates): JsonResponse
    {
        return new JsonResponse($plates->all(Person::of($request)->mustSeePrices()));
    }

    public function show(Request $request, Plates $plates, string $dish): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();

        return new JsonResponse($plates->one(Dish::query()->findOrFail($dish), $person));
    }

    public function whatIf(Request $request, Plates $plates, string $dish): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();

        return new JsonResponse($plates->whatIf(Dish::query()->findOrFail($dish), Fields::of($request), $person));
    }

    public function readyCut(Request $request, WholeOrReady $ready): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($ready->all());
    }

    public function compare(Request $request, WholeOrReady $ready): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($ready->compare(Fields::of($request)));
    }

    public function prices(Request $request, PriceList $prices): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($prices->latest());
    }

    public function previewPrices(Request $request, PriceList $prices): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($prices->preview(Fields::of($request)));
    }

    public function keepPrices(Request $request, PriceList $prices, string $list): JsonResponse
    {
        return new JsonResponse($prices->keep($list, Fields::of($request), Person::of($request)->mustSeePrices()));
    }

    public function house(Request $request): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse(CostHouse::of());
    }

    public function storeHouse(Request $request): JsonResponse
    {
        CostHouse::store(Fields::of($request), Person::of($request));

        return new JsonResponse(CostHouse::of());
    }
}
