<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Freezing;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\FatClass;
use Sectum\Hold\Freezing\FrozenLife;

final class FrozenLifeTest extends TestCase
{
    public function test_fat_fish_keeps_shorter_and_a_short_month_ends_on_its_last(): void
    {
        $day = fn (FatClass $fat, string $from): string => FrozenLife::bestBefore(
            $fat,
            new DateTimeImmutable($from),
        )->format('Y-m-d');
        self::assertSame('2027-11-26', $day(FatClass::Lean, '2026-11-26 18:30'));
        self::assertSame('2027-05-26', $day(FatClass::Medium, '2026-11-26'));
        self::assertSame('2027-02-28', $day(FatClass::Oily, '2026-11-30'));
    }
}
