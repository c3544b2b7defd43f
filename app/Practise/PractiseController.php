<?php

declare(strict_types=1);

namespace App\Practise;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Practise\Drill\AnswerDrill;
use App\Practise\Drill\DrawDrill;
use App\Practise\Drill\Drill;
use App\Practise\Drill\DrillView;
use App\Practise\Person\Certificate;
use App\Practise\Person\LearnerView;
use App\Practise\Person\StoreLearner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Sectum\Practise\Gate\Gate;
use Sectum\Practise\Skill;

/** Everybody practises for himself; the head chef sees where everybody stands. */
final readonly class PractiseController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(LearnerView::home(Person::of($request)));
    }

    public function draw(Request $request, DrawDrill $draw, string $drill): JsonResponse
    {
        return new JsonResponse(DrillView::of($draw($drill, Fields::of($request), Person::of($request))));
    }

    /** A drill by its address; of somebody else only for the head chef, and once it is answered. */
    public function show(Request $request, string $skill, string $seed): JsonResponse
    {
        $reader = Person::of($request);
        $of = $request->query('person');
        $person = is_string($of) && $of !== '' ? strtoupper($of) : $reader->id;
        $own = $person === $reader->id;
        if (! $own) {
            $reader->mustBeHeadChef('That is somebody else’s drill.');
        }
        $drill = Drill::query()
            ->with('moves')
            ->where('person_id', $person)
            ->where('skill', Skill::tryFrom($skill))
            ->where('seed', $seed)
            ->first();
        ($drill !== null && ($own || $drill->answered_at !== null)) ||
            throw Fault::notThere('No such drill was drawn. Draw it now, or another.');

        return new JsonResponse(DrillView::of($drill));
    }

    public function move(Request $request, AnswerDrill $answer, string $drill, string $number): JsonResponse
    {
        $answer->move($drill, (int) $number, Fields::of($request), Person::of($request));

        return new JsonResponse(DrillView::of(Drill::query()->with('moves')->findOrFail($drill)));
    }

    public function answer(
        Request $request,
        AnswerDrill $answer,
        StoreLearner $learner,
        string $drill,
    ): JsonResponse {
        $answered = $answer($drill, Fields::of($request), Person::of($request));
        $learner->opens(Person::of($request));

        return new JsonResponse(DrillView::of($answered));
    }

    public function person(Request $request, string $person): JsonResponse
    {
        return new JsonResponse(LearnerView::of(self::seen($request, $person)));
    }

    public function certificate(Request $request, string $person): Response
    {
        return Pdf::shown(Certificate::of(self::seen($request, $person)), 'certificate');
    }

    public function set(Request $request, StoreLearner $store, string $person): JsonResponse
    {
        $store->set($person, Fields::of($request), Person::of($request));

        return $this->person($request, $person);
    }

    public function sign(
        Request $request,
        StoreLearner $store,
        string $person,
        string $gate,
        string $act,
    ): JsonResponse {
        $store->sign($person, self::gate($gate), $act, Fields::of($request), Person::of($request));

        return $this->person($request, $person);
    }

    public function takeBack(Request $request, StoreLearner $store, string $person, string $gate): JsonResponse
    {
        $store->takeBack($person, self::gate($gate), Fields::of($request), Person::of($request));

        return $this->person($request, $person);
    }

    public function beside(Request $request, StoreLearner $store, string $act): JsonResponse
    {
        $store->beside($act, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    private static function gate(string $gate): Gate
    {
        return Gate::tryFrom($gate) ?? throw Fault::notThere('Nothing is signed so.');
    }

    /** One's own page, or anybody's for the head chef. */
    private static function seen(Request $request, string $person): Person
    {
        $reader = Person::of($request);
        $of = Person::query()->find($person) ?? throw Fault::notThere('Nobody of that name works here.');
        $of->id === $reader->id ||
            $reader->role === Role::HeadChef ||
            throw Fault::notAllowed('Everybody sees where he stands himself.');

        return $of;
    }
}
