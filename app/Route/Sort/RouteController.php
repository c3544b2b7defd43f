<?php

declare(strict_types=1);

namespace App\Route\Sort;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Fish\Waiting;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
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

    public function send(Request $request, SendToBin $send, string $fish, string $piece): JsonResponse
    {
        $send(
            $fish,
            $piece,
            Bin::tryFrom(Fields::of($request)->maybeString('bin') ?? ''),
            Fields::of($request)->int('version'),
            Person::of($request),
        );

        return $this->bench($fish, Person::of($request));
    }

    public function sac(Request $request, SendToBin $send, string $fish, string $piece): JsonResponse
    {
        $fields = Fields::of($request);
        $send->grade($fish, $piece, $fields->bool('broken'), $fields->int('version'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    public function done(Request $request, SendToBin $send, string $fish): JsonResponse
    {
        $send->accept($fish, Fields::of($request)->int('version'), Person::of($request));

        return $this->bench($fish, Person::of($request));
    }

    /** Every fish that was looked at goes where its parts usually go; one that changed meanwhile stops them all. */
    public function accept(Request $request, SendToBin $send): JsonResponse
    {
        $person = Person::of($request);
        DB::connection()->transaction(function () use ($request, $send, $person): void {
            foreach (Fields::of($request)->list('fish') as $i => $one) {
                $fish =
                    Fish::query()->find($one->string('fish')) ??
                    throw Fault::inField("/fish/{$i}", 'There is no such fish.');
                if ($fish->stage === Stage::Route) {
                    $send->accept($fish->id, $one->int('version'), $person);
                }
            }
        });

        return new JsonResponse(Waiting::at(Stage::Route, $person));
    }

    private function bench(string $fish, Person $person): JsonResponse
    {
        return new JsonResponse(RouteBench::of(Fish::onTheBench($fish), $person));
    }
}
