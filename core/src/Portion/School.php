<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** How a house uses a fillet once it is squared off. */
enum School: string
{
    case Exact = 'exact';
    case Fit = 'fit';
    case EvenShare = 'share';

    /**
     * Pieces follow one another without gaps; only where a dish is bound to the tail and everything before it is cut or
     * wanted no more, a stretch may be left between.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public function plan(FilletOnBoard $fillet, array $kinds, float $trimPerKg): PortionPlan
    {
        $best = $this->inOne($fillet, $kinds, $trimPerKg);
        $late = array_values(array_filter($kinds, fn (Kind $kind): bool => $kind->fromShare !== null));
        if ($late === []) {
            return $best;
        }
        $early = array_values(array_filter($kinds, fn (Kind $kind): bool => $kind->fromShare === null));
        $before = $early === []
            ? PortionPlan::none($fillet, $trimPerKg)
            : $this->inOne($fillet, $early, $trimPerKg);
        $cut = $fillet->squareHeadGrams + ($fillet->massGrams - $before->leftOverGrams);
        foreach ($late as $first) {
            $from = self::firstPlace($fillet, $first, $cut);
            if ($from === null) {
                continue;
            }
            $apart = $before->then($this->inOne($fillet->squaredTo($from), $late, $trimPerKg), $trimPerKg);
            $best = $apart->value > $best->value + 1e-7 ? $apart : $best;
        }

        return $best;
    }

    /** The first place from a mass on where a piece of a kind lies in its stretch; null when it has none. */
    private static function firstPlace(FilletOnBoard $fillet, Kind $kind, float $from): ?float
    {
        $middle = fn (float $at): float => ($fillet->shareOfLength($at) +
            $fillet->shareOfLength($at + $kind->targetGrams)) / 2;
        [$low, $high] = [$from, $fillet->endGrams - $kind->targetGrams];
        if ($high < $low || $middle($high) < ($kind->fromShare ?? 0.0)) {
            return null;
        }
        for ($i = 0; $i < 50 && $middle($low) < ($kind->fromShare ?? 0.0); $i++) {
            $half = ($low + $high) / 2;
            if ($middle($half) < ($kind->fromShare ?? 0.0)) {
                $low = $half;
            } else {
                $high = $half;
            }
        }

        return $middle($low) < ($kind->fromShare ?? 0.0) ? $high : $low;
    }

    /** @param  non-empty-list<Kind>  $kinds */
    private function inOne(FilletOnBoard $fillet, array $kinds, float $trimPerKg): PortionPlan
    {
        return match ($this) {
            self::Exact => PortionPlan::exact($fillet, $kinds, $trimPerKg),
            self::Fit => PortionPlan::fit($fillet, $kinds, $trimPerKg),
            self::EvenShare => PortionPlan::evenShare($fillet, $kinds, $trimPerKg),
        };
    }
}
