<?php

declare(strict_types=1);

namespace App\Route;

use App\BreakDown\Waiting;
use App\Kitchen\Person;
use App\Measure\VersionRequest;
use App\Receive\Fish;
use App\Receive\MoveOn;
use App\Receive\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Fish\Bin;

final readonly class RouteController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(Waiting::at(Stage::Route, Person::of($request)));
    }

    public function show(Request $request, string $fish): JsonResponse
    {
        return $this->bench($fish, Person::of($request));
    }

    public function send(RouteRequest $request, SendToBin $send, string $fish, string $piece): JsonResponse
    {
        $send(Fish::onTheBench($fish), $piece, Bin::tryFrom($request->fields()->maybeString('bin') ?? ''), $request->fields()->int('version'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(VersionRequest $request, MoveOn $moveOn, string $fish): JsonResponse
    {
        $moveOn(Fish::onTheBench($fish), Stage::Route, $request->fields()->int('version'), Person::of($request), SendToBin::allTheRest(...));

        return $this->bench($fish, Person::of($request));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(RouteBench::of(Fish::onTheBench($fish), $person));
    }
}
