<?php

declare(strict_types=1);

namespace App\Cost;

use App\BreakDown\Waiting;
use App\Contract\Fault;
use App\Kitchen\Person;
use App\Measure\VersionRequest;
use App\Receive\Fish;
use App\Receive\MoveOn;
use App\Receive\Stage;
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

    public function store(CostRequest $request, StoreCost $store, string $fish): JsonResponse
    {
        $store(Fish::onTheBench($fish), $request->fields(), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(VersionRequest $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();
        $moveOn(Fish::onTheBench($fish), Stage::Cost, $request->fields()->int('version'), $person, function (
            Fish $fish,
        ): void {
            $fish->price_per_kg_minor ?? throw Fault::inField('/price_per_kg', 'Write down what a kilo cost first.');
        });

        return $this->bench($fish, $person);
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(CostBench::of(Fish::forTheBench()->with('line')->findOrFail($fish), $person));
    }
}
