<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Plan\Service\ServicesView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

final readonly class CalendarController
{
    public function __construct(private TakeBook $book, private ClockInterface $clock)
    {
    }

    public function preview(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef plans the services.');

        return new JsonResponse($this->book->preview(Fields::of($request)));
    }

    public function take(Request $request, ServicesView $view, string $act): JsonResponse
    {
        $this->book->take($act, Fields::of($request), Person::of($request));

        return new JsonResponse($view->all(Person::of($request)));
    }

    public function address(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef gives the calendar out.');
        $feed = CalendarFeed::query()->whereNull('ended_at')->orderByDesc('made_at')->first();

        return new JsonResponse(['address' => $feed === null ? null : "/calendar/{$feed->token}.ics"]);
    }

    /** A new address; the one before is no more. */
    public function renew(Request $request, string $act): JsonResponse
    {
        $person = Person::of($request);
        $person->mustBeHeadChef('The head chef gives the calendar out.');
        DB::connection()->transaction(function () use ($act, $person): void {
            if (CalendarFeed::query()->whereKey($act)->doesntExist()) {
                $this->end();
                CalendarFeed::query()->create([
                    'id' => $act,
                    'token' => Str::random(40),
                    'made_by' => $person->id,
                    'made_at' => Moment::written($this->clock->now()),
                ]);
            }
        });

        return $this->address($request);
    }

    public function revoke(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef gives the calendar out.');
        $this->end();

        return $this->address($request);
    }

    public function feed(string $token): Response
    {
        if (CalendarFeed::query()->where('token', $token)->whereNull('ended_at')->doesntExist()) {
            return new Response(
                "There is no calendar under this address any more.\n",
                404,
                ['Content-Type' => 'text/plain'],
            );
        }

        return new Response(FeedFile::of($this->clock->now(), Settings::load()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="services.ics"',
        ]);
    }

    private function end(): void
    {
        CalendarFeed::query()->whereNull('ended_at')->update(['ended_at' => Moment::written($this->clock->now())]);
    }
}
