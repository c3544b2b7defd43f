<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/**
 * The keel: a fish as one bar as long as it is heavy, ruled like a ruler, its parts laid along it in board order.
 *
 * A piece that was cut gives way to what was cut from it; what of it is not weighed yet stays, as an open end.
 */
final readonly class Keel
{
    /** Marks along the ruler at the most. */
    private const MOST_MARKS = 9;

    /**
     * @param  Mass  $length  what the bar spans: the whole fish, or all that came off it when that is more
     * @param  list<KeelSegment>  $segments  in board order
     * @param  Mass  $rest  not weighed yet, and not lost to the board; zero or more
     * @param  Mass  $excess  what came off beyond what went on; zero or more
     * @param  list<Mass>  $marks  where the ruler is numbered
     */
    private function __construct(
        public Mass $length,
        public array $segments,
        public Mass $rest,
        public Mass $excess,
        public array $marks,
    ) {
    }

    /** @param  MassUnit  $unit  which unit's round numbers the ruler is marked at */
    public static function of(CutTree $tree, MassUnit $unit): self
    {
        $whole = $tree->pieces[$tree->root]->reading ?? Mass::zero();
        $segments = self::segments($tree, $tree->root);
        $weighed = array_reduce($segments, fn (Mass $sum, KeelSegment $s): Mass => $sum->plus($s->mass), Mass::zero());
        $left = $whole->minus($weighed);

        return new self(
            $left->isNegative() ? $weighed : $whole,
            $segments,
            $left->isNegative() ? Mass::zero() : $left,
            $left->isNegative() ? $left->abs() : Mass::zero(),
            self::marks($left->isNegative() ? $weighed : $whole, $unit),
        );
    }

    /** @return list<KeelSegment> */
    private static function segments(CutTree $tree, int $place): array
    {
        $segments = [];
        foreach ($tree->children[$place] as $child) {
            $piece = $tree->pieces[$child];
            $below = self::segments($tree, $child);
            $accounted = array_reduce(
                $below,
                fn (Mass $sum, KeelSegment $s): Mass => $sum->plus($s->mass),
                Mass::zero(),
            );
            $left = ($piece->reading ?? Mass::zero())->minus($accounted);
            array_push($segments, ...$below);
            if ($left->isPositive()) {
                $segments[] = new KeelSegment($piece->id, $left, $piece->role, $below !== []);
            }
        }

        return $segments;
    }

    /** @return list<Mass> */
    private static function marks(Mass $length, MassUnit $unit): array
    {
        $one = (float) ($unit === MassUnit::Gram ? '1' : MassUnit::Ounce->grams()) * 1000;
        $steps = $unit === MassUnit::Gram ? [1, 2, 5, 10] : [1, 2, 4, 8, 16];
        for ($decade = $one; ; $decade *= $unit === MassUnit::Gram ? 10 : 16) {
            foreach ($steps as $step) {
                if ($length->milligrams / ($decade * $step) <= self::MOST_MARKS) {
                    return array_map(
                        fn (int $k): Mass => Mass::ofMilligrams((int) round($k * $decade * $step)),
                        range(0, (int) floor($length->milligrams / ($decade * $step))),
                    );
                }
            }
        }
    }
}
