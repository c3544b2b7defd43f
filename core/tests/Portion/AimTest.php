<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use PHPUnit\Framework\TestCase;
use Sectum\Math\Normal;
use Sectum\Portion\Aim;
use Sectum\Portion\BadFillet;

final class AimTest extends TestCase
{
    public function test_the_hand_aims_above_the_band_by_its_scatter(): void
    {
        $aim = Aim::of(170, 5, 10, 6, 2);
        self::assertEqualsWithDelta(
            [177.32, 7.32, 2, 32.771],
            [$aim->grams, $aim->meanGiveawayGrams, $aim->underPct, $aim->overPct],
            0.005,
        );
        self::assertLessThan($aim->grams, Aim::of(170, 5, 10, 3, 2)->grams, 'a surer hand aims lower');
    }

    public function test_the_share_above_a_value_undoes_the_quantile(): void
    {
        foreach ([1e-12, 1e-6, 0.001, 0.02, 0.3, 0.5, 0.9, 0.9999] as $p) {
            self::assertEqualsWithDelta(1.0, Normal::above(Normal::quantile(1 - $p)) / $p, 1e-3, (string) $p);
            self::assertEqualsWithDelta(1 - $p, Normal::above(Normal::quantile($p)), 1e-12);
        }
    }

    public function test_a_hand_without_scatter_and_a_share_beyond_half_are_refused(): void
    {
        $wrong = [[0.0, 2.0, '/sigma_g'], [6.0, 0.0, '/max_under_pct'], [6.0, 50.0, '/max_under_pct']];
        foreach ($wrong as [$sigma, $under, $pointer]) {
            try {
                Aim::of(170, 5, 10, $sigma, $under);
                self::fail('It was taken.');
            } catch (BadFillet $bad) {
                self::assertSame($pointer, $bad->pointer());
            }
        }
    }
}
