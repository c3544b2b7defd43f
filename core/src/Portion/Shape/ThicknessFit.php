<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Math\LeastSquares;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Station;

/**
 * How thick one fillet is along its length, as a few measured places tell it.
 *
 * Every station of the table is thicker or thinner than it says by some factor; its logarithm is small, runs smoothly
 * from station to station, and agrees with every measured place as closely as a ruler on soft flesh does. Where the
 * table is thickest the fillet is as thick as somebody typed. Its mass stays as the table has it.
 */
final readonly class ThicknessFit
{
    /** How far a fillet's thickness may be from its table, as a share (standard deviation). Our estimate. */
    private const OFF = 0.25;

    /** How sharply that may bend over three tenths of the length. Our estimate. */
    private const BENDS = 0.15;

    /**
     * @param  list<MeasuredThickness>  $marks
     * @param  float  $greatestMm  what the table's 1 stands for, above 0
     */
    public static function of(FilletShape $shape, array $marks, float $greatestMm): FilletShape
    {
        if ($marks === []) {
            return $shape;
        }
        $stations = $shape->stations();
        $last = count($stations) - 1;
        $squares = new LeastSquares($last + 1);
        for ($j = 0; $j <= $last; $j++) {
            $squares->row([$j], [1.0], 0.0, self::OFF);
            if ($j > 0 && $j < $last) {
                $squares->row([$j - 1, $j, $j + 1], [1.0, -2.0, 1.0], 0.0, (self::BENDS * 10) / $last);
            }
            if ($stations[$j]->thickness >= 1 - 1e-12) {
                $squares->row([$j], [1.0], 0.0, MeasuredThickness::RULER_MM / $greatestMm);
            }
        }
        foreach ($marks as $mark) {
            $at = $mark->share * $last;
            $i = min((int) $at, $last - 1);
            $told = log($mark->mm / ($greatestMm * $shape->thicknessAt($mark->share)));
            $squares->row([$i, $i + 1], [1 - ($at - $i), $at - $i], $told, MeasuredThickness::RULER_MM / $mark->mm);
        }
        $off = $squares->solve(false)->estimates;

        return FilletShape::of(
            array_map(fn (Station $station): float => $station->massPerLength, $stations),
            array_map(
                fn (Station $station, ?float $log): float => $station->thickness *
                    exp(max(-1.5, min(1.5, $log ?? 0.0))),
                $stations,
                $off,
            ),
        );
    }
}
