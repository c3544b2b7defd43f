<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Order;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Plan\BadPlan;
use Sectum\Plan\Order\TrimmedYield;

final class TrimmedYieldTest extends TestCase
{
    public function test_fillets_that_were_weighed_are_trimmed_as_the_starting_figures_say(): void
    {
        $fillets = ExpectedYield::of(
            new StartingYield(63, 3, 4),
            array_map(fn (float $pct): YieldRecord => new YieldRecord($pct), array_fill(0, 16, 61.0)),
        );
        $trimmed = TrimmedYield::of($fillets, 63, 58.6);
        self::assertEqualsWithDelta(((4 * 63 + 16 * 61) / 20 / 63) * 58.6, $trimmed->meanPct, 1e-9);
        self::assertSame(16, $trimmed->records);
        self::assertLessThan($fillets->fishSdPct, $trimmed->fishSdPct);
        $same = TrimmedYield::of($fillets, 58.6, 58.6);
        self::assertSame(
            [$fillets->meanPct, $fillets->lotSdPct, $fillets->fishSdPct],
            [$same->meanPct, $same->lotSdPct, $same->fishSdPct],
        );
        $portions = $same->inPortions();
        self::assertEqualsWithDelta(0.97 * $same->meanPct, $portions->meanPct, 1e-9);
        self::assertEqualsWithDelta(0.97 * $same->fishSdPct, $portions->fishSdPct, 1e-9);
        $this->expectException(BadPlan::class);
        TrimmedYield::of($fillets, 0.0, 58.6);
    }
}
