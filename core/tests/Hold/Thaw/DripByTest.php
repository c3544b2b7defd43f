<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Thaw;

use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Freezing\Wrap;
use Sectum\Hold\Thaw\DripBy;
use Sectum\Hold\Thaw\DripSeen;

final class DripByTest extends TestCase
{
    public function test_places_and_wraps_are_compared_the_least_drip_first(): void
    {
        $by = DripBy::all([
            new DripSeen('Freezer', Wrap::Once, 1000, 950),
            new DripSeen('Blast', Wrap::Twice, 1000, 985),
            new DripSeen('Freezer', Wrap::Once, 500, 465),
            new DripSeen('Freezer', Wrap::Twice, 400, 384),
        ]);
        self::assertSame(
            [['Blast', 'twice', 1], ['Freezer', 'twice', 1], ['Freezer', 'once', 2]],
            array_map(fn (DripBy $one): array => [$one->place, $one->wrap->value, $one->count], $by),
        );
        self::assertEqualsWithDelta(6.0, $by[2]->meanPct, 1e-9);
        self::assertEqualsWithDelta(sqrt(2.0), $by[2]->sdPct, 1e-9);
        self::assertNull($by[0]->sdPct);
        self::assertSame([], DripBy::all([]));
        $this->expectException(BadHold::class);
        new DripSeen('Freezer', Wrap::None, 100, 101);
    }
}
