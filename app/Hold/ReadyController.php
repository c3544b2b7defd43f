<?php

declare(strict_types=1);

namespace App\Hold;

use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class ReadyController
{
    public function index(Request $request, ClockInterface $clock): JsonResponse
    {
        $words = new Words(Person::of($request)->units, Settings::load()->scaleStep);

        return new JsonResponse(ReadyThings::all($words, $clock->now()));
    }
}
