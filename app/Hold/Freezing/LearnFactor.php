<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Hold\Places\Place;
use App\Hold\Places\TemperatureReading;
use App\Kitchen\Moment;
use Sectum\Hold\Freezing\CoreTime;
use Sectum\Hold\Freezing\HouseFactor;
use Sectum\Hold\Freezing\TimedRun;
use Sectum\Hold\Line;
use Sectum\Hold\Point;

/** What runs with a probe in the core took in a place, beside what was expected of them. */
final readonly class LearnFactor
{
    private const LAST = 20;

    /** A record is read up to here: no fish of a kitchen takes longer to freeze, hours. */
    private const HOURS = 48;

    public function __invoke(Place $place): void
    {
        $runs = FreezingRun::query()
            ->where('place_id', $place->id)
            ->where('core_probe', true)
            ->whereNotNull('thick_mm')
            ->whereNotNull('ended_at')
            ->orderByDesc('number')
            ->limit(self::LAST)
            ->get();
        $learned = [];
        foreach ($runs as $run) {
            $to = min(Moment::at((string) $run->ended_at)->getTimestamp(), $run->loadedS() + 3600 * self::HOURS);
            $points = fn (string $probe): array => TemperatureReading::points(
                $place->id,
                $probe,
                $run->loadedS(),
                $to,
            );
            $took = HouseFactor::hoursTaken(Line::of($points('core'), $run->max_gap_minutes, 0.0), 0.0);
            $air = self::mean($points('air'), $took);
            $expected = $took === null || $air === null ? null : self::expected($run, $place, $air);
            if ($took > 0 && $expected !== null && $expected > 0) {
                $learned[] = new TimedRun($took, $expected);
            }
        }
        $place->update(['house_factor' => (string) round(HouseFactor::of($learned), 3)]);
    }

    /** Hours the middle takes by the sum alone, without what was learned; null where it never freezes. */
    public static function expected(FreezingRun $run, Place $place, float $air, float $factor = 1.0): ?float
    {
        return $run->thick_mm === null || $place->surroundings === null
            ? null
            : CoreTime::hours(
                $place->surroundings,
                $run->thick_mm,
                $air,
                $run->wrap->mm(),
                houseFactor: $factor,
            );
    }

    /**
     * @param  list<Point>  $air
     * @return float|null °C while it froze
     */
    private static function mean(array $air, ?float $hours): ?float
    {
        $within = array_filter($air, fn (Point $point): bool => $hours === null || $point->minute <= 60 * $hours);

        return $within === []
            ? null
            : array_sum(array_map(fn (Point $point): float => $point->celsius, $within)) / count($within);
    }
}
