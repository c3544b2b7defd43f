<?php

declare(strict_types=1);

namespace Sectum\Receive;

use DateTimeImmutable;

/**
 * The cold room in the order to be cut.
 *
 * What somebody has to decide stands first. Of what may be cut now the one whose time runs out first: raw service while
 * it is bright enough for it, otherwise its life on ice. A fish in rigor rests first and stands last, by the end of its
 * rest.
 */
final readonly class AgeingQueue
{
    private const GROUPS = ['decide' => 0, 'cut' => 1, 'rest' => 2];

    private const DAY = 86_400;

    /**
     * @param  list<ColdFish>  $fish
     * @return list<Queued> ties by when they came in, then by id
     */
    public static function of(array $fish, DateTimeImmutable $now): array
    {
        $queue = array_map(fn (ColdFish $f): array => [self::place($f, $now), $f], $fish);
        usort($queue, fn (array $a, array $b): int => self::rank(...$a) <=> self::rank(...$b));

        return array_map(fn (array $pair): Queued => $pair[0], $queue);
    }

    /** @return list<int|string|DateTimeImmutable> compared one after the other */
    private static function rank(Queued $queued, ColdFish $fish): array
    {
        return [self::GROUPS[$queued->group], $queued->by, $fish->receivedAt, $fish->id];
    }

    private static function place(ColdFish $fish, DateTimeImmutable $now): Queued
    {
        if ($fish->held !== null) {
            return new Queued($fish->id, 'decide', $fish->keepsUntil, ["Held: {$fish->held}"]);
        }
        if ($fish->restsUntil !== null && $fish->restsUntil > $now) {
            return new Queued($fish->id, 'rest', $fish->restsUntil, [
                'In rigor: may be cut '.self::at($fish->restsUntil, $now).'.',
            ]);
        }
        $reasons = [];
        $by = $fish->keepsUntil;
        if ($fish->rawUntil !== null && $fish->rawUntil > $now) {
            $by = min($by, $fish->rawUntil);
            $reasons[] = 'Bright enough for raw service until '.self::at($fish->rawUntil, $now).'.';
        }
        $left = ($fish->keepsUntil->getTimestamp() - $now->getTimestamp()) / self::DAY;
        $reasons[] = match (true) {
            $left < 0 => 'Past its expected life: inspect it again before it is cut.',
            $left < 1 => 'Its last day on ice.',
            default => 'About '.self::days($left).' left on ice.',
        };
        if (! $fish->inspected) {
            $reasons[] = 'Not inspected.';
        }

        return new Queued($fish->id, 'cut', $by, $reasons);
    }

    private static function at(DateTimeImmutable $when, DateTimeImmutable $now): string
    {
        return $when->format('Y-m-d') === $now->format('Y-m-d')
            ? 'today '.$when->format('H:i')
            : $when->format('D j M, H:i');
    }

    private static function days(float $days): string
    {
        $whole = (int) floor($days);

        return $whole === 1 ? 'a day' : "{$whole} days";
    }
}
