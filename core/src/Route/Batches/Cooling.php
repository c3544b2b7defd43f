<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;

/**
 * How a hot batch cooled, against the two limits of FDA Food Code 3-501.14: from 57 to 21 °C within two hours, and on
 * to 5 °C within four more.
 *
 * Only what was measured counts: a limit is met when a reading at or below it was taken in time.
 */
final readonly class Cooling
{
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
    public static function of(
        array $readings,
        DateTimeImmutable $now,
        CoolingLimits $limits = new CoolingLimits(),
    ): self {
        usort($readings, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $hot = self::lastAtOrAbove($readings, $limits->hot) ?? ($readings[0][0] ?? null);
        if ($hot === null) {
            return new self(null, 'Take its temperature when it comes off the heat.', null);
        }
        $warmBy = $hot->modify('+'.(int) ($limits->firstHours * 60).' minutes');
        $warm = self::firstAtOrBelow($readings, $limits->warm, $hot);
        if ($warm === null || $warm > $warmBy) {
            return $warm === null && $now <= $warmBy
                ? new self(
                    null,
                    self::degrees($limits->warm).
                        ' by '.
                        $warmBy->format('H:i').
                        ', or it is heated again or thrown away.',
                    $warmBy,
                )
                : self::failed($limits, $limits->warm, $limits->firstHours);
        }
        $coldBy = $hot->modify('+'.(int) (($limits->firstHours + $limits->thenHours) * 60).' minutes');
        $cold = self::firstAtOrBelow($readings, $limits->cold, $warm);
        if ($cold === null || $cold > $coldBy) {
            return $cold === null && $now <= $coldBy
                ? new self(
                    null,
                    self::degrees($limits->cold).' by '.$coldBy->format('H:i').', or it is thrown away.',
                    $coldBy,
                )
                : self::failed($limits, $limits->cold, $limits->firstHours + $limits->thenHours);
        }

        return new self(true, "Meets {$limits->rule}. ".Freshness::CHECK, null);
    }

    private static function failed(CoolingLimits $limits, float $celsius, float $hours): self
    {
        $missing =
            self::degrees($celsius)." was not measured within {$hours} h of ".self::degrees($limits->hot).'.';

        return new self(false, "Does not meet {$limits->rule}: {$missing} ".Freshness::CHECK, null);
    }

    private static function degrees(float $celsius): string
    {
        return "{$celsius} °C";
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
    private static function firstAtOrBelow(
        array $readings,
        float $celsius,
        DateTimeImmutable $since,
    ): ?DateTimeImmutable {
        foreach ($readings as [$at, $temperature]) {
            if ($at >= $since && $temperature->celsius() <= $celsius) {
                return $at;
            }
        }

        return null;
    }
}
