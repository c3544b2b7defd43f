<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\Cutter\LearningCurve;
use Sectum\Log\Drift\Baseline;
use Sectum\Log\Drift\Chart;
use Sectum\Log\Drift\Ewma;
use Sectum\Math\Normal;

final class ChangesTest extends TestCase
{
    /** @return list<float> */
    private function noise(int $many, int $seed, float $sd = 1.0): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $noise = [];
        for ($i = 0; $i < $many; $i++) {
            $noise[] = $sd * Normal::quantile($random->getInt(1, 9999) / 10_000);
        }

        return $noise;
    }

    public function test_a_chart_says_since_when(): void
    {
        $ewma = Ewma::of([0.5, -0.6, -1.9, -1.7, -2.0, -1.5, -2.2]);
        self::assertSame([5, 6, 7], $ewma->signals);
        self::assertSame(2, $ewma->since(5), 'the mean turned at the second');
        self::assertSame(1, Ewma::of([-1, -2, -3])->since(3), 'from the first on');
    }

    public function test_limits_widen_by_what_is_not_known_of_the_beginning(): void
    {
        $z = array_fill(0, 30, 0.0);
        $sure = Ewma::of($z)->limits;
        $unsure = Ewma::of($z, shared: 0.1)->limits;
        self::assertEqualsWithDelta($sure[0], $unsure[0], 1e-9, 'the first stands alone');
        self::assertEqualsWithDelta(
            sqrt(0.9 * ($sure[29] / Ewma::WIDTH) ** 2 + 0.1 * (1 - 0.8 ** 30) ** 2),
            $unsure[29] / Ewma::WIDTH,
            1e-9,
        );
    }

    public function test_a_hand_that_is_always_low_has_not_changed_and_one_that_falls_has(): void
    {
        $steady = array_map(fn (float $one): float => $one - 2.5, $this->noise(60, 11));
        self::assertFalse(Chart::of($steady)->signals());
        $falls = array_map(
            fn (float $one, int $i): float => $i < 40 ? $one : $one - 1.6,
            $steady,
            array_keys($steady),
        );
        $chart = Chart::of($falls);
        self::assertTrue($chart->signals());
        self::assertFalse($chart->isUp());
        self::assertEqualsWithDelta(40, $chart->before + $chart->since(), 4);
        self::assertSame(21, $chart->before, 'after the first third');
        self::assertSame(50, Chart::of($falls, 50)->before);
    }

    public function test_too_few_and_all_the_same_make_no_chart(): void
    {
        self::assertNull(Baseline::of($this->noise(7, 1)));
        self::assertNull(Baseline::of(array_fill(0, 20, 1.5)));
        self::assertSame([], Chart::of([])->z);
        self::assertFalse(Chart::of([])->signals());
        self::assertFalse(Chart::of(array_fill(0, 30, 2.0))->signals());
        self::assertNotNull(Baseline::of($this->noise(8, 1)));
    }

    public function test_learning_is_found_with_its_spread_and_not_where_there_is_none(): void
    {
        $learns = $this->noise(60, 3, 0.6);
        foreach (array_keys($learns) as $i) {
            $learns[$i] -= 3.0 * ($i + 1) ** -0.5;
        }
        $curve = LearningCurve::of($learns);
        self::assertNotNull($curve);
        $true = 3.0 - 3.0 * 60 ** -0.5;
        self::assertGreaterThan(0, $curve->gained->quantile(0.05));
        self::assertLessThan($true, $curve->gained->quantile(0.05));
        self::assertGreaterThan($true, $curve->gained->quantile(0.95));
        self::assertCount(60, $curve->curve);
        self::assertEqualsWithDelta($curve->gained->mean, $curve->curve[59] - $curve->curve[0], 1e-9);
        $within = 0;
        for ($seed = 0; $seed < 40; $seed++) {
            $none = LearningCurve::of($this->noise(40, 100 + $seed));
            $within += $none !== null && $none->gained->quantile(0.05) <= 0 && $none->gained->quantile(0.95) >= 0
                ? 1
                : 0;
        }
        self::assertGreaterThanOrEqual(32, $within, 'nine times in ten nothing is claimed of nothing');
        self::assertNull(LearningCurve::of($this->noise(19, 1)));
    }
}
