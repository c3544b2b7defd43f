<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Route\Bins\HouseView;
use App\Route\Recipes\Recipe;
use App\Route\Recipes\StoreRecipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Measure\Mass;

final readonly class FoodBatchController
{
    public function __construct(private FoodBatchView $view, private MakeFoodBatch $make)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function show(Request $request, string $making): JsonResponse
    {
        return new JsonResponse($this->view->one($making, Person::of($request)));
    }

    public function plan(Request $request, string $recipe): JsonResponse
    {
        $person = Person::of($request);
        $typed = Fields::of($request)->maybeString('mass');
        $mass = $typed === null ? null : Fault::at('/mass', fn (): Mass => Mass::parse($typed, $person->units));

        return new JsonResponse(
            $this->view->plan(
                Recipe::query()->findOrFail($recipe),
                $mass,
                Fields::of($request)->maybeString('species'),
                $person,
            ),
        );
    }

    public function start(Request $request, string $making): JsonResponse
    {
        $this->make->start($making, Fields::of($request), Person::of($request));

        return $this->show($request, $making);
    }

    public function measure(Request $request, string $making): JsonResponse
    {
        $this->make->measure($making, Fields::of($request));

        return $this->show($request, $making);
    }

    public function cool(Request $request, string $making, string $reading): JsonResponse
    {
        $this->make->cool($making, $reading, Fields::of($request), Person::of($request));

        return $this->show($request, $making);
    }

    public function draw(Request $request, DrawOnBatch $draw, string $making, string $act): JsonResponse
    {
        $draw($making, $act, Fields::of($request), Person::of($request));

        return $this->show($request, $making);
    }

    public function finish(Request $request, string $making): JsonResponse
    {
        $this->make->finish($making, Fields::of($request), Person::of($request));

        return $this->show($request, $making);
    }

    public function storeRecipe(Request $request, StoreRecipe $store, string $recipe): JsonResponse
    {
        $store($recipe, Fields::of($request), Person::of($request));

        return new JsonResponse(HouseView::of(Person::of($request)));
    }

    public function retireRecipe(Request $request, StoreRecipe $store, string $recipe): JsonResponse
    {
        $store->retire($recipe, Fields::of($request)->int('version'), Person::of($request));

        return new JsonResponse(HouseView::of(Person::of($request)));
    }
}
