<?php

declare(strict_types=1);

namespace Sectum\Practise\Cuts;

use Sectum\Portion\FilletGuess;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Portion\Shape\ShapeFit;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;

/**
 * A side to be cut whose true shape is up to a tenth off its table, smoothly along its length. The learner sees the
 * table and what the scale says of each piece; the plan is made again from the knife's place after each.
 *
 * Judged by half in money against the best plan of the true shape, pieces in their band at their dish's value and all
 * else as trim, and by half by how near the pieces came; a side left whole scores nothing.
 */
final readonly class CutsDrill
{
    /** How far the true mass per length is off the table at most. */
    private const OFF = 0.1;

    /** The scale's step, grams. */
    public const STEP = 1.0;

    public const TRIM_PER_KG = 9.0;

    private const STATIONS = 40;

    /** What the money counts; the rest is how near the pieces came to their band. */
    private const MONEY = 0.5;

    /** A piece this share of its target off its band came nowhere near. */
    private const FAR_OFF = 0.1;

    /** Pieces a side takes. */
    public const MOST_CUTS = 30;

    /** Nobody cuts thinner, cm. */
    private const THINNEST_CM = 0.2;

    private const DISHES = [
        ['target' => 170.0, 'minus' => 6.0, 'plus' => 8.0, 'value' => 6.2],
        ['target' => 160.0, 'minus' => 6.0, 'plus' => 8.0, 'value' => 5.9],
        ['target' => 140.0, 'minus' => 5.0, 'plus' => 7.0, 'value' => 5.2],
        ['target' => 120.0, 'minus' => 5.0, 'plus' => 6.0, 'value' => 4.5],
    ];

    private function __construct(
        public string $shape,
        public FilletOnBoard $table,
        private FilletOnBoard $true,
        public Kind $dish,
    ) {
    }

    public static function drawn(Dice $dice, string $shape): self
    {
        $dice = $dice->for('cuts');
        $table = FilletShape::named($shape);
        $grams = round($dice->between(900, 1700));
        $usual = FilletGuess::of($shape, $grams);
        $dish = $dice->one(self::DISHES);
        $square = round(0.027 * $grams);
        $side = fn (FilletShape $of): FilletOnBoard => new FilletOnBoard(
            $of,
            $grams,
            $usual->lengthCm,
            $usual->thicknessMm,
            $square,
            FilletGuess::TAIL_MM,
        );

        return new self(
            $shape,
            $side($table),
            $side(self::off($dice, $table)),
            new Kind('plate', $dish['target'], $dish['minus'], $dish['plus'], $dish['value']),
        );
    }

    /** The table with every place up to a tenth heavier or lighter, in three waves along the length. */
    private static function off(Dice $dice, FilletShape $table): FilletShape
    {
        $waves = array_map(
            fn (int $k): array => [$dice->between(-1, 1) / $k, $dice->between(0, 2 * M_PI), $k],
            [1, 2, 3],
        );
        $off = array_map(
            fn (int $j): float => array_sum(array_map(
                fn (array $wave): float => $wave[0] * cos(($wave[2] * M_PI * $j) / self::STATIONS + $wave[1]),
                $waves,
            )),
            range(0, self::STATIONS),
        );
        $most = max(array_map(abs(...), $off));
        [$mass, $thickness] = [[], []];
        foreach ($off as $j => $one) {
            $x = $j / self::STATIONS;
            $mass[] = $table->massPerLengthAt($x) * (1 + (self::OFF * $one) / max(1e-9, $most));
            $thickness[] = $table->thicknessAt($x);
        }

        return FilletShape::of($mass, $thickness);
    }

    /**
     * What the scale says of a piece.
     *
     * @param  list<float>  $cuts  cm from the head end, of all cuts before
     * @param  float  $to  where the knife goes next
     * @return float grams
     *
     * @throws BadDrill when the knife stands before the last cut, beyond the tail, or shaves
     */
    public function weighs(array $cuts, float $to): float
    {
        $from = $cuts === [] ? 0.0 : $cuts[count($cuts) - 1];
        count($cuts) < self::MOST_CUTS || throw new BadDrill('No side takes that many cuts.', count($cuts), '/cm');
        ($to >= $from + self::THINNEST_CM && $to <= $this->true->lengthCm) ||
            throw new BadDrill('Cut between the last cut and the tail.', $to, '/cm');

        return max(
            self::STEP,
            round(($this->true->gramsUpTo($to) - $this->true->gramsUpTo($from)) / self::STEP) * self::STEP,
        );
    }

    /**
     * The plan from the knife's place on: the table drawn towards what the pieces weighed.
     *
     * @param  list<float>  $cuts  cm from the head end
     */
    public function planFrom(array $cuts): PortionPlan
    {
        $measured = $this->measured($cuts);
        $left = $this->table->massGrams;
        foreach ($measured as $cut) {
            $left -= $cut->grams;
        }
        if ($cuts === []) {
            return PortionPlan::fit($this->table, [$this->dish], self::TRIM_PER_KG);
        }
        $knife = $cuts[count($cuts) - 1];
        if ($left < $this->dish->targetGrams - $this->dish->minusGrams || $knife >= $this->table->tailCutCm()) {
            return PortionPlan::none($this->table, self::TRIM_PER_KG);
        }
        $shape = ShapeFit::of($this->table->shape, $measured, $this->table->massGrams, $this->table->lengthCm);
        $ahead = FilletOnBoard::ahead(
            $shape,
            $knife,
            $left,
            $this->table->lengthCm,
            $this->table->thicknessMm,
            FilletGuess::TAIL_MM,
        );

        return $ahead->availableGrams() < $this->dish->targetGrams - $this->dish->minusGrams
            ? PortionPlan::none($ahead, self::TRIM_PER_KG)
            : PortionPlan::fit($ahead, [$this->dish], self::TRIM_PER_KG);
    }

    /**
     * @param  list<float>  $cuts
     * @return list<MeasuredCut>
     */
    public function measured(array $cuts): array
    {
        $measured = [];
        $from = 0.0;
        foreach ($cuts as $i => $cut) {
            $measured[] = new MeasuredCut($from, $cut, $this->weighs(array_slice($cuts, 0, $i), $cut), self::STEP);
            $from = $cut;
        }

        return $measured;
    }

    /** The best anybody could have cut. */
    public function best(): PortionPlan
    {
        return PortionPlan::fit($this->true, [$this->dish], self::TRIM_PER_KG);
    }

    /**
     * The first cut squares the head end off: what it takes is no portion.
     *
     * @param  list<float>  $cuts  cm from the head end, in order
     */
    public function judged(array $cuts): CutsResult
    {
        $pieces = $this->measured($cuts);
        $portions = $this->portions($pieces);
        $in = count($portions);
        $over = array_sum(array_map(
            fn (MeasuredCut $one): float => max(0.0, $one->grams - $this->dish->targetGrams),
            $portions,
        ));
        $grams = array_sum(array_map(fn (MeasuredCut $one): float => $one->grams, $portions));
        $value = $this->valueOf($portions);
        $best = $this->portions($this->measured(self::marks($this->best())));
        $whole = $this->valueOf([]);
        $most = max($this->valueOf($best), $whole + 0.01);

        $money = min(1.0, max(0.0, ($value - $whole) / ($most - $whole)));

        return new CutsResult(
            100 * (self::MONEY * $money + (1 - self::MONEY) * $this->nearness(array_slice($pieces, 1), count($best))),
            $pieces,
            $in,
            count($best),
            $value,
            $most,
            $over,
            $this->true->massGrams - $grams,
            $this->evenness($portions),
        );
    }

    public function isInBand(float $grams): bool
    {
        return $grams >= $this->dish->targetGrams - $this->dish->minusGrams &&
            $grams <= $this->dish->targetGrams + $this->dish->plusGrams;
    }

    /**
     * Where a plan's cuts are, the squaring first.
     *
     * @return list<float> cm from the head end
     */
    public static function marks(PortionPlan $plan): array
    {
        return $plan->pieces === []
            ? []
            : [
                $plan->pieces[0]->fromCm,
                ...array_map(fn (PlannedPiece $piece): float => $piece->toCm, $plan->pieces),
            ];
    }

    /**
     * @param  list<MeasuredCut>  $pieces
     * @return list<MeasuredCut>
     */
    private function portions(array $pieces): array
    {
        return array_values(array_filter(
            array_slice($pieces, 1),
            fn (MeasuredCut $one): bool => $this->isInBand($one->grams),
        ));
    }

    /** @param  list<MeasuredCut>  $portions */
    private function valueOf(array $portions): float
    {
        $grams = array_sum(array_map(fn (MeasuredCut $one): float => $one->grams, $portions));

        return count($portions) * $this->dish->value +
            (self::TRIM_PER_KG * ($this->true->massGrams - $grams)) / 1000;
    }

    /**
     * How near the pieces came to their band: 1 for all in it, and nothing for one that is off by a tenth of its
     * target. Portions nobody cut came nowhere near.
     *
     * @param  list<MeasuredCut>  $pieces
     */
    private function nearness(array $pieces, int $possible): float
    {
        $near = array_map(
            function (MeasuredCut $one): float {
                $off = max(
                    $this->dish->targetGrams - $this->dish->minusGrams - $one->grams,
                    $one->grams - $this->dish->targetGrams - $this->dish->plusGrams,
                    0.0,
                );

                return max(0.0, 1 - $off / (self::FAR_OFF * $this->dish->targetGrams));
            },
            $pieces,
        );

        return array_sum($near) / max(1, $possible, count($pieces));
    }

    /**
     * How unevenly the portions cook: thickest to thinnest, squared; 1 for fewer than two.
     *
     * @param  list<MeasuredCut>  $portions
     */
    private function evenness(array $portions): float
    {
        $thick = array_map(
            fn (MeasuredCut $one): float => $this->true->thicknessMm *
                $this->true->shape->thicknessAt(($one->fromCm + $one->toCm) / 2 / $this->true->lengthCm),
            $portions,
        );

        return count($thick) < 2 ? 1.0 : (max($thick) / max(0.1, min($thick))) ** 2;
    }
}
