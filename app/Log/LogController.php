<?php

declare(strict_types=1);

namespace App\Log;

use App\Kitchen\Person;
use App\Receive\Fish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class LogController
{
    public function index(Request $request, LogList $list): JsonResponse
    {
        return new JsonResponse($list->page(Person::of($request), $request->string('q')->toString(), $request->integer('page', 1)));
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return new JsonResponse(LogSheet::of(Fish::onTheBench($fish), Person::of($request)));
    }
}
