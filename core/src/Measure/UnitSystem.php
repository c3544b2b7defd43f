<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** The two habits of weighing, switched by each person for themselves. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';

    /** The unit weights are shown in at the bench. */
    public function bench(): MassUnit
    {
        return $this === self::Metric ? MassUnit::Gram : MassUnit::PoundOunce;
    }

    /** The unit a box is invoiced in. */
    public function box(): MassUnit
    {
        return $this === self::Metric ? MassUnit::Kilogram : MassUnit::PoundOunce;
    }

    /**
     * The unit meant by a number with none behind it.
     *
     * With a decimal point it is the large unit (1.515 is kilograms, 3.3 is pounds), without one the small (1515 is
     * grams, 12 is ounces):
     * nobody writes a fish as 1.515 g.
     */
    public function meantBy(string $number): MassUnit
    {
        $large = str_contains($number, '.');

        return match ($this) {
            self::Metric => $large ? MassUnit::Kilogram : MassUnit::Gram,
            self::Us => $large ? MassUnit::Pound : MassUnit::Ounce,
        };
    }
}
