<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Trace\FoundPlaces;
use App\Log\Trace\Recalled;
use App\Log\Trace\RecallView;
use App\Log\Trace\TraceEvents;
use App\Log\Trace\TraceTable;
use App\Portion\Dish\Dish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;
use Sectum\Log\Epcis;

final readonly class LogController
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT;

    public function show(Request $request, string $fish): JsonResponse
    {
        return new JsonResponse(LogSheet::of(Fish::onTheBench($fish), Person::of($request)));
    }

    public function reopen(Request $request, Reopen $reopen, string $fish): JsonResponse
    {
        $reopen($fish, Fields::of($request)->int('version'), Fields::of($request)->string('why'), Person::of($request));

        return $this->show($request, $fish);
    }

    /** Everything that came of a lot, and where it is now. */
    public function recall(Request $request, ClockInterface $clock): JsonResponse
    {
        $sought = $request->string('q')->toString();

        return new JsonResponse(RecallView::of($sought, Recalled::of($sought, $clock), Person::of($request)));
    }

    /** The same to hand over: a table, or events. */
    public function trace(Request $request, ClockInterface $clock, string $format): Response
    {
        $recalled = Recalled::of($request->string('q')->toString(), $clock);
        $recalled->fish->isNotEmpty() ||
            throw Fault::notThere('Nothing came of that: check the lot, the delivery\'s number or the fish.');
        $places = new FoundPlaces(Dish::known(), Settings::load()->scaleStep);
        [$type, $body] = match ($format) {
            'csv' => ['text/csv; charset=utf-8', (new TraceTable($places))->csv($recalled)],
            'epcis' => [
                'application/ld+json',
                json_encode(
                    Epcis::document(
                        (new TraceEvents($places))->of($recalled),
                        $clock->now(),
                    ),
                    self::JSON,
                ),
            ],
            default => [
                'application/json',
                json_encode(['rows' => (new TraceTable($places))->rows($recalled)], self::JSON),
            ],
        };

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="trace.'.($format === 'epcis' ? 'jsonld' : $format).'"',
        ]);
    }
}
