<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\BreakDown\Yields\KeptYield;
use App\Catalogue\Species;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use App\Plan\Prep\HousePace;
use App\Portion\Dish\Dish;
use Sectum\Fish\Rung;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Together\UncutPortions;
use Sectum\Portion\Together\UncutSides;

/** A fish as it is usually offered: what it gives, takes and costs, where nobody has chosen one yet. */
final readonly class TypicalFish
{
    private function __construct(
        private Species $species,
        private StateBought $state,
        public Mass $mass,
        private ListedOffer $offer,
    ) {
    }

    /**
     * The middle of the grade that is nearest to what the house usually cuts, the lightest where it never cut one; a
     * kind nobody offers is not in the answer.
     *
     * @param  list<string>  $species
     * @return array<string, self> by species
     */
    public static function ofAll(array $species): array
    {
        Species::manyAreAsked();
        $offers = ListedOffer::query()
            ->with('species')
            ->whereIn('species_id', $species)
            ->whereNull('retired_at')
            ->orderBy('from_g')
            ->orderBy('id')
            ->get();
        $usual = self::usual($species);
        $typical = [];
        foreach ($offers as $offer) {
            $kind = $offer->species_id;
            $mass = Mass::ofGrams(($offer->from_g + $offer->to_g) / 2);
            $next = new self($offer->species, $offer->state, $mass, $offer);
            $off = fn (self $one): float => abs($one->mass->grams() - ($usual[$kind] ?? 0.0));
            $typical[$kind] = isset($typical[$kind]) && $off($typical[$kind]) <= $off($next) ? $typical[$kind] : $next;
        }

        return $typical;
    }

    /**
     * @param  list<string>  $species
     * @return array<string, float> grams of a fish as this house cuts them, by species
     */
    private static function usual(array $species): array
    {
        $usual = [];
        foreach (
            Row::all(
                KeptYield::rows()
                    ->whereIn('species_id', $species)
                    ->where('rung', Rung::Fillets->value)
                    ->groupBy('species_id')
                    ->selectRaw('species_id, avg(each_mg) as each_mg')
                    ->get(),
            ) as $row
        ) {
            $usual[$row->text('species_id')] = $row->number('each_mg') / 1000;
        }

        return $usual;
    }

    /** Portions of a dish one gives. */
    public function portions(Dish $dish): float
    {
        $sides = UncutSides::expected($this->mass, 1, $this->shares(), $this->species->form);

        return UncutPortions::of([$sides], $dish->band()->target->grams())->expected;
    }

    public function minutes(): float
    {
        return HousePace::learned()->minutes($this->species->id, '', $this->mass->grams());
    }

    public function cost(Settings $settings): Money
    {
        return $this->offer->price($settings)->times($this->mass);
    }

    /** @return array<string, Share> of the fish as it is bought, by part */
    public function shares(): array
    {
        return $this->species->expected($this->state);
    }
}
