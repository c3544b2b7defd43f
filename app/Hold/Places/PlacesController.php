<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Contract\Fields;
use App\Kitchen\Csv;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class PlacesController
{
    private const COLUMNS = ['time (UTC)', 'place', 'probe', 'celsius', 'measured by', 'taken by'];

    public function __construct(private PlacesView $view, private StorePlace $store)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function store(Request $request, string $place): JsonResponse
    {
        ($this->store)($place, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function read(Request $request, string $place, string $reading): JsonResponse
    {
        $this->store->read($place, $reading, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function act(Request $request, string $place, string $act): JsonResponse
    {
        $this->store->act($place, $act, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function preview(Request $request, TakeLoggerFile $take): JsonResponse
    {
        return new JsonResponse($take->preview(Fields::of($request)));
    }

    public function take(Request $request, TakeLoggerFile $take, string $place, string $act): JsonResponse
    {
        return new JsonResponse($take->take($place, $act, Fields::of($request), Person::of($request)));
    }

    /** Every reading of every place, a piece at a time. */
    public function table(): StreamedResponse
    {
        return new StreamedResponse(
            function (): void {
                echo Csv::of(self::COLUMNS, []);
                TemperatureReading::rows()
                    ->join('places', 'places.id', 'temperatures.place_id')
                    ->leftJoin('people', 'people.id', 'temperatures.taken_by')
                    ->select(['seq', 'at_s', 'places.name', 'probe', 'tenths', 'temperatures.source'])
                    ->addSelect('people.name as by')
                    ->chunkById(2_000, function ($rows): void {
                        echo Csv::rows(
                            array_map(
                                fn (Row $row): array => [
                                    gmdate('Y-m-d H:i:s', (int) $row->number('at_s')),
                                    $row->text('name'),
                                    $row->text('probe'),
                                    (string) ($row->number('tenths') / 10),
                                    $row->text('source'),
                                    $row->text('by'),
                                ],
                                Row::all($rows),
                            ),
                        );
                    }, 'seq');
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="temperatures.csv"',
            ],
        );
    }
}
