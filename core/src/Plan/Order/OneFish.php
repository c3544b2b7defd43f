<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Math\Counted;
use Sectum\Math\Spread;

/**
 * What one fish of an offer gives, for each way its lot may be.
 *
 * Its mass is anywhere in the grade; its yield is what all fish of the lot have in common and what is its own.
 */
final readonly class OneFish
{
    private const MASSES = 41;

    private const LOTS = 21;

    private const OWN = 21;

    /** @param  list<non-empty-list<float>>  $available  by way of the lot, equally likely: flesh of a side, grams */
    private function __construct(public array $available)
    {
    }

    public static function of(Offer $offer, Cut $cut): self
    {
        $masses = Spread::uniform($offer->fromGrams, $offer->toGrams, self::MASSES);
        $own = Spread::normal(0.0, $offer->fishSdPct, self::OWN);
        $all = [];
        foreach (Spread::normal($offer->yieldPct, $offer->lotSdPct, self::LOTS) as $lot) {
            $sides = [];
            foreach ($masses as $mass) {
                foreach ($own as $more) {
                    $sides[] = $cut->available($mass, $lot + $more);
                }
            }
            $all[] = $sides === [] ? [0.0] : $sides;
        }

        return new self($all);
    }

    /** @return list<Counted> portions of the whole fish, by way of the lot */
    public function portions(Cut $cut): array
    {
        return array_map(function (array $sides) use ($cut): Counted {
            $chances = [];
            foreach ($sides as $available) {
                $portions = $cut->sides * Cut::portionsIn($available, $cut->targetGrams);
                $chances[$portions] = ($chances[$portions] ?? 0.0) + 1 / count($sides);
            }
            $most = max(array_keys($chances));

            return new Counted(array_map(fn (int $n): float => $chances[$n] ?? 0.0, range(0, $most)));
        }, $this->available);
    }
}
