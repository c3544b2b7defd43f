<?php

declare(strict_types=1);

namespace App\Receive;

use App\Catalogue\NamedSpecies;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Fish\Supplier;
use App\Fish\Taken;
use App\Fish\Weighing;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\StateBought;
use Sectum\Measure\Money;

/** A fish comes out of the box: what it is, from whom, how it was bought, what it weighs and costs. */
final readonly class ReceiveFish
{
    public function __construct(
        private TakeIn $takeIn,
        private NamedSpecies $species,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(string $id, Fields $fields, Person $person): Fish
    {
        $settings = Settings::load();
        $taken = Taken::by($fields, $person, $this->clock);
        $weighing = Weighing::read($fields->fields('weight'), $settings, $taken->units);
        $price = $this->price($fields->maybeString('price_per_kg'), $settings, $person);

        return DB::connection()->transaction(function () use ($id, $fields, $taken, $weighing, $price): Fish {
            $known = Fish::query()->with('pieces.readings')->find($id);
            if ($known !== null) {
                return $this->mustBeTheSame($known, $fields, $weighing);
            }

            return ($this->takeIn)(
                $id,
                $fields->string('reading'),
                [
                    'species_id' => $this->species->of($fields)->id,
                    'supplier_id' => Supplier::query()->firstOrCreate(['name' => trim($fields->string('supplier'))])
                        ->id,
                    'state' => StateBought::from($fields->string('state')),
                    'stage' => Stage::BreakDown,
                    'price_per_kg_minor' => $price?->minor,
                ],
                $weighing,
                $taken,
            );
        });
    }

    private function price(?string $typed, Settings $settings, Person $person): ?Money
    {
        if ($typed === null) {
            return null;
        }
        $person->mustSeePrices();

        return Fault::at('/price_per_kg', fn (): Money => Money::parse($typed, $settings->currency));
    }

    private function mustBeTheSame(Fish $known, Fields $fields, Weighing $weighing): Fish
    {
        $reading = $known->whole()->readings->first();
        if ($reading?->id !== $fields->string('reading') || $reading->mass_mg !== $weighing->mass->milligrams) {
            throw Fault::conflict("{$known->title()} was already received with other figures.", [
                'current' => ['mass_mg' => $reading?->mass_mg],
            ]);
        }

        return $known;
    }
}
