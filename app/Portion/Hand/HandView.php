<?php

declare(strict_types=1);

namespace App\Portion\Hand;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\PortionCosts;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Yearly;

/** Where the hand should aim tonight for a dish, and what that gives away. */
final readonly class HandView
{
    /** @return Answer */
    public static function of(Hand $hand, Dish $dish, Words $words, ?Settings $prices, ?PortionCosts $costs): array
    {
        $aim = $hand->aim($dish->each());
        $yearly = $aim === null ? Yearly::of(0) : self::yearly($dish);
        $mean = $aim === null ? Mass::zero() : Mass::ofGrams(max(0.0, $aim->meanGiveawayGrams));

        return [
            'pieces' => $hand->pieces,
            'scatter' => $hand->sigmaGrams === null ? null : '± '.$words->text(Mass::ofGrams($hand->sigmaGrams)),
            'aim' => $aim === null ? null : $words->mass(Mass::ofGrams($aim->grams)),
            'under' => $aim === null ? null : (int) round($aim->underPct).' in 100',
            'over' => $aim === null ? null : (int) round($aim->overPct).' in 100',
            'gives_away' => $aim === null ? null : $words->text($mean),
            'yearly' => $yearly->portions,
            'yearly_cost' => $aim === null || $prices === null || $costs === null || $yearly->portions === 0
                    ? null
                    : $costs->edible->times($yearly->over($mean))->orNothing()->print(),
            'guess_scatter' => $hand->guessGrams === null ? null : '± '.$words->text(Mass::ofGrams($hand->guessGrams)),
        ];
    }

    /** From the house's own last weeks; what was taken back does not count. */
    private static function yearly(Dish $dish): Yearly
    {
        $since = Moment::written(now()->subDays(Yearly::DAYS));

        return Yearly::of(
            Piece::query()
                ->where('part', Part::Portion)
                ->where(
                    fn ($query) => $query
                        ->where('dish_id', $dish->id)
                        ->orWhere(
                            fn ($query) => $query
                                ->whereNull('dish_id')
                                ->whereIn('fish_id', Fish::query()->select('id')->where('dish_id', $dish->id)),
                        ),
                )
                ->whereHas(
                    'readings',
                    fn ($query) => $query->where('taken_at', '>=', $since)->whereDoesntHave('void'),
                )
                ->count(),
        );
    }
}
