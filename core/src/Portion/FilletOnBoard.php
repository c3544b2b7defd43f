<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** A fillet as it lies there: its mass and size on its shape, squared off at the head, and where its tail is cut off. */
final readonly class FilletOnBoard
{
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
        $massGrams > 0 && $massGrams <= 100_000 || throw new BadFillet('A fillet weighs more than nothing and up to 100 kg.', $massGrams, '/fillet/mass_g');
        $lengthCm > 0 && $lengthCm <= 200 || throw new BadFillet('A fillet is up to two metres long.', $lengthCm, '/fillet/length_cm');
        $thicknessMm > 0 && $thicknessMm <= 300 || throw new BadFillet('A fillet is up to 300 mm thick.', $thicknessMm, '/fillet/thickness_mm');
        $squareHeadGrams >= 0 && $squareHeadGrams < $massGrams || throw new BadFillet('What is squared off is less than the fillet.', $squareHeadGrams, '/square_head_g');
        $this->endGrams = max($squareHeadGrams, $massGrams * $shape->massUpTo($shape->lastThick($minTailMm / $thicknessMm)));
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
        return $this->lengthCm * $this->shape->where($grams / $this->massGrams);
    }

    /** Grams that can be cut and are neither thinner nor thicker, in mm; a kind so bounded never gets more. */
    public function gramsWithin(?float $minMm, ?float $maxMm): float
    {
        return $this->massGrams * $this->shape->massWithin(($minMm ?? 0) / $this->thicknessMm, ($maxMm ?? $this->thicknessMm) / $this->thicknessMm, $this->shape->where($this->squareHeadGrams / $this->massGrams), $this->shape->where($this->endGrams / $this->massGrams));
    }

    /** @return array{float, float} thinnest and thickest, in mm, of the stretch between two masses from the head end */
    public function thickness(float $fromGrams, float $toGrams): array
    {
        [$thin, $thick] = $this->shape->between($this->shape->where($fromGrams / $this->massGrams), $this->shape->where($toGrams / $this->massGrams));

        return [$thin * $this->thicknessMm, $thick * $this->thicknessMm];
    }
}
