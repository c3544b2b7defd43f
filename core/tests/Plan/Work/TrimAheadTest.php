<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Work;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Math\Normal;
use Sectum\Plan\Work\TrimAhead;
use Sectum\Plan\Work\TrimDay;

final class TrimAheadTest extends TestCase
{
    public function test_a_batch_is_there_today_later_or_never(): void
    {
        $days = [new TrimDay('mon', 2_000, 0), new TrimDay('wed', 3_000, 400), new TrimDay('fri', 4_000, 300)];
        $of = fn (float $inBin, ?float $batch): TrimAhead => TrimAhead::of($inBin, $batch, 'today', $days);
        self::assertSame(['today', 1], [$of(8_000, 8_000)->ready, (int) ($of(8_000, 8_000)->batches / 2)]);
        self::assertSame('mon', $of(6_000, 8_000)->ready);
        self::assertSame('fri', $of(3_000, 8_000)->ready, 'half a chance on Wednesday is not said to be a batch');
        self::assertNull($of(0, 9_500)->ready);
        self::assertSame([null, 0, 9_000.0], [$of(0, null)->ready, $of(0, null)->batches, $of(0, null)->grams]);
        self::assertSame(500.0, $of(0, null)->sdGrams);
    }

    /** Played out many times, the batch is there on the day it is said in at least four of five. */
    public function test_four_of_five_times_it_is_so(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($case = 0; $case < 40; $case++) {
            $days = [];
            for ($i = 0; $i < 6; $i++) {
                $days[] = new TrimDay("day {$i}", (float) $random->getInt(300, 2_500), (float) $random->getInt(0, 600));
            }
            $said = TrimAhead::of(0, 6_000, 'today', $days)->ready;
            if ($said === null) {
                continue;
            }
            $there = 0;
            for ($n = 0; $n < 400; $n++) {
                $grams = 0.0;
                foreach ($days as $day) {
                    $grams += $day->grams + $day->sdGrams * Normal::quantile($random->getInt(1, 9_999) / 10_000);
                    if ($day->day === $said) {
                        break;
                    }
                }
                $there += $grams >= 6_000 ? 1 : 0;
            }
            self::assertGreaterThan(0.72 * 400, $there);
        }
    }
}
