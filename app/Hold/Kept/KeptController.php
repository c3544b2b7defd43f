<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Hold\Places\Place;
use App\Kitchen\Csv;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

final readonly class KeptController
{
    public function __construct(private KeptView $view, private KeepPortions $keep, private ClockInterface $clock)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse($this->view->all());
    }

    public function out(Request $request, string $dish, string $act): JsonResponse
    {
        $this->keep->out($dish, $act, Fields::of($request), Person::of($request));

        return $this->index();
    }

    public function undo(Request $request, string $act): JsonResponse
    {
        $this->keep->undo($act, Fields::of($request)->string('undoes'), Person::of($request));

        return $this->index();
    }

    public function count(Request $request, CloseService $close, string $act): JsonResponse
    {
        $close($act, Fields::of($request), Person::of($request));

        return $this->index();
    }

    public function move(Request $request, string $lot, string $act): JsonResponse
    {
        $fields = Fields::of($request);
        $person = Person::of($request);
        DB::connection()->transaction(function () use ($lot, $act, $fields, $person): void {
            $kept = KeptTray::query()->findOrFail($lot);
            $place =
                Place::query()->whereNull('retired_at')->find($fields->string('place')) ??
                throw Fault::inField('/place', 'This place is not on the list any more. Choose another.');
            if (Once::isNew($act, "move {$kept->id}", $fields)) {
                LotMove::query()->create([
                    'id' => $act,
                    'lot_id' => $kept->id,
                    'place_id' => $place->id,
                    'moved_by' => $person->id,
                    'moved_at' => Moment::written($this->clock->now()),
                ]);
            }
        });

        return $this->index();
    }

    public function stocktake(Request $request, StockTake $take): Response
    {
        Person::of($request)->mustSeePrices();

        return new Response(Csv::of(StockTake::COLUMNS, $take->rows($this->clock->now())), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="stocktake.csv"',
        ]);
    }
}
