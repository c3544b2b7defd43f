<?php

declare(strict_types=1);

namespace App\Log\Drift;

use App\Kitchen\Person;
use App\Log\Ledger\CatchUp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class DriftController
{
    public function __construct(private CatchUp $catchUp)
    {
    }

    public function index(Request $request): JsonResponse
    {
        ($this->catchUp)();

        return new JsonResponse((new DriftView(Person::of($request)))->all());
    }
}
