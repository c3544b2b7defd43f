<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use DateTimeImmutable;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Receive\AgeingQueue;
use Sectum\Receive\ColdFish;
use Sectum\Receive\Queued;

final class AgeingQueueTest extends TestCase
{
    use TestTrait;

    private static function at(string $when): DateTimeImmutable
    {
        return new DateTimeImmutable($when);
    }

    public function test_decide_first_then_the_shortest_time_then_what_rests(): void
    {
        $now = self::at('2026-11-24 07:00');
        $came = self::at('2026-11-23 07:00');
        $queue = AgeingQueue::of(
            [
                new ColdFish('resting', $came, self::at('2026-11-26'), restsUntil: self::at('2026-11-24 19:00')),
                new ColdFish('long', $came, self::at('2026-12-02')),
                new ColdFish('raw', $came, self::at('2026-12-03'), rawUntil: self::at('2026-11-25')),
                new ColdFish('short', $came, self::at('2026-11-25 12:00')),
                new ColdFish(
                    'rested',
                    $came,
                    self::at('2026-11-24 20:00'),
                    restsUntil: self::at('2026-11-24 06:00'),
                    inspected: false,
                ),
                new ColdFish('held', $came, self::at('2026-12-05'), held: '6.0 °C at the core.'),
                new ColdFish('old', $came, self::at('2026-11-23')),
            ],
            $now,
        );
        self::assertSame(
            ['held', 'old', 'rested', 'raw', 'short', 'long', 'resting'],
            array_map(fn (Queued $q): string => $q->id, $queue),
        );
        self::assertSame(
            ['decide', 'cut', 'cut', 'cut', 'cut', 'cut', 'rest'],
            array_map(fn (Queued $q): string => $q->group, $queue),
        );
        self::assertSame(['Past its expected life: inspect it again before it is cut.'], $queue[1]->reasons);
        self::assertSame(['Its last day on ice.', 'Not inspected.'], $queue[2]->reasons);
        self::assertSame(
            ['Bright enough for raw service until Wed 25 Nov, 00:00.', 'About 8 days left on ice.'],
            $queue[3]->reasons,
        );
        self::assertSame(['In rigor: may be cut today 19:00.'], $queue[6]->reasons);
    }

    public function test_nobody_is_lost_and_the_order_does_not_hang_on_the_order_they_came_in(): void
    {
        $this->forAll(
            Generators::vector(24, Generators::choose(-48, 240)),
            Generators::vector(24, Generators::choose(0, 3)),
        )->then(function (array $hours, array $kinds): void {
            $now = self::at('2026-11-24 07:00');
            $fish = [];
            foreach (array_filter($hours, is_int(...)) as $i => $hour) {
                $when = $now->setTimestamp($now->getTimestamp() + 3600 * $hour);
                $soon = $now->setTimestamp($now->getTimestamp() + 1200 * $hour);
                $kind = $kinds[$i];
                $fish[] = new ColdFish(
                    "fish {$i}",
                    $now,
                    $when,
                    $kind === 1 ? $soon : null,
                    $kind === 2 ? $soon : null,
                    $kind === 3 ? 'why' : null,
                );
            }
            $queue = AgeingQueue::of($fish, $now);
            self::assertCount(24, array_unique(self::ids($queue)));
            self::assertSame(self::ids($queue), self::ids(AgeingQueue::of(array_reverse($fish), $now)));
        });
    }

    /**
     * @param  list<Queued>  $queue
     * @return list<string>
     */
    private static function ids(array $queue): array
    {
        return array_map(fn (Queued $q): string => $q->id, $queue);
    }
}
