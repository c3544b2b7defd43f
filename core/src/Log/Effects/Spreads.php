<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Log\BadLog;
use Sectum\Math\StudentT;

/**
 * Differences of two levels that allow for not knowing by how much levels differ.
 *
 * With few hands the likeliest spread says little, and intervals that take it for known are far too narrow. So the
 * spread of the factor is integrated over a grid of its restricted likelihood, the other factors held at their
 * likeliest; the rest is Student's t in every point (handbook, numbers 14). The spread of a factor is expected
 * beforehand by a half-Cauchy of some points: our estimate, and weak.
 */
final readonly class Spreads
{
    /** Points of the grid, and how far the likelihood is followed down, in deviance. */
    private const POINTS = 36;

    private const DOWN = 14.0;

    private const HARDLY = 1e-5;

    /** Scale of what is expected beforehand, points of yield. Our estimate. */
    private const SCALE = 1.5;

    /** @param  list<Weighed>  $points  with weights that add up to 1 */
    private function __construct(
        private array $points,
        private StudentT $student,
        private Design $model,
        private int $at,
    ) {
    }

    /**
     * @param  list<YieldSeen>  $records
     * @param  list<string>  $factors
     * @param  string  $factor  one of them, with two levels at least
     *
     * @throws BadLog when there are too few records, or the factor has a single level
     */
    public static function of(array $records, array $factors, string $factor): self
    {
        $model = Design::of($records, $factors);
        $at = array_search($factor, $model->factors, true);
        $free = count($records) - $model->fixed();
        if ($at === false || $free < 2) {
            throw new BadLog('There are too few records to tell anything apart.', count($records), '/records');
        }
        $theta = Variances::best($model);
        $points = [];
        $grid = self::grid($model, $theta, $at);
        foreach ($grid as $i => $point) {
            $fit = $model->fit(array_values(array_replace($theta, [$at => $point])));
            if ($fit !== null) {
                $step = (($grid[$i + 1] ?? $point) - ($grid[$i - 1] ?? $point)) / 2;
                $points[] = new Weighed($fit, $point, $step);
            }
        }

        return new self(self::weighed($points), new StudentT($free), $model, $at);
    }

    /**
     * @param  float  $level  share of the time it lies between, above 0 and below 1
     * @return list<Interval> every pair once, by name
     */
    public function differences(float $level = 0.9): array
    {
        $columns = $this->model->levels[$this->at];
        $names = array_keys($columns);
        $all = [];
        foreach ($names as $i => $a) {
            foreach (array_slice($names, $i + 1) as $b) {
                $all[] = $this->between((string) $a, (string) $b, $columns[$a], $columns[$b], $level);
            }
        }

        return $all;
    }

    private function between(string $a, string $b, int $one, int $two, float $level): Interval
    {
        $means = $spreads = [];
        $mean = 0.0;
        foreach ($this->points as $point) {
            $inverse = $point->inverse;
            $variance = $inverse[$one][$one] + $inverse[$two][$two] - 2 * $inverse[$one][$two];
            $means[] = $point->theta * ($point->fit->solution[$one] - $point->fit->solution[$two]);
            $spreads[] = $point->theta * $point->fit->sd * sqrt(max(0.0, $variance));
            $mean += $point->weight * $means[count($means) - 1];
        }
        $tail = (1 - $level) / 2;

        return new Interval(
            $a,
            $b,
            $mean,
            $this->quantile($means, $spreads, $tail),
            $this->quantile($means, $spreads, 1 - $tail),
        );
    }

    /**
     * @param  list<float>  $means
     * @param  list<float>  $spreads
     */
    private function quantile(array $means, array $spreads, float $share): float
    {
        $far = max([1e-9, ...array_map(fn (float $mean, float $sd): float => abs($mean) + 40 * $sd, $means, $spreads)]);
        [$low, $high] = [-$far, $far];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $below = 0.0;
            foreach ($this->points as $k => $point) {
                $below += $point->weight * ($spreads[$k] > 0
                    ? $this->student->below(($middle - $means[$k]) / $spreads[$k])
                    : ($middle < $means[$k] ? 0.0 : 1.0));
            }
            $below < $share ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }

    /**
     * Spreads in units of the rest, from none to where the likelihood has fallen away, closer where it is highest.
     *
     * @param  list<float>  $theta  the likeliest
     * @return list<float>
     */
    private static function grid(Design $model, array $theta, int $at): array
    {
        $deviance = fn (float $point): float => $model->fit(array_values(array_replace($theta, [$at => $point])))
            ->deviance ?? INF;
        $least = $deviance($theta[$at]);
        $end = max(0.5, 2 * $theta[$at]);
        while ($end < 200 && $deviance($end) < $least + self::DOWN) {
            $end *= 1.7;
        }
        $points = [];
        for ($i = 0; $i <= self::POINTS; $i++) {
            $points[] = $end * ($i / self::POINTS) ** 2;
        }

        return $points;
    }

    /**
     * @param  list<Weighed>  $points
     * @return list<Weighed>
     */
    private static function weighed(array $points): array
    {
        $least = min([INF, ...array_map(fn (Weighed $one): float => $one->fit->deviance, $points)]);
        $weights = array_map(fn (Weighed $one): float => $one->step *
            exp(($least - $one->fit->deviance) / 2) /
            (1 + (($one->theta * $one->fit->sd) / self::SCALE) ** 2), $points);
        $sum = array_sum($weights);
        $weighed = [];
        foreach ($points as $i => $one) {
            // What hardly counts is not asked again for every pair.
            if ($weights[$i] / $sum > self::HARDLY) {
                $weighed[] = $one->weighing($weights[$i] / $sum);
            }
        }

        return $weighed;
    }
}
