<?php

declare(strict_types=1);

namespace App\Log\Season;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SeasonController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse((new SeasonYearView(Person::of($request)))->all());
    }
}
