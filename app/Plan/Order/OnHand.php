<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use App\Portion\CutPlan\Cut;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\ExpectedSides;
use Sectum\Hold\Kept\KeptState;
use Sectum\Measure\Mass;
use Sectum\Portion\Together\UncutPortions;
use Sectum\Portion\Together\UncutSides;

/** What need not be bought: portions that are kept and in date, and fish that lies in the house uncut. */
final readonly class OnHand
{
    /**
     * What is kept of some dishes and in date on a day, the one that ends first in front.
     *
     * @param  list<string>  $dishes
     * @return list<Row> dish_id, until, there
     */
    public static function lots(array $dishes, string $day): array
    {
        return Row::all(
            KeptTray::rows()
                ->whereIn('dish_id', $dishes)
                ->where('state', '!=', KeptState::Frozen->value)
                ->where('until', '>=', $day)
                ->orderBy('until')
                ->select(['dish_id', 'until'])
                ->selectRaw(
                    'count - (select coalesce(sum(count), 0) from kept_leavings where lot_id = kept_lots.id) as there',
                )
                ->get(),
        );
    }

    /**
     * Portions of a dish that are kept, as far as they are in date on a day that wants them.
     *
     * @param  list<Row>  $lots  as they are given above
     * @param  array<string, float>  $wanted  portions by day, in order
     */
    public static function kept(string $dish, array $lots, array $wanted): int
    {
        $used = 0;
        foreach ($lots as $lot) {
            if ($lot->text('dish_id') !== $dish) {
                continue;
            }
            $until = $lot->text('until');
            $days = array_filter($wanted, fn (string $day): bool => $day <= $until, ARRAY_FILTER_USE_KEY);
            $used += min((int) $lot->number('there'), max(0, (int) floor(array_sum($days)) - $used));
        }

        return $used;
    }

    /**
     * Portions of a dish that the fish in the house give with some certainty, were they cut for it.
     *
     * @param  string  $day  those that end before it do not count
     * @return array{portions: int, fish: int}
     */
    public static function uncut(Dish $dish, string $day): array
    {
        $fish = Fish::forTheBench()
            ->whereIn('stage', [Stage::BreakDown->value, Stage::Portion->value])
            ->where('species_id', $dish->species_id)
            ->where(fn ($ends) => $ends->whereNull('keeps_until')->orWhere('keeps_until', '>=', $day))
            ->orderBy('number')
            ->get();
        Cut::ofAll($fish);
        $sides = array_values(array_filter(array_map(self::sides(...), $fish->all())));

        return [
            'portions' => $sides === []
                ? 0
                : UncutPortions::of($sides, $dish->band()->target->grams())->sure,
            'fish' => count($sides),
        ];
    }

    private static function sides(Fish $fish): ?UncutSides
    {
        if ($fish->stage === Stage::BreakDown) {
            return ExpectedSides::of($fish);
        }
        $fillets = CutFrom::fillets($fish);
        $left = Mass::sum(array_map(fn (Piece $fillet): Mass => Cut::left($fish, $fillet), $fillets));

        return $left->isPositive() ? new UncutSides($left->grams(), 0.0, max(1, count($fillets))) : null;
    }
}
