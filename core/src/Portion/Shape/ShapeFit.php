<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Math\LeastSquares;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Station;

/**
 * The shape of one fillet, as its own pieces tell it.
 *
 * Each station of the table is taken to be heavier or lighter than the table says by some factor. The logarithm of that
 * factor is small, runs smoothly from station to station, and agrees with every piece as closely as scale and knife
 * allow:
 * least squares, relinearised until it stands. A factor is above nothing, so the mass up to a point always rises with
 * it.
 * Thickness stays as the table has it: the scale says nothing of it.
 */
final readonly class ShapeFit
{
    /**
     * How far a fillet's mass per length may be from its table as a whole, as a share (standard deviation). Our
     * estimate.
     */
    private const OFF = 0.3;

    /** How sharply that may bend over three tenths of the length. Our estimate; tried out in bench/live-plan.php. */
    private const BENDS = 0.05;

    private const ROUNDS = 4;

    /**
     * @param  FilletShape  $shape  what was believed before
     * @param  list<MeasuredCut>  $cuts  of this fillet, in any order; gaps between them are allowed
     * @param  float  $massGrams  of the whole fillet
     * @param  float  $lengthCm  of the whole fillet
     */
    public static function of(FilletShape $shape, array $cuts, float $massGrams, float $lengthCm): FilletShape
    {
        $stations = $shape->stations();
        $last = count($stations) - 1;
        $tenth = 10 / $last;
        $rows = array_map(
            fn (MeasuredCut $cut): array => [
                self::hats(min(1.0, $cut->fromCm / $lengthCm), min(1.0, $cut->toCm / $lengthCm), $last),
                $cut->grams / $massGrams,
                $cut->spreadGrams() / $massGrams,
            ],
            $cuts,
        );
        if ($rows === []) {
            return $shape;
        }
        $rows[] = [self::hats(0.0, 1.0, $last), 1.0, 1e-4];
        $off = array_fill(0, $last + 1, 0.0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $now = array_map(
                fn (Station $station, float $log): float => $station->massPerLength * exp($log),
                $stations,
                $off,
            );
            $squares = new LeastSquares($last + 1);
            foreach (array_keys($now) as $j) {
                $squares->row([$j], [1.0], 0.0, self::OFF);
                if ($j > 0 && $j < $last) {
                    $squares->row([$j - 1, $j, $j + 1], [1.0, -2.0, 1.0], 0.0, self::BENDS * $tenth);
                }
            }
            foreach ($rows as [$hats, $share, $spread]) {
                $slopes = array_map(fn (float $hat, float $mass): float => $hat * $mass, $hats, $now);
                $here = array_sum($slopes);
                $squares->row(
                    array_keys($slopes),
                    $slopes,
                    $share -
                        $here +
                        array_sum(array_map(fn (float $slope, float $log): float => $slope * $log, $slopes, $off)),
                    $spread,
                );
            }
            $off = array_map(
                fn (?float $log): float => max(-1.5, min(1.5, $log ?? 0.0)),
                $squares->solve(false)->estimates,
            );
        }

        return FilletShape::of(
            array_map(fn (Station $station, float $log): float => $station->massPerLength * exp($log), $stations, $off),
            array_map(fn (Station $station): float => $station->thickness, $stations),
        );
    }

    /**
     * How much each station counts for the mass between two points: the integral of its hat.
     *
     * @return list<float>
     */
    private static function hats(float $from, float $to, int $last): array
    {
        $hats = array_fill(0, $last + 1, 0.0);
        for ($i = 0; $i < $last; $i++) {
            $a = min(1.0, max(0.0, $from * $last - $i));
            $b = min(1.0, max(0.0, $to * $last - $i));
            $rising = ($b * $b - $a * $a) / 2;
            $hats[$i] += ($b - $a - $rising) / $last;
            $hats[$i + 1] += $rising / $last;
        }

        return array_values($hats);
    }
}
