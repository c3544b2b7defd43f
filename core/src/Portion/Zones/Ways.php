<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

use LogicException;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\School;

/**
 * Belly and tail taken off before the cuts, off every portion afterwards, or left on: what each costs in portions,
 * money and evenness, all by the same exact search.
 *
 * Taken off before, a belly is one piece and worth what a belly is; taken off afterwards it comes in as many bits as
 * there are portions and is worth trim, and the portions are cut heavier by its share. A tail taken off afterwards is
 * the last portion's own loss: the same cuts as before.
 */
final readonly class Ways
{
    /** @param  list<Way>  $all  nine, belly by tail */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  FilletOnBoard  $fillet  as it lies there, belly on, its tail cut where the tail would come off
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  0 or more
     * @param  float  $bellyPerKg  what a kilo of belly in one piece brings, 0 or more
     */
    public static function of(
        FilletOnBoard $fillet,
        array $kinds,
        School $school,
        BellyFlap $flap,
        float $trimPerKg,
        float $bellyPerKg,
    ): self {
        $ways = [];
        foreach (TakenOff::cases() as $belly) {
            $side = self::side($fillet, $belly, $flap);
            $asked = $belly === TakenOff::After ? self::heavier($kinds, $flap->share) : $kinds;
            $bellyGrams = $belly === TakenOff::Before ? $fillet->massGrams * $flap->share : 0.0;
            // Off first, or off the last portion: the same cuts.
            foreach ([[TakenOff::Before, TakenOff::After], [TakenOff::LeftOn]] as $tails) {
                $on = $tails === [TakenOff::LeftOn] ? self::wholeLength($side) : $side;
                $plan = $school->plan($on, $asked, $trimPerKg);
                $portions = $plan->portions();
                $cut = array_sum(array_map(fn (PlannedPiece $one): float => $one->massGrams, $portions));
                $trimmed = $belly === TakenOff::After ? $flap->share * $cut : 0.0;
                foreach ($tails as $tail) {
                    $ways[] = new Way(
                        $belly,
                        $tail,
                        $portions,
                        $plan->value + ($bellyPerKg * $bellyGrams + $trimPerKg * $trimmed) / 1000,
                        self::worst($portions, $on, $belly === TakenOff::LeftOn ? $flap : null),
                        $plan->leftOverGrams + $trimmed,
                    );
                }
            }
        }

        return new self($ways);
    }

    public function at(TakenOff $belly, TakenOff $tail): Way
    {
        foreach ($this->all as $way) {
            if ($way->belly === $belly && $way->tail === $tail) {
                return $way;
            }
        }
        throw new LogicException('Every way is worked out.');
    }

    /** What is laid on the board when the belly leaves it so. */
    public static function side(FilletOnBoard $fillet, TakenOff $belly, BellyFlap $flap): FilletOnBoard
    {
        return match ($belly) {
            TakenOff::Before => new FilletOnBoard(
                $flap->off($fillet->shape),
                $fillet->massGrams * (1 - $flap->share),
                $fillet->lengthCm,
                $fillet->thicknessMm,
                min($fillet->squareHeadGrams, $fillet->massGrams * (1 - $flap->share) * 0.99),
                $fillet->minTailMm,
            ),
            TakenOff::After, TakenOff::LeftOn => $fillet,
        };
    }

    /**
     * Portions that are cut with their belly on and weigh right without it.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return non-empty-list<Kind>
     */
    public static function heavier(array $kinds, float $share): array
    {
        return array_map(fn (Kind $kind): Kind => $kind->grown(1 / (1 - $share)), $kinds);
    }

    private static function wholeLength(FilletOnBoard $fillet): FilletOnBoard
    {
        return new FilletOnBoard(
            $fillet->shape,
            $fillet->massGrams,
            $fillet->lengthCm,
            $fillet->thicknessMm,
            $fillet->squareHeadGrams,
        );
    }

    /** @param  list<PlannedPiece>  $pieces */
    private static function worst(array $pieces, FilletOnBoard $fillet, ?BellyFlap $flap): ?float
    {
        $worst = null;
        foreach ($pieces as $piece) {
            $hasFlap = $flap?->reaches($piece->fromCm / $fillet->lengthCm, $piece->toCm / $fillet->lengthCm) ?? false;
            $thin = $hasFlap ? min($piece->thinnestMm, BellyFlap::THIN * $fillet->thicknessMm) : $piece->thinnestMm;
            $worst = max($worst ?? 0.0, $thin > 0 ? ($piece->thickestMm / $thin) ** 2 : INF);
        }

        return $worst;
    }
}
