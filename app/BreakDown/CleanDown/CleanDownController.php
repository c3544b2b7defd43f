<?php

declare(strict_types=1);

namespace App\BreakDown\CleanDown;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Csv;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class CleanDownController
{
    private const COLUMNS = ['done_at', 'done_by', 'what', 'sanitiser_ppm'];

    public function show(CleanDownView $view, string $fish): JsonResponse
    {
        return new JsonResponse($view->of(Fish::onTheBench($fish), Words::ofReader()));
    }

    public function store(
        Request $request,
        StoreCleanDown $store,
        CleanDownView $view,
        string $fish,
        string $act,
    ): JsonResponse {
        $store($fish, $act, Fields::of($request), Person::of($request));

        return $this->show($view, $fish);
    }

    /** All of them, to hand over. */
    public function table(): Response
    {
        $rows = array_map(
            fn (Row $row): array => [
                $row->text('done_at'),
                $row->text('name'),
                $row->text('what'),
                $row->text('sanitiser_ppm'),
            ],
            Row::all(CleanDownView::all()->get()),
        );

        return new Response(Csv::of(self::COLUMNS, $rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="clean-downs.csv"',
        ]);
    }
}
