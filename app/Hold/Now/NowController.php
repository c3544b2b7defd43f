<?php

declare(strict_types=1);

namespace App\Hold\Now;

use Illuminate\Http\JsonResponse;

final readonly class NowController
{
    public function index(NowList $now): JsonResponse
    {
        return new JsonResponse($now->all());
    }
}
