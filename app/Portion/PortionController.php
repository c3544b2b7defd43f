<?php

declare(strict_types=1);

namespace App\Portion;

use App\BreakDown\Waiting;
use App\Contract\Fault;
use App\Kitchen\Person;
use App\Measure\VersionRequest;
use App\Measure\VoidRequest;
use App\Receive\Fish;
use App\Receive\MoveOn;
use App\Receive\Stage;
use App\Receive\TakeBack;
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

    public function read(PortionReadingRequest $request, TakeCut $take, string $fish, string $reading): JsonResponse
    {
        $take($fish, $reading, $request->fields(), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function takeBack(VoidRequest $request, TakeBack $takeBack, string $fish, string $reading): JsonResponse
    {
        $takeBack(Fish::onTheBench($fish), $reading, $request->fields()->string('reason'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function chooseDish(DishChoiceRequest $request, ChooseDish $choose, string $fish): JsonResponse
    {
        $choose(Fish::onTheBench($fish), $request->fields()->string('dish'), $request->fields()->int('version'));

        return $this->bench($fish, Person::of($request));
    }

    public function done(VersionRequest $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $moveOn(
            Fish::onTheBench($fish),
            Stage::Portion,
            $request->fields()->int('version'),
            Person::of($request),
            fn (Fish $fish) => PortionBench::portionsOf($fish) !== [] && $fish->dish_id === null
                ? throw Fault::inField('/dish', 'Choose which dish these portions are for.')
                : null,
        );

        return $this->bench($fish, Person::of($request));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(PortionBench::atTheKnife(Fish::onTheBench($fish), $person));
    }
}
