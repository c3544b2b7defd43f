<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Hold\Kept\KeptTray;
use App\Portion\CutPlan\Cut;
use App\Portion\Tonight\ExpectedSides;
use Sectum\Hold\Kept\KeptState;
use Sectum\Measure\Mass;
use Sectum\Portion\Together\UncutSides;

/** What need not be bought: portions that are kept and in date, and fish that lies in the house uncut. */
final readonly class OnHand
{
    /**
     * What is kept of some dishes and in date on a day, the tray that ends first in front.
     *
     * @param  list<string>  $dishes
     * @return list<KeptTray>
     */
    public static function trays(array $dishes, string $day): array
    {
        $there = KeptTray::there()
            ->whereIn('dish_id', $dishes)
            ->where('state', '!=', KeptState::Frozen->value)
            ->where('until', '>=', $day)
            ->get();

        return array_values($there->all());
    }

    /**
     * Portions of a dish that are kept, as far as they are in date on a day that wants them.
     *
     * @param  list<KeptTray>  $trays  as they are given above
     * @param  array<string, float>  $wanted  portions by day, in order
     */
    public static function kept(string $dish, array $trays, array $wanted): int
    {
        $used = 0;
        foreach ($trays as $tray) {
            if ($tray->dish_id === $dish) {
                $days = array_filter($wanted, fn (string $day): bool => $day <= $tray->until, ARRAY_FILTER_USE_KEY);
                $used += min($tray->left(), max(0, (int) floor(array_sum($days)) - $used));
            }
        }

        return $used;
    }

    /**
     * The fillets of fish that lies uncut, or is cut in part, and keeps until a day.
     *
     * @param  list<string>  $species
     * @return array<string, non-empty-list<UncutSides>> by species
     */
    public static function uncut(array $species, string $day): array
    {
        $fish = Fish::toBeCut()
            ->where('stage', '!=', Stage::Receive)
            ->whereIn('species_id', $species)
            ->filter(fn (Fish $one): bool => $one->keeps_until === null || $one->keeps_until >= $day);
        Cut::ofAll($fish);
        $uncut = [];
        foreach ($fish as $one) {
            $sides = self::sides($one);
            if ($sides !== null) {
                $uncut[$one->species_id][] = $sides;
            }
        }

        return $uncut;
    }

    /** The fillets a fish should give, or what is left of them on the portion bench; null when nothing is. */
    public static function sides(Fish $fish): ?UncutSides
    {
        if ($fish->stage !== Stage::Portion) {
            return ExpectedSides::of($fish);
        }
        $fillets = CutFrom::fillets($fish);
        $left = Mass::sum(array_map(fn (Piece $fillet): Mass => Cut::left($fish, $fillet), $fillets));

        return $left->isPositive() ? new UncutSides($left->grams(), 0.0, max(1, count($fillets))) : null;
    }
}
