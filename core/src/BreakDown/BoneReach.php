<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/**
 * How far along a side its pin bones run, from the head end: the kind's starting figure, drawn to the places where this
 * house found the last one.
 *
 * The same shrinkage as an expected yield; sides differ by six points, and the starting figure counts for four.
 * Estimates.
 */
final readonly class BoneReach
{
    private const SD = 6.0;

    private const STRENGTH = 4.0;

    /** Nine sides in ten end before `highPct`. */
    private const LEVEL = 0.8;

    private function __construct(public float $meanPct, public float $highPct, public int $sides)
    {
    }

    /**
     * @param  float  $startPct  of the kind, above 0 and at most 100
     * @param  list<float>  $farthest  of each side, where its last bone was found, 0 to 100
     */
    public static function of(float $startPct, array $farthest): self
    {
        $reach = ExpectedYield::of(
            new StartingYield($startPct, self::SD, self::STRENGTH),
            array_map(fn (float $pct): YieldRecord => new YieldRecord($pct), $farthest),
            self::LEVEL,
        );

        return new self(min(100.0, $reach->meanPct), min(100.0, $reach->highPct), count($farthest));
    }
}
