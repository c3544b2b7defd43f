<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\BreakDown\Bones\StoreBoneCheck;
use App\BreakDown\Findings\StoreFinding;
use App\BreakDown\Method\ChooseMethod;
use App\BreakDown\Sample\StoreSample;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\MoveOn;
use App\Fish\RecordReading;
use App\Fish\Stage;
use App\Fish\VoidReading;
use App\Fish\Waiting;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class BreakDownController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(Waiting::at(Stage::BreakDown, Person::of($request)));
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return $this->bench($fish, Person::of($request));
    }

    public function read(Request $request, RecordReading $take, string $fish, string $reading): JsonResponse
    {
        $take($fish, $reading, Fields::of($request), Person::of($request), Bench::among(...));

        return $this->bench($fish, Person::of($request));
    }

    public function takeBack(Request $request, VoidReading $takeBack, string $fish, string $reading): JsonResponse
    {
        $takeBack($fish, $reading, Fields::of($request)->string('reason'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(Request $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $moveOn(
            $fish,
            Stage::BreakDown,
            Fields::of($request)->int('version'),
            Person::of($request),
            function (Fish $fish): void {
                $fish->pieces->contains(
                    fn ($piece): bool => $piece->parent_id !== null && $piece->reading() !== null,
                ) || throw Fault::inField('', 'Nothing has been weighed off this fish yet.');
                $fish->broken_down = true;
            },
        );

        return $this->bench($fish, Person::of($request));
    }

    public function chooseMethod(Request $request, ChooseMethod $choose, string $fish): JsonResponse
    {
        $choose($fish, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function step(Request $request, ChooseMethod $choose, string $fish): JsonResponse
    {
        $choose->said($fish, Fields::of($request)->int('done'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function onTray(Request $request, MendReading $mend, string $fish, string $reading): JsonResponse
    {
        $mend(
            $fish,
            $reading,
            Fields::of($request)->string('reading'),
            Fields::of($request)->string('tray'),
            Person::of($request),
        );

        return $this->bench($fish, Person::of($request));
    }

    public function bones(Request $request, StoreBoneCheck $store, string $fish, string $check): JsonResponse
    {
        $store($fish, $check, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function find(Request $request, StoreFinding $store, string $fish, string $find): JsonResponse
    {
        $store($fish, $find, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function recount(Request $request, Recount $recount, string $fish): JsonResponse
    {
        $recount($fish, Fields::of($request)->int('count'), Fields::of($request)->int('version'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function sample(Request $request, StoreSample $store, string $fish, string $weighing): JsonResponse
    {
        $store($fish, $weighing, Fields::of($request), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(Bench::of(Fish::onTheBench($fish), $person));
    }
}
