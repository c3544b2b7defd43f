<?php

declare(strict_types=1);

namespace App\Log\Drift;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class DriftController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse((new DriftView(Person::of($request)))->all());
    }
}
