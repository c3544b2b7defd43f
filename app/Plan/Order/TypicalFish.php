<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Kitchen\Settings;
use App\Plan\Prep\HousePace;
use App\Portion\Dish\Dish;
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
     * The middle of the lightest grade that is offered; a kind nobody offers is not in the answer.
     *
     * @param  list<string>  $species
     * @return array<string, self> by species
     */
    public static function ofAll(array $species): array
    {
        $offers = ListedOffer::query()
            ->with('species.shares')
            ->whereIn('species_id', $species)
            ->whereNull('retired_at')
            ->orderBy('from_g')
            ->orderBy('id')
            ->get();
        $typical = [];
        foreach ($offers as $offer) {
            $mass = Mass::ofGrams(($offer->from_g + $offer->to_g) / 2);
            $typical[$offer->species_id] ??= new self($offer->species, $offer->state, $mass, $offer);
        }

        return $typical;
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
