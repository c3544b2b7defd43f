<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** A kind of portion that is asked for: its weight and band, what it is worth, and which stretch of a fillet suits it. */
final readonly class Kind
{
    /**
     * @param  float  $targetGrams  above 0
     * @param  float  $minusGrams  how far it may shrink, 0 or more and below the target
     * @param  float  $value  of one, in any money; 0 or more
     * @param  int|null  $max  at most so many; null for no end
     * @param  float|null  $minMm  thinnest it may be anywhere
     * @param  float|null  $maxMm  thickest it may be anywhere
     * @param  float|null  $minEvenness  thinnest over thickest within the piece, 0 to 1
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(
        public string $id,
        public float $targetGrams,
        public float $minusGrams,
        public float $plusGrams,
        public float $value,
        public ?int $max = null,
        public ?float $minMm = null,
        public ?float $maxMm = null,
        public ?float $minEvenness = null,
    ) {
        $targetGrams > 0 && is_finite($targetGrams) || throw new BadFillet('A portion weighs more than nothing.', $targetGrams, '/target_g');
        $minusGrams >= 0 && $minusGrams < $targetGrams || throw new BadFillet('The band is wider than the portion.', $minusGrams, '/minus_g');
        $value >= 0 && is_finite($value) || throw new BadFillet('A portion is worth nothing or more.', $value, '/value');
    }

    /** Whether a piece of this thickness suits. */
    public function suits(float $thinnestMm, float $thickestMm): bool
    {
        return ($this->minMm === null || $thinnestMm >= $this->minMm)
            && ($this->maxMm === null || $thickestMm <= $this->maxMm)
            && ($this->minEvenness === null || $thinnestMm >= $this->minEvenness * $thickestMm);
    }
}
