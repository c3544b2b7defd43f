<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;

/**
 * How a hot batch cooled, against the two limits of FDA Food Code 3-501.14: from 57 to 21 °C within two hours, and on to
 * 5 °C within four more.
 *
 * Only what was measured counts: a limit is met when a reading at or below it was taken in time.
 */
final readonly class Cooling
{
    public const RULE = 'FDA Food Code 3-501.14';

    private const HOT = 57.0;

    private const WARM = 21.0;

    private const COLD = 5.0;

    private const FIRST_HOURS = 2.0;

    private const THEN_HOURS = 4.0;

    /**
     * @param  bool|null  $meets  null while it is still cooling
     * @param  DateTimeImmutable|null  $nextBy  until when the next limit has to be measured
     */
    private function __construct(public ?bool $meets, public string $said, public ?DateTimeImmutable $nextBy)
    {
    }

    /**
     * @param  list<array{DateTimeImmutable, Temperature}>  $readings  in any order
     */
    public static function of(array $readings, DateTimeImmutable $now): self
    {
        usort($readings, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $hot = self::lastAtOrAbove($readings, self::HOT) ?? $readings[0][0] ?? null;
        if ($hot === null) {
            return new self(null, 'Take its temperature when it comes off the heat.', null);
        }
        $warmBy = $hot->modify('+'.(int) (self::FIRST_HOURS * 60).' minutes');
        $warm = self::firstAtOrBelow($readings, self::WARM, $hot);
        if ($warm === null || $warm > $warmBy) {
            return $warm === null && $now <= $warmBy
                ? new self(null, '21 °C by '.$warmBy->format('H:i').', or it is heated again or thrown away.', $warmBy)
                : self::failed('21 °C was not measured within 2 h of 57 °C.');
        }
        $coldBy = $hot->modify('+'.(int) ((self::FIRST_HOURS + self::THEN_HOURS) * 60).' minutes');
        $cold = self::firstAtOrBelow($readings, self::COLD, $warm);
        if ($cold === null || $cold > $coldBy) {
            return $cold === null && $now <= $coldBy
                ? new self(null, '5 °C by '.$coldBy->format('H:i').', or it is thrown away.', $coldBy)
                : self::failed('5 °C was not measured within 6 h of 57 °C.');
        }

        return new self(true, 'Meets '.self::RULE.'. '.Freshness::CHECK, null);
    }

    private static function failed(string $missing): self
    {
        return new self(false, 'Does not meet '.self::RULE.": {$missing} ".Freshness::CHECK, null);
    }

    /** @param  list<array{DateTimeImmutable, Temperature}>  $readings */
    private static function lastAtOrAbove(array $readings, float $celsius): ?DateTimeImmutable
    {
        foreach (array_reverse($readings) as [$at, $temperature]) {
            if ($temperature->celsius() >= $celsius) {
                return $at;
            }
        }

        return null;
    }

    /** @param  list<array{DateTimeImmutable, Temperature}>  $readings */
    private static function firstAtOrBelow(array $readings, float $celsius, DateTimeImmutable $since): ?DateTimeImmutable
    {
        foreach ($readings as [$at, $temperature]) {
            if ($at >= $since && $temperature->celsius() <= $celsius) {
                return $at;
            }
        }

        return null;
    }
}
