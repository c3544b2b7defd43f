<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ServingsController
{
    public function index(Request $request, ServingsView $view): JsonResponse
    {
        return new JsonResponse($view->all(Person::of($request)));
    }

    public function make(Request $request, MakeServings $make, ServingsView $view, string $dish): JsonResponse
    {
        $make($dish, Fields::of($request), Person::of($request));

        return $this->index($request, $view);
    }

    public function apart(Request $request, TakeApart $apart, ServingsView $view, string $plate): JsonResponse
    {
        $apart($plate);

        return $this->index($request, $view);
    }

    /** Every loose piece of a fish goes to the dish whose band it meets. */
    public function grade(Request $request, GradePieces $grade, ServingsView $view, string $fish): JsonResponse
    {
        $grade($fish, Fields::of($request)->int('version'), Person::of($request));

        return $this->index($request, $view);
    }
}
