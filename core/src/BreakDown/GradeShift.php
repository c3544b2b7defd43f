<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\FatGrade;

/**
 * How many points of yield the fat grade of a lot makes at one yield step, from the house's own fish.
 *
 * Each grade's mean is set beside that of all graded fish, shrunk as if {@see self::STRENGTH} fish had shown no
 * difference; a grade nobody has cut yet makes none.
 */
final readonly class GradeShift
{
    /** Fish without a difference that each grade starts with. Estimate. */
    private const STRENGTH = 8;

    /** @param  array<string, float>  $effects  points, by grade */
    private function __construct(private array $effects)
    {
    }

    /** @param  list<GradedYield>  $records */
    public static function of(array $records): self
    {
        $by = [];
        foreach ($records as $one) {
            if ($one->grade !== null) {
                $by[$one->grade->value][] = $one->pct;
            }
        }
        if (count($by) < 2) {
            return new self([]);
        }
        $all = array_merge(...array_values($by));
        $mean = array_sum($all) / count($all);

        return new self(
            array_map(
                fn (array $some): float => (array_sum($some) - count($some) * $mean) / (count($some) + self::STRENGTH),
                $by,
            ),
        );
    }

    /** Points a fish of one grade would have kept more, had it been of the other; an ungraded one is the mean. */
    public function points(?FatGrade $to, ?FatGrade $from = null): float
    {
        return ($this->effects[$to->value ?? ''] ?? 0.0) - ($this->effects[$from->value ?? ''] ?? 0.0);
    }
}
