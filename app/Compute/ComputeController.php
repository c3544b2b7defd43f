<?php

declare(strict_types=1);

namespace App\Compute;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ComputeController
{
    public function __invoke(Request $request, Registry $registry, string $name): JsonResponse
    {
        return new JsonResponse($registry->compute($name, $request->getContent()));
    }
}
