<?php

declare(strict_types=1);

namespace App\Hold\Checks;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

final readonly class ChecksController
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $words = new Words(Person::of($request)->units, Settings::load()->scaleStep);
        $day = self::asked($request, $this->clock->now());
        $instruments = [];
        $lasts = InstrumentCheck::query()
            ->with('person')
            ->whereIn('checked_at', InstrumentCheck::rows()->selectRaw('max(checked_at)')->groupBy('instrument'))
            ->orderByDesc('checked_at')
            ->get();
        foreach (['scale', 'probe'] as $instrument) {
            $last = $lasts->firstWhere('instrument', $instrument);
            $instruments[] = [
                'instrument' => $instrument,
                'due' => $last === null || Moment::date($last->checked_at) !== Moment::date($this->clock->now()),
                'last' => $last === null
                    ? null
                    : [
                        'at' => Moment::at($last->checked_at)->format('D j M, H:i'),
                        'by' => $last->person->name,
                        'good' => $last->good,
                        'shown' => $instrument === 'scale'
                            ? $words->text(Mass::ofMilligrams($last->measured))
                            : $words->degrees(Temperature::ofCelsius($last->measured / 10)),
                        'in_doubt' => $last->good ? 0 : DayFile::inDoubt($last),
                    ],
            ];
        }

        return new JsonResponse([
            'day' => $day->format('Y-m-d'),
            'title' => $day->format('l j F Y'),
            'instruments' => $instruments,
            'sections' => array_map(
                fn (CheckedSection $section): array => [
                    'title' => $section->title,
                    'rows' => array_map(fn (Checked $row): array => get_object_vars($row), $section->rows),
                ],
                self::days($day, $day->modify('+1 day'), $words)->sections(),
            ),
        ]);
    }

    public function check(Request $request, CheckInstrument $instrument, string $check): JsonResponse
    {
        $instrument($check, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    /** One day, or the month it is in. */
    public function file(Request $request): Response
    {
        $words = new Words(Person::of($request)->units, Settings::load()->scaleStep);
        $day = self::asked($request, $this->clock->now());
        $month = $request->query('month') === '1';
        $from = $month ? $day->modify('first day of this month') : $day;
        $title = $month ? $from->format('F Y') : $from->format('l j F Y');

        $file = DayFilePdf::of(
            "Food safety, {$title}",
            self::days($from, $from->modify($month ? '+1 month' : '+1 day'), $words)->sections(),
        );

        return Pdf::shown($file, 'day-file');
    }

    private static function days(DateTimeImmutable $from, DateTimeImmutable $to, Words $words): DayFile
    {
        $time = Settings::load()->time;

        return new DayFile($time->begins($from), $time->begins($to), $words);
    }

    private static function asked(Request $request, DateTimeImmutable $now): DateTimeImmutable
    {
        $day = $request->query('day');
        if ($day === null) {
            return Moment::day($now);
        }

        return is_string($day) && preg_match('/^\d{4}-\d{2}-\d{2}$/D', $day) === 1 &&
            checkdate((int) substr($day, 5, 2), (int) substr($day, 8, 2), (int) substr($day, 0, 4))
            ? Moment::at($day)
            : throw Fault::unreadable('Ask for a day like 2026-03-02.');
    }
}
