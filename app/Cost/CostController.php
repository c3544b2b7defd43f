<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\MoveOn;
use App\Fish\Stage;
use App\Fish\Waiting;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class CostController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(Waiting::at(Stage::Cost, Person::of($request)->mustSeePrices()));
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return $this->bench($fish, Person::of($request)->mustSeePrices());
    }

    public function store(Request $request, StoreCost $store, string $fish): JsonResponse
    {
        $store($fish, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(Request $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();
        $moveOn($fish, Stage::Cost, Fields::of($request)->int('version'), $person, function (
            Fish $fish,
        ): void {
            $fish->price_per_kg_minor ?? throw Fault::inField('/price_per_kg', 'Enter the price per kg first.');
        });

        return $this->bench($fish, $person);
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(CostBench::of(Fish::forTheBench()->with('line')->findOrFail($fish), $person));
    }
}
