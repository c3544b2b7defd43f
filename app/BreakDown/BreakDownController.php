<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Measure\ReadingRequest;
use App\Measure\VersionRequest;
use App\Measure\VoidRequest;
use App\Receive\Fish;
use App\Receive\MoveOn;
use App\Receive\Stage;
use App\Receive\TakeBack;
use App\Receive\TakeReading;
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

    public function read(ReadingRequest $request, TakeReading $take, string $fish, string $reading): JsonResponse
    {
        $onBoard = Fish::onTheBench($fish);
        $take($onBoard, $reading, $request->fields(), Person::of($request), Bench::among($onBoard));

        return $this->bench($fish, Person::of($request));
    }

    public function takeBack(VoidRequest $request, TakeBack $takeBack, string $fish, string $reading): JsonResponse
    {
        $takeBack(Fish::onTheBench($fish), $reading, $request->fields()->string('reason'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(VersionRequest $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $moveOn(
            Fish::onTheBench($fish),
            Stage::BreakDown,
            $request->fields()->int('version'),
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

    public function chooseMethod(MethodChoiceRequest $request, ChooseMethod $choose, string $fish): JsonResponse
    {
        $choose($fish, $request->fields(), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function step(StepRequest $request, ChooseMethod $choose, string $fish): JsonResponse
    {
        $choose->said($fish, $request->fields()->int('done'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function onTray(TrayMendRequest $request, MendReading $mend, string $fish, string $reading): JsonResponse
    {
        $mend(
            $fish,
            $reading,
            $request->fields()->string('reading'),
            $request->fields()->string('tray'),
            Person::of($request),
        );

        return $this->bench($fish, Person::of($request));
    }

    public function bones(BoneCheckRequest $request, StoreBoneCheck $store, string $fish, string $check): JsonResponse
    {
        $store($fish, $check, $request->fields(), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function find(FindRequest $request, StoreFind $store, string $fish, string $find): JsonResponse
    {
        $store($fish, $find, $request->fields(), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function recount(CountRequest $request, Recount $recount, string $fish): JsonResponse
    {
        $recount($fish, $request->fields()->int('count'), $request->fields()->int('version'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(Bench::of(Fish::onTheBench($fish), $person));
    }
}
