<?php

declare(strict_types=1);

namespace App\Plan\Trim;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class TrimController
{
    public function show(Request $request, TrimView $view): JsonResponse
    {
        return new JsonResponse($view->all(Person::of($request)));
    }
}
