<?php

declare(strict_types=1);

namespace App\Plan\Today;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class TodayController
{
    public function show(Request $request, TodayView $view): JsonResponse
    {
        return new JsonResponse($view->of(Person::of($request)));
    }
}
