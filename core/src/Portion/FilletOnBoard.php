<?php

declare(strict_types=1);

namespace Sectum\Portion;

/**
 * A fillet as it lies there: its mass and size on its shape, squared off at the head, and where its tail is cut off.
 */
final readonly class FilletOnBoard
{
    /** Density of flesh. Handbook. */
    public const GRAMS_PER_CM3 = 1.05;

    /** How much of the box around it a fillet's section fills. Our estimate; it only draws. */
    private const FILLS = 0.8;

    /** Grams from the head end to the tail cut. */
    public float $endGrams;

    /**
     * @param  float  $massGrams  above 0
     * @param  float  $lengthCm  above 0, up to two metres
     * @param  float  $thicknessMm  greatest, above 0, up to 300
     * @param  float  $squareHeadGrams  cut off first, 0 or more
     * @param  float  $minTailMm  where the tail is cut off, 0 for nowhere
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(
        public FilletShape $shape,
        public float $massGrams,
        public float $lengthCm,
        public float $thicknessMm,
        public float $squareHeadGrams = 0.0,
        public float $minTailMm = 0.0,
    ) {
        ($massGrams > 0 && $massGrams <= 100_000) ||
            throw new BadFillet('A fillet weighs more than nothing and up to 100 kg.', $massGrams, '/fillet/mass_g');
        ($lengthCm > 0 && $lengthCm <= 200) ||
            throw new BadFillet('A fillet is up to two metres long.', $lengthCm, '/fillet/length_cm');
        ($thicknessMm > 0 && $thicknessMm <= 300) ||
            throw new BadFillet('A fillet is up to 300 mm thick.', $thicknessMm, '/fillet/thickness_mm');
        ($squareHeadGrams >= 0 && $squareHeadGrams < $massGrams) ||
            throw new BadFillet('What is squared off is less than the fillet.', $squareHeadGrams, '/square_head_g');
        $this->endGrams = max(
            $squareHeadGrams,
            $massGrams * $shape->massUpTo($shape->lastThick($minTailMm / $thicknessMm)),
        );
    }

    /**
     * The same fillet once some of it was cut off: the knife stands somewhere, so much lies ahead of it, and the rest
     * of the table is scaled to that.
     *
     * What lies behind counts as squared off, so that every place still is where it was.
     *
     * @param  float  $knifeCm  from the head end
     * @param  float  $aheadGrams  still ahead, above 0
     *
     * @throws BadFillet when the knife is past the tail end or nothing is ahead
     */
    public static function ahead(
        FilletShape $shape,
        float $knifeCm,
        float $aheadGrams,
        float $lengthCm,
        float $thicknessMm,
        float $minTailMm,
    ): self {
        $behind = $shape->massUpTo($knifeCm / $lengthCm);
        ($aheadGrams > 0 && $behind < 1) ||
            throw new BadFillet('Nothing of this fillet is left to cut.', $aheadGrams, '/ahead_g');
        $whole = $aheadGrams / (1 - $behind);

        return new self($shape, $whole, $lengthCm, $thicknessMm, $whole * $behind, $minTailMm);
    }

    /** The same fillet with everything up to a mass counted as squared off. */
    public function squaredTo(float $grams): self
    {
        return new self(
            $this->shape,
            $this->massGrams,
            $this->lengthCm,
            $this->thicknessMm,
            $grams,
            $this->minTailMm,
        );
    }

    public function availableGrams(): float
    {
        return $this->endGrams - $this->squareHeadGrams;
    }

    public function tailCutCm(): float
    {
        return $this->lengthCm * $this->shape->where($this->endGrams / $this->massGrams);
    }

    /** Where the knife stands when so much lies behind it, head end included. */
    public function cm(float $grams): float
    {
        return $this->lengthCm * $this->shareOfLength($grams);
    }

    /** The same as a share of the length, 0 to 1. */
    public function shareOfLength(float $grams): float
    {
        return $this->shape->where($grams / $this->massGrams);
    }

    /** Its section at a place, cm²: grams for a centimetre there over the density of flesh. */
    public function sectionCm2(float $cm): float
    {
        return ($this->massGrams * $this->shape->massPerLengthAt($cm / $this->lengthCm)) /
            ($this->lengthCm * self::GRAMS_PER_CM3);
    }

    /** The smallest section between two places, cm²: at one of them, or where the table bends between. */
    public function leastSectionCm2(float $fromCm, float $toCm): float
    {
        $least = min($this->sectionCm2($fromCm), $this->sectionCm2($toCm));
        $last = count($this->shape->stations()) - 1;
        for ($i = (int) floor(($fromCm / $this->lengthCm) * $last) + 1; $i < ($toCm / $this->lengthCm) * $last; $i++) {
            $least = min($least, $this->sectionCm2(($i / $last) * $this->lengthCm));
        }

        return $least;
    }

    /** How wide it is at a place, cm: what its mass and thickness there leave, for a drawing to scale. */
    public function widthCm(float $cm): float
    {
        $heightCm = ($this->thicknessMm / 10) * $this->shape->thicknessAt($cm / $this->lengthCm);

        return $this->sectionCm2($cm) / (self::FILLS * $heightCm);
    }

    /** What lies before a place, grams; the inverse of `cm`. */
    public function gramsUpTo(float $cm): float
    {
        return $this->massGrams * $this->shape->massUpTo($cm / $this->lengthCm);
    }

    /** Grams that can be cut and are neither thinner nor thicker, in mm; a kind so bounded never gets more. */
    public function gramsWithin(?float $minMm, ?float $maxMm): float
    {
        return $this->massGrams *
            $this->shape->massWithin(
                ($minMm ?? 0) / $this->thicknessMm,
                ($maxMm ?? $this->thicknessMm) / $this->thicknessMm,
                $this->shape->where($this->squareHeadGrams / $this->massGrams),
                $this->shape->where($this->endGrams / $this->massGrams),
            );
    }

    /** In mm, of the stretch between two masses from the head end. */
    public function thickness(float $fromGrams, float $toGrams): Thicknesses
    {
        $shares = $this->shape->between(
            $this->shape->where($fromGrams / $this->massGrams),
            $this->shape->where($toGrams / $this->massGrams),
        );

        return new Thicknesses($shares->thin * $this->thicknessMm, $shares->thick * $this->thicknessMm);
    }
}
