<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Pack;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\FatClass;
use Sectum\Hold\BadHold;
use Sectum\Hold\Pack\PackDate;
use Sectum\Hold\Pack\PackKind;

final class PackDateTest extends TestCase
{
    public function test_no_pack_without_air_ever_has_a_chilled_date(): void
    {
        $refused = 0;
        foreach (PackKind::cases() as $kind) {
            foreach ([true, false] as $frozen) {
                foreach (FatClass::cases() as $fat) {
                    try {
                        $date = PackDate::of(
                            $kind,
                            $frozen,
                            $fat,
                            new DateTimeImmutable('2026-03-02 17:00'),
                            new DateTimeImmutable('2026-03-03 12:00'),
                        );
                    } catch (BadHold $bad) {
                        self::assertTrue($kind->isWithoutAir() && ! $frozen);
                        self::assertSame('/how', $bad->pointer());
                        $refused++;

                        continue;
                    }
                    self::assertSame($frozen, $date->frozen);
                    self::assertFalse($kind->isWithoutAir() && ! $date->frozen);
                    self::assertSame($frozen ? $date->day->format('Y-m-d') > '2026-03-03' : true, true);
                    self::assertSame($frozen ? $date->day->format('Y-m-d') : '2026-03-03', $date->day->format('Y-m-d'));
                }
            }
        }
        self::assertSame(3, $refused);
        self::assertSame([24, null], [PackKind::OnCloth->clothHours(), PackKind::Vacuum->clothHours()]);
    }
}
