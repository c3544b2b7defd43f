<?php

declare(strict_types=1);

namespace Sectum\Math;

/** What is known of a figure: Student's t of one number of degrees of freedom, about several places that may be it. */
final readonly class StudentMixture
{
    public float $mean;

    /**
     * @param  non-empty-list<Placed>  $places
     * @param  list<float>  $weights  as many, which add up to 1
     */
    public function __construct(private StudentT $student, private array $places, private array $weights)
    {
        $mean = 0.0;
        foreach ($places as $i => $one) {
            $mean += ($weights[$i] ?? 0.0) * $one->place;
        }
        $this->mean = $mean;
    }

    /** The chance that it lies below a value; of what lies exactly there, half. */
    public function below(float $value): float
    {
        $below = 0.0;
        foreach ($this->places as $i => $one) {
            $below += ($this->weights[$i] ?? 0.0) * ($one->spread > 0
                ? $this->student->below(($value - $one->place) / $one->spread)
                : 0.5 + 0.5 * ($value <=> $one->place));
        }

        return $below;
    }

    /** @param  float  $share  above 0 and below 1 */
    public function quantile(float $share): float
    {
        $ends = array_map(fn (Placed $one): float => abs($one->place) + 40 * $one->spread, $this->places);
        $far = max([1e-9, ...$ends]);
        [$low, $high] = [-$far, $far];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $this->below($middle) < $share ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }
}
