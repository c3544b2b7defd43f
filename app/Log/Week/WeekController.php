<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Format\Pdf;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Log\Walk\Period;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class WeekController
{
    public function show(Request $request): JsonResponse
    {
        $reader = Person::of($request);
        $reader->mustSeePrices();

        return new JsonResponse(WeekView::of(self::week($request), $reader));
    }

    /** As it was printed when the week was over; of a week that is not, as it stands now. */
    public function paper(Request $request): Response
    {
        $reader = Person::of($request);
        $reader->mustSeePrices();
        $week = self::week($request);
        $kept = KeptWeek::query()->find($week->days()[0]);

        return Pdf::shown($kept->pdf ?? WeekPdf::of($week, $reader), "week-{$week->days()[0]}");
    }

    /** The week the day of the address lies in; this one where none is said. */
    private static function week(Request $request): Period
    {
        $day = $request->query->all()['day'] ?? '';

        return Period::weekOf(is_string($day) && $day !== ''
            ? Period::asked(['from' => $day])->from
            : Moment::day(now()));
    }
}
