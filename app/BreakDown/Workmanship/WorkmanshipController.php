<?php

declare(strict_types=1);

namespace App\BreakDown\Workmanship;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class WorkmanshipController
{
    public function show(Request $request, string $fish): JsonResponse
    {
        return new JsonResponse(WorkmanshipView::of(Fish::onTheBench($fish), Person::of($request)));
    }

    public function store(Request $request, StoreSideWork $store, string $fish, string $act): JsonResponse
    {
        $store($fish, $act, Fields::of($request), Person::of($request));

        return $this->show($request, $fish);
    }
}
