<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** A fillet cut where the cutter's own marks are, instead of where the planner would cut: what each piece would be. */
final readonly class OwnMarks
{
    /**
     * @param  list<PlannedPiece>  $pieces  between one mark and the next; the kind is "" for what suits none
     * @param  array<string, int>  $counts  by kind
     * @param  float  $leftOverGrams  before the first mark, beyond the last, and what suits no kind
     */
    private function __construct(
        public array $pieces,
        public array $counts,
        public float $value,
        public float $leftOverGrams,
    ) {
    }

    /**
     * @param  list<float>  $marksCm  rising, from where it is squared off to where the last piece ends
     * @param  list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth
     *
     * @throws BadFillet when the marks do not rise or leave the fillet
     */
    public static function of(FilletOnBoard $fillet, array $marksCm, array $kinds, float $trimPerKg): self
    {
        $before = -1e-9;
        foreach ($marksCm as $i => $mark) {
            ($mark > $before && $mark <= $fillet->lengthCm + 1e-6) ||
                throw new BadFillet(
                    'The marks go from the head end to the tail, each beyond the one before.',
                    $mark,
                    "/marks_cm/{$i}",
                );
            $before = $mark;
        }
        $counts = array_fill_keys(array_map(fn (Kind $kind): string => $kind->id, $kinds), 0);
        $pieces = [];
        $value = $served = 0.0;
        for ($i = 1; $i < count($marksCm); $i++) {
            [$from, $to] = [$fillet->gramsUpTo($marksCm[$i - 1]), $fillet->gramsUpTo($marksCm[$i])];
            $kind = self::kindOf($to - $from, $kinds);
            $mm = $fillet->thickness($from, $to);
            $pieces[] = new PlannedPiece(
                $kind === null ? '' : $kind->id,
                $marksCm[$i - 1],
                $marksCm[$i],
                $to - $from,
                $mm->thin,
                $mm->thick,
            );
            if ($kind !== null) {
                $counts[$kind->id]++;
                $value += $kind->value;
                $served += $to - $from;
            }
        }

        return new self(
            $pieces,
            $counts,
            $value + ($trimPerKg * ($fillet->massGrams - $served)) / 1000,
            $fillet->massGrams - $served,
        );
    }

    /**
     * The dearest kind whose band it is in.
     *
     * @param  list<Kind>  $kinds
     */
    private static function kindOf(float $grams, array $kinds): ?Kind
    {
        $best = null;
        foreach ($kinds as $kind) {
            $fits =
                $grams >= $kind->targetGrams - $kind->minusGrams - 1e-6 &&
                $grams <= $kind->targetGrams + $kind->plusGrams + 1e-6;
            $best = $fits && ($best === null || $kind->value > $best->value) ? $kind : $best;
        }

        return $best;
    }
}
