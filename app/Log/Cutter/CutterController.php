<?php

declare(strict_types=1);

namespace App\Log\Cutter;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class CutterController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse((new CutterView(Person::of($request)))->all());
    }

    public function show(Request $request, string $person): JsonResponse
    {
        return new JsonResponse((new CutterView(Person::of($request)))->of($person));
    }
}
