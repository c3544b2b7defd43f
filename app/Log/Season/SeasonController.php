<?php

declare(strict_types=1);

namespace App\Log\Season;

use App\Kitchen\Person;
use App\Log\Ledger\CatchUp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SeasonController
{
    public function __construct(private CatchUp $catchUp)
    {
    }

    public function index(Request $request): JsonResponse
    {
        ($this->catchUp)();

        return new JsonResponse((new SeasonYearView(Person::of($request)))->all());
    }
}
