<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Contract\Fields;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class FreezingController
{
    public function __construct(private RunView $view, private StartRun $start)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function show(Request $request, string $freezing): JsonResponse
    {
        return new JsonResponse($this->view->one($freezing, Person::of($request)));
    }

    public function begin(Request $request, string $freezing): JsonResponse
    {
        ($this->start)($freezing, Fields::of($request), Person::of($request));

        return $this->show($request, $freezing);
    }

    public function add(Request $request, string $freezing, string $item): JsonResponse
    {
        $this->start->add($freezing, $item, Fields::of($request), Person::of($request));

        return $this->show($request, $freezing);
    }

    public function takeOut(Request $request, string $freezing, string $item): JsonResponse
    {
        $this->start->takeOut($freezing, $item, Fields::of($request), Person::of($request));

        return $this->show($request, $freezing);
    }

    public function solid(Request $request, string $freezing): JsonResponse
    {
        $this->start->solid($freezing, Fields::of($request), Person::of($request));

        return $this->show($request, $freezing);
    }

    public function end(Request $request, LearnFactor $learn, string $freezing): JsonResponse
    {
        $this->start->end($freezing, Fields::of($request)->int('version'), Person::of($request), $learn);

        return $this->show($request, $freezing);
    }

    public function evidence(Request $request, string $freezing): Response
    {
        $run = $this->view->one($freezing, Person::of($request));

        return Pdf::shown(EvidencePdf::of($run), 'freezing-record');
    }
}
