<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Fish\Bin;

final readonly class BinsController
{
    public function __construct(private BinsView $view)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function show(Request $request, string $bin): JsonResponse
    {
        return $this->one(self::bin($bin), $request);
    }

    public function takeOut(Request $request, TakeOut $take, string $bin, string $act): JsonResponse
    {
        $take(self::bin($bin), $act, Fields::of($request), Person::of($request));

        return $this->one(self::bin($bin), $request);
    }

    public function freeze(Request $request, TakeOut $take, string $deposit, string $new): JsonResponse
    {
        return $this->one($take->freeze($deposit, $new, Person::of($request)), $request);
    }

    public function freezeToday(Request $request, TakeOut $take, string $bin, string $act): JsonResponse
    {
        $take->freezeToday(self::bin($bin), $act, Person::of($request));

        return $this->one(self::bin($bin), $request);
    }

    public function house(Request $request): JsonResponse
    {
        return new JsonResponse(HouseView::of(Person::of($request)));
    }

    public function storeWays(Request $request, StoreHouse $store): JsonResponse
    {
        $store->ways(Fields::of($request), Person::of($request));

        return $this->house($request);
    }

    public function storeBin(Request $request, StoreHouse $store, string $bin): JsonResponse
    {
        $store->bin(self::bin($bin), Fields::of($request), Person::of($request));

        return $this->house($request);
    }

    private function one(Bin $bin, Request $request): JsonResponse
    {
        return new JsonResponse($this->view->one($bin, Person::of($request)));
    }

    private static function bin(string $name): Bin
    {
        $bin = Bin::tryFrom($name);

        return $bin === null || $bin === Bin::Discard ? throw Fault::notThere('There is no such bin.') : $bin;
    }
}
