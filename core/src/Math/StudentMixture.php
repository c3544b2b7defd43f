<?php

declare(strict_types=1);

namespace Sectum\Math;

/** What is known of a figure: Student's t of one number of degrees of freedom, about several places that may be it. */
final readonly class StudentMixture
{
    public float $mean;

    /**
     * @param  non-empty-list<array{float, float, float}>  $points  weight, place and spread (0 or more); the weights
     *     add up to 1
     */
    public function __construct(private StudentT $student, private array $points)
    {
        $this->mean = array_sum(array_map(fn (array $one): float => $one[0] * $one[1], $points));
    }

    /** The chance that it lies below a value. */
    public function below(float $value): float
    {
        $below = 0.0;
        foreach ($this->points as [$weight, $place, $spread]) {
            $below += $weight * ($spread > 0
                ? $this->student->below(($value - $place) / $spread)
                : ($value < $place ? 0.0 : 1.0));
        }

        return $below;
    }

    /** @param  float  $share  above 0 and below 1 */
    public function quantile(float $share): float
    {
        $far = max([1e-9, ...array_map(fn (array $one): float => abs($one[1]) + 40 * $one[2], $this->points)]);
        [$low, $high] = [-$far, $far];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $this->below($middle) < $share ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }
}
