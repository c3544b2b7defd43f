<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Portion\FilletShape;
use Sectum\Portion\Station;

/**
 * The house's own shape of a kind of fillet: the starting shape and the fillets cut here, averaged.
 *
 * Every fillet is fitted on its own, from the starting shape, so the order in which they came does not matter. The
 * starting shape counts as much as six fillets. What is averaged is mass per length, which is nowhere below nothing, so
 * the mass up to a point rises with it in the average too. Thickness is averaged over those that were measured.
 */
final readonly class HouseShape
{
    /** Fillets the starting shape counts for. Our estimate. */
    public const STARTS_AS = 6;

    /**
     * @param  int  $fillets  it was learned from
     * @param  int  $pieces  of them
     * @param  float|null  $beforePct  by how much pieces were off, on average, as the starting shape said; null without
     *     any
     * @param  float|null  $afterPct  the same as the house's shape says, each fillet judged by a shape it had no part
     *     in
     */
    private function __construct(
        public FilletShape $shape,
        public int $fillets,
        public int $pieces,
        public ?float $beforePct,
        public ?float $afterPct,
    ) {
    }

    /** @param  list<MeasuredFillet>  $fillets */
    public static function of(FilletShape $starting, array $fillets): self
    {
        $fillets = array_values(array_filter($fillets, fn (MeasuredFillet $fillet): bool => $fillet->cuts !== []));
        $stations = $starting->stations();
        $thickness = self::thickness($starting, $fillets);
        $masses = array_map(
            fn (MeasuredFillet $fillet): array => self::masses(
                ShapeFit::of($starting, $fillet->cuts, $fillet->massGrams, $fillet->lengthCm),
            ),
            $fillets,
        );
        $sum = array_map(fn (Station $station): float => self::STARTS_AS * $station->massPerLength, $stations);
        foreach ($masses as $mass) {
            $sum = array_map(fn (float $a, float $b): float => $a + $b, $sum, $mass);
        }
        $pieces = array_sum(array_map(fn (MeasuredFillet $fillet): int => count($fillet->cuts), $fillets));
        $before = $after = 0.0;
        foreach ($fillets as $i => $fillet) {
            $before += $fillet->offBy($starting);
            $without = array_map(fn (float $a, float $b): float => max(0.0, $a - $b), $sum, $masses[$i]);
            $after += $fillet->offBy(FilletShape::of($without, $thickness));
        }

        return new self(
            FilletShape::of($sum, $thickness),
            count($fillets),
            $pieces,
            $pieces === 0 ? null : (100 * $before) / $pieces,
            $pieces === 0 ? null : (100 * $after) / $pieces,
        );
    }

    /**
     * The starting thickness and that of the fillets somebody measured, averaged like their masses.
     *
     * @param  list<MeasuredFillet>  $fillets
     * @return list<float>
     */
    private static function thickness(FilletShape $starting, array $fillets): array
    {
        $thick = fn (FilletShape $shape, float $weight): array => array_map(
            fn (Station $station): float => $weight * $station->thickness,
            $shape->stations(),
        );
        $sum = $thick($starting, self::STARTS_AS);
        foreach ($fillets as $fillet) {
            if ($fillet->marks !== []) {
                $own = ThicknessFit::of($starting, $fillet->marks, $fillet->thicknessMm);
                $sum = array_map(fn (float $a, float $b): float => $a + $b, $sum, $thick($own, 1.0));
            }
        }

        return $sum;
    }

    /** @return list<float> */
    private static function masses(FilletShape $shape): array
    {
        return array_map(fn (Station $station): float => $station->massPerLength, $shape->stations());
    }
}
