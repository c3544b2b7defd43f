<?php

declare(strict_types=1);

namespace App\Route;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Measure\VersionRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Measure\Mass;

final readonly class MakingController
{
    public function __construct(private MakingView $view, private MakeBatch $make)
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

    public function plan(PlanRequest $request, string $recipe): JsonResponse
    {
        $person = Person::of($request);
        $typed = $request->fields()->maybeString('mass');
        $mass = $typed === null ? null : Fault::at('/mass', fn (): Mass => Mass::parse($typed, $person->units));

        return new JsonResponse(
            $this->view->plan(
                Recipe::query()->findOrFail($recipe),
                $mass,
                $request->fields()->maybeString('species'),
                $person,
            ),
        );
    }

    public function start(MakingRequest $request, string $making): JsonResponse
    {
        $this->make->start($making, $request->fields(), Person::of($request));

        return $this->show($request, $making);
    }

    public function measure(MadeRequest $request, string $making): JsonResponse
    {
        $this->make->measure($making, $request->fields());

        return $this->show($request, $making);
    }

    public function cool(CoolingRequest $request, string $making, string $reading): JsonResponse
    {
        $this->make->cool($making, $reading, $request->fields(), Person::of($request));

        return $this->show($request, $making);
    }

    public function finish(GoneRequest $request, string $making): JsonResponse
    {
        $this->make->finish($making, $request->fields(), Person::of($request));

        return $this->show($request, $making);
    }

    public function storeRecipe(RecipeRequest $request, StoreRecipe $store, string $recipe): JsonResponse
    {
        $store($recipe, $request->fields(), Person::of($request));

        return new JsonResponse(HouseView::of(Person::of($request)));
    }

    public function retireRecipe(VersionRequest $request, StoreRecipe $store, string $recipe): JsonResponse
    {
        $store->retire($recipe, $request->fields()->int('version'), Person::of($request));

        return new JsonResponse(HouseView::of(Person::of($request)));
    }
}
