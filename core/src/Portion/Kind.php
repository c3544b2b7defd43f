<?php

declare(strict_types=1);

namespace Sectum\Portion;

/**
 * A kind of portion that is asked for: its weight and band, what it is worth, and which stretch of a fillet suits it.
 */
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
     * @param  float|null  $fromShare  before which its middle may not lie, as a share of the fillet's length; null for
     *     anywhere
     * @param  float|null  $toShare  beyond which its middle may not lie, more than the former; null for anywhere
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
        public ?float $fromShare = null,
        public ?float $toShare = null,
    ) {
        ($targetGrams > 0 && is_finite($targetGrams)) ||
            throw new BadFillet('A portion weighs more than nothing.', $targetGrams, '/target_g');
        ($minusGrams >= 0 && $minusGrams < $targetGrams) ||
            throw new BadFillet('The band is wider than the portion.', $minusGrams, '/minus_g');
        $minMm === null ||
            $maxMm === null ||
            $minMm <= $maxMm ||
            throw new BadFillet(
                'The thinnest it may be is more than the thickest: nothing suits.',
                $minMm,
                '/min_thickness_mm',
            );
        ($fromShare ?? 0) < ($toShare ?? 1) ||
            throw new BadFillet('The stretch ends before it begins: nothing suits.', $fromShare, '/from_share');
        ($value >= 0 && is_finite($value)) ||
            throw new BadFillet('A portion is worth nothing or more.', $value, '/value');
    }

    /** The same kind, aimed at another weight: where a hand that scatters should aim. */
    public function aimedAt(float $grams): self
    {
        $more = $grams - $this->targetGrams;

        return $this->with($grams, max(0.0, $this->minusGrams + $more), max(0.0, $this->plusGrams - $more), $this->max);
    }

    /** The same kind, cut heavier by a factor of 1 or more: what it loses before it is served is on it still. */
    public function grown(float $by): self
    {
        return $this->with($this->targetGrams * $by, $this->minusGrams * $by, $this->plusGrams * $by, $this->max);
    }

    /** The same kind, no more than so many of it. */
    public function atMost(int $max): self
    {
        return $this->with($this->targetGrams, $this->minusGrams, $this->plusGrams, $max);
    }

    /** The same kind, worth something else. */
    public function valued(float $value): self
    {
        return $this->with($this->targetGrams, $this->minusGrams, $this->plusGrams, $this->max, $value);
    }

    private function with(float $target, float $minus, float $plus, ?int $max, ?float $value = null): self
    {
        return new self(
            $this->id,
            $target,
            $minus,
            $plus,
            $value ?? $this->value,
            $max,
            $this->minMm,
            $this->maxMm,
            $this->minEvenness,
            $this->fromShare,
            $this->toShare,
        );
    }

    /**
     * Whether the middle of a piece between two points of the fillet's length, 0 to 1, lies in the stretch that suits.
     */
    public function reaches(float $from, float $to): bool
    {
        $middle = ($from + $to) / 2;

        return $middle >= ($this->fromShare ?? 0.0) - 1e-9 && $middle <= ($this->toShare ?? 1.0) + 1e-9;
    }

    /** Whether a piece of this thickness suits. */
    public function suits(float $thinnestMm, float $thickestMm): bool
    {
        return ($this->minMm === null || $thinnestMm >= $this->minMm) &&
            ($this->maxMm === null || $thickestMm <= $this->maxMm) &&
            ($this->minEvenness === null || $thinnestMm >= $this->minEvenness * $thickestMm);
    }
}
