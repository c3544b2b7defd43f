<?php

declare(strict_types=1);

namespace App\Cost;

use App\Kitchen\Person;
use App\Portion\Dish;
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

    public function whatIf(WhatIfRequest $request, Plates $plates, string $dish): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();

        return new JsonResponse($plates->whatIf(Dish::query()->findOrFail($dish), $request->fields(), $person));
    }

    public function readyCut(Request $request, WholeOrReady $ready): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($ready->all());
    }

    public function compare(ReadyCutRequest $request, WholeOrReady $ready): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($ready->compare($request->fields()));
    }

    public function prices(Request $request, PriceList $prices): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($prices->latest());
    }

    public function previewPrices(PriceListRequest $request, PriceList $prices): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($prices->preview($request->fields()));
    }

    public function keepPrices(PriceListRequest $request, PriceList $prices, string $list): JsonResponse
    {
        return new JsonResponse($prices->keep($list, $request->fields(), Person::of($request)->mustSeePrices()));
    }

    public function house(Request $request): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse(CostHouse::of());
    }

    public function storeHouse(CostHouseRequest $request): JsonResponse
    {
        CostHouse::store($request->fields(), Person::of($request));

        return new JsonResponse(CostHouse::of());
    }
}
