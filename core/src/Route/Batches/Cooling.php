<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;
use Sectum\Measure\Temperature;
use Sectum\Message;

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
    private function __construct(public ?bool $meets, public Message $said, public ?DateTimeImmutable $nextBy)
    {
    }

    /**
     * @param  list<CoreReading>  $readings  in any order
     */
    public static function of(
        array $readings,
        DateTimeImmutable $now,
        CoolingLimits $limits = new CoolingLimits(),
    ): self {
        usort($readings, fn (CoreReading $a, CoreReading $b): int => $a->at <=> $b->at);
        $hot = self::lastAtOrAbove($readings, $limits->hot) ?? ($readings[0]->at ?? null);
        if ($hot === null) {
            return new self(null, new Message(CoolingSays::Unmeasured), null);
        }
        $warmBy = $hot->modify('+'.(int) ($limits->firstHours * 60).' minutes');
        $warm = self::firstAtOrBelow($readings, $limits->warm, $hot);
        if ($warm === null || $warm > $warmBy) {
            return $warm === null && $now <= $warmBy
                ? new self(
                    null,
                    self::by(CoolingSays::WarmBy, $limits->warm, $warmBy),
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
                    self::by(CoolingSays::ColdBy, $limits->cold, $coldBy),
                    $coldBy,
                )
                : self::failed($limits, $limits->cold, $limits->firstHours + $limits->thenHours);
        }

        return new self(true, new Message(CoolingSays::Meets, ['rule' => $limits->rule]), null);
    }

    private static function failed(CoolingLimits $limits, float $celsius, float $hours): self
    {
        return new self(
            false,
            new Message(CoolingSays::Failed, [
                'rule' => $limits->rule,
                'limit' => Temperature::ofCelsius($celsius),
                'hours' => $hours,
                'hot' => Temperature::ofCelsius($limits->hot),
            ]),
            null,
        );
    }

    private static function by(CoolingSays $what, float $celsius, DateTimeImmutable $by): Message
    {
        return new Message($what, ['limit' => Temperature::ofCelsius($celsius), 'by' => $by]);
    }

    /** @param  list<CoreReading>  $readings */
    private static function lastAtOrAbove(array $readings, float $celsius): ?DateTimeImmutable
    {
        foreach (array_reverse($readings) as $one) {
            if ($one->core->celsius() >= $celsius) {
                return $one->at;
            }
        }

        return null;
    }

    /** @param  list<CoreReading>  $readings */
    private static function firstAtOrBelow(
        array $readings,
        float $celsius,
        DateTimeImmutable $since,
    ): ?DateTimeImmutable {
        foreach ($readings as $one) {
            if ($one->at >= $since && $one->core->celsius() <= $celsius) {
                return $one->at;
            }
        }

        return null;
    }
}
