<?php

declare(strict_types=1);

namespace Sectum\Tests\Math;

use PHPUnit\Framework\TestCase;
use Sectum\Math\Normal;

final class NormalTest extends TestCase
{
    public function test_known_quantiles_in_each_of_its_three_ranges(): void
    {
        self::assertEqualsWithDelta(0.524400512708041, Normal::quantile(0.7), 1e-14);
        self::assertEqualsWithDelta(-3.09023230616781, Normal::quantile(0.001), 1e-13);
        self::assertEqualsWithDelta(-13.3109213714252, Normal::quantile(1e-40), 1e-11);
        self::assertEqualsWithDelta(3.841458820694124, Normal::chiSquaredExceededBy(0.05), 1e-12);
    }

    public function test_it_is_odd_about_the_middle_and_rises(): void
    {
        $before = -INF;
        for ($p = 0.0005; $p < 1; $p += 0.0005) {
            self::assertEqualsWithDelta(-Normal::quantile(1 - $p), Normal::quantile($p), 1e-9);
            self::assertGreaterThan($before, Normal::quantile($p));
            $before = Normal::quantile($p);
        }
    }
}
