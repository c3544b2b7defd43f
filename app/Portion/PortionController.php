<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\MoveOn;
use App\Fish\Stage;
use App\Fish\VoidReading;
use App\Fish\Waiting;
use App\Kitchen\Person;
use App\Portion\CutPlan\TakeCut;
use App\Portion\Dish\ChooseDish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PortionController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(Waiting::at(Stage::Portion, Person::of($request)));
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return $this->bench($fish, Person::of($request));
    }

    public function read(Request $request, TakeCut $take, string $fish, string $reading): JsonResponse
    {
        $take($fish, $reading, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function takeBack(Request $request, VoidReading $takeBack, string $fish, string $reading): JsonResponse
    {
        $takeBack($fish, $reading, Fields::of($request)->string('reason'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function chooseDish(Request $request, ChooseDish $choose, string $fish): JsonResponse
    {
        $choose(Fish::onTheBench($fish), Fields::of($request)->string('dish'), Fields::of($request)->int('version'));

        return $this->bench($fish, Person::of($request));
    }

    public function done(Request $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $moveOn(
            $fish,
            Stage::Portion,
            Fields::of($request)->int('version'),
            Person::of($request),
            function (Fish $fish): void {
                if (PortionBench::portionsOf($fish) === []) {
                    return;
                }
                if ($fish->dish_id === null) {
                    throw Fault::inField('/dish', 'Choose which dish these portions are for.');
                }
                MustBeBoned::beforeItGoesOn($fish);
            },
        );

        return $this->bench($fish, Person::of($request));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(PortionBench::atTheKnife(Fish::onTheBench($fish), $person));
    }
}
