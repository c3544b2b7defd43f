<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Log\BadLog;
use Sectum\Math\Placed;
use Sectum\Math\StudentMixture;
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
    private const SCALE = 2.5;

    /** @param  non-empty-list<Weighed>  $points  with weights that add up to 1 */
    private function __construct(
        private array $points,
        private StudentT $student,
        private Design $model,
        private int $at,
        private float $likeliest,
    ) {
    }

    /**
     * @param  list<Seen>  $records
     * @param  list<string>  $factors
     * @param  string  $factor  one of them, with two levels at least
     *
     * @throws BadLog when there are too few records, or the factor has a single level
     */
    public static function of(array $records, array $factors, string $factor): self
    {
        return self::ofEach($records, $factors, [$factor])[$factor] ??
            throw new BadLog('There are too few records to tell anything apart.', count($records), '/records');
    }

    /**
     * Several factors of the same records: the likeliest variances are sought once.
     *
     * @param  list<Seen>  $records
     * @param  list<string>  $factors
     * @param  list<string>|null  $asked  of them; null for all
     * @return array<string, self> by factor; a factor with a single level is not among them
     *
     * @throws BadLog when there are too few records
     */
    public static function ofEach(array $records, array $factors, ?array $asked = null): array
    {
        $model = Design::of($records, $factors);
        $free = count($records) - $model->fixed();
        if ($free < 2) {
            throw new BadLog('There are too few records to tell anything apart.', count($records), '/records');
        }
        $theta = Variances::best($model);
        $each = [];
        foreach ($model->factors as $at => $factor) {
            if ($asked === null || in_array($factor, $asked, true)) {
                $each[$factor] = new self(
                    self::points($model, $theta, $at),
                    new StudentT($free),
                    $model,
                    $at,
                    $theta[$at] * ($model->fit($theta)->sd ?? 0.0),
                );
            }
        }

        return $each;
    }

    /** By how much levels differ, points: the likeliest; 0 where this record shows none. */
    public function likeliest(): float
    {
        return $this->likeliest;
    }

    /** @return array<string, int> fish of each level, by name */
    public function levels(): array
    {
        return array_map(fn (int $column): int => $this->model->counts[$column], $this->columns());
    }

    /**
     * Levels weighed against one another: a level alone against the mean of all, two against each other, one against
     * all others by what they cut.
     *
     * @param  array<string, float>  $weights  by level
     */
    public function combined(array $weights): StudentMixture
    {
        $columns = $this->columns();
        $told = [];
        foreach ($this->points as $point) {
            $mean = $variance = 0.0;
            foreach ($weights as $a => $one) {
                $mean += $one * $point->fit->solution[$columns[$a]];
                foreach ($weights as $b => $two) {
                    $variance += $one * $two * $point->inverse[$columns[$a]][$columns[$b]];
                }
            }
            $sd = $point->theta * $point->fit->sd * sqrt(max(0.0, $variance));
            $told[] = new Placed($point->theta * $mean, $sd);
        }

        return new StudentMixture(
            $this->student,
            $told,
            array_map(fn (Weighed $point): float => $point->weight, $this->points),
        );
    }

    /**
     * @param  float  $level  share of the time it lies between, above 0 and below 1
     * @return list<Interval> every pair once, by name
     */
    public function differences(float $level = 0.9): array
    {
        // Names that are numbers are keys of another kind.
        $names = array_map(strval(...), array_keys($this->columns()));
        $tail = (1 - $level) / 2;
        $all = [];
        foreach ($names as $i => $a) {
            foreach (array_slice($names, $i + 1) as $b) {
                $of = $this->combined([$a => 1.0, $b => -1.0]);
                $all[] = new Interval($a, $b, $of->mean, $of->quantile($tail), $of->quantile(1 - $tail));
            }
        }

        return $all;
    }

    /** @return array<string, int> by level */
    private function columns(): array
    {
        $columns = [];
        foreach ($this->model->levels[$this->at] as $level => $column) {
            $columns[(string) $level] = $column;
        }

        return $columns;
    }

    /**
     * @param  list<float>  $theta
     * @return non-empty-list<Weighed>
     */
    private static function points(Design $model, array $theta, int $at): array
    {
        $points = [];
        $grid = self::grid($model, $theta, $at);
        foreach ($grid as $i => $point) {
            $fit = $model->fit(array_values(array_replace($theta, [$at => $point])));
            if ($fit !== null) {
                $step = (($grid[$i + 1] ?? $point) - ($grid[$i - 1] ?? $point)) / 2;
                $points[] = new Weighed($fit, $point, $step);
            }
        }
        $weighed = self::weighed($points);

        return $weighed === []
            ? throw new BadLog('These records do not tell their groups and masses apart.', null, '/records')
            : $weighed;
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
