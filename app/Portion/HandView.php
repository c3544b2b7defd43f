<?php

declare(strict_types=1);

namespace App\Portion;

use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Measure\Piece;
use App\Measure\Words;
use App\Receive\Fish;
use Brick\Math\BigRational;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Giveaway;

/** Where the hand should aim tonight for a dish, and what that gives away. */
final readonly class HandView
{
    /** What counts as a year of the house: four weeks, thirteen times. */
    private const WEEKS_DAYS = 28;

    private const TIMES = 13;

    /** @return array<string, mixed> */
    public static function of(Hand $hand, Dish $dish, Fish $fish, Words $words, ?Settings $prices): array
    {
        $aim = $hand->aim($dish->band());
        $yearly = self::yearly($dish);
        $mean = $aim === null ? Mass::zero() : Mass::ofGrams(max(0.0, $aim->meanGiveawayGrams));

        return [
            'pieces' => $hand->pieces,
            'scatter' => $hand->sigmaGrams === null ? null : '± '.$words->text(Mass::ofGrams($hand->sigmaGrams)),
            'aim' => $aim === null ? null : $words->mass(Mass::ofGrams($aim->grams)),
            'under' => $aim === null ? null : (int) round($aim->underPct).' in 100',
            'over' => $aim === null ? null : (int) round($aim->overPct).' in 100',
            'gives_away' => $aim === null ? null : $words->text($mean),
            'yearly' => $yearly,
            'yearly_cost' => $aim === null || $prices === null || $yearly === 0
                    ? null
                    : self::yearlyCost($fish, $mean, $yearly, $prices),
            'guess_scatter' => $hand->guessGrams === null ? null : '± '.$words->text(Mass::ofGrams($hand->guessGrams)),
        ];
    }

    /** Portions of a dish a year, from the house's own last four weeks. */
    private static function yearly(Dish $dish): int
    {
        $since = Moment::written(now()->subDays(self::WEEKS_DAYS));

        return self::TIMES *
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
                ->whereHas('readings', fn ($query) => $query->where('taken_at', '>=', $since))
                ->count();
    }

    private static function yearlyCost(Fish $fish, Mass $mean, int $yearly, Settings $settings): ?string
    {
        $fillets = Mass::ofMilligrams(
            $fish->pieces
                ->filter(
                    fn (Piece $piece): bool => $piece->part->isFillet() && $piece->parent_id === $fish->whole()->id,
                )
                ->sum(fn (Piece $piece): int => $piece->reading()->mass_mg ?? 0),
        );
        if ($fish->price_per_kg_minor === null || ! $fillets->isPositive()) {
            return null;
        }
        $each = Giveaway::minor(
            Mass::ofMilligrams($mean->milligrams * $yearly),
            $fish->mass(),
            $fish->price_per_kg_minor,
            $fillets,
        );

        return Money::round(BigRational::of($each), $settings->currency)->print();
    }
}
