<?php

declare(strict_types=1);

namespace App\BreakDown\SetUp;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SetUpController
{
    public function __construct(private SetUpView $view)
    {
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return new JsonResponse(
            $this->view->of(Fish::onTheBench($fish), Person::of($request), Words::ofReader()),
        );
    }

    public function store(Request $request, StoreSetUp $store, string $fish, string $act): JsonResponse
    {
        $store($fish, $act, Fields::of($request), Person::of($request));

        return $this->show($request, $fish);
    }
}
