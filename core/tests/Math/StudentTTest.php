<?php

declare(strict_types=1);

namespace Sectum\Tests\Math;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Math\StudentT;

/** Held to the distributions that can be written down: with one degree of freedom it is Cauchy's. */
final class StudentTTest extends TestCase
{
    private const SHARES = [1e-6, 0.001, 0.05, 0.3, 0.499999, 0.5, 0.51, 0.75, 0.9, 0.95, 0.975, 0.9995, 1 - 1e-7];

    public function test_with_one_degree_of_freedom_it_is_cauchys(): void
    {
        foreach (self::SHARES as $p) {
            $exact = tan(M_PI * ($p - 0.5));
            self::assertEqualsWithDelta($exact, (new StudentT(1))->quantile($p), 1e-8 * max(1e-4, abs($exact)), "{$p}");
        }
    }

    public function test_with_two_degrees_of_freedom_it_is_a_root(): void
    {
        foreach (self::SHARES as $p) {
            $exact = (2 * $p - 1) * sqrt(2 / (4 * $p * (1 - $p)));
            self::assertEqualsWithDelta($exact, (new StudentT(2))->quantile($p), 1e-8 * max(1e-4, abs($exact)), "{$p}");
        }
    }

    public function test_with_four_degrees_of_freedom_it_is_an_angle_cut_in_three(): void
    {
        foreach (self::SHARES as $p) {
            $alpha = 4 * $p * (1 - $p);
            $q = cos(acos(sqrt($alpha)) / 3) / sqrt($alpha);
            $exact = ($p < 0.5 ? -1 : 1) * 2 * sqrt(max(0.0, $q - 1));
            // Near the middle the formula itself takes two near figures from each other.
            self::assertEqualsWithDelta($exact, (new StudentT(4))->quantile($p), 1e-7 + 1e-8 * abs($exact), "{$p}");
        }
    }

    #[DataProvider('freedoms')]
    public function test_a_quantile_is_where_its_share_lies_below(float $df): void
    {
        $student = new StudentT($df);
        $last = -INF;
        foreach (self::SHARES as $p) {
            $t = $student->quantile($p);
            self::assertEqualsWithDelta($p, $student->below($t), 1e-12, "{$df} {$p}");
            self::assertGreaterThan($last, $t);
            $last = $t;
        }
    }

    /** @return iterable<string, array{float}> */
    public static function freedoms(): iterable
    {
        foreach ([0.7, 1.0, 3.0, 6.0, 6.5, 29.0, 406.0, 5000.0] as $df) {
            yield "{$df}" => [$df];
        }
    }
}
