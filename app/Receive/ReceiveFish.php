<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Species;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Measure\Piece;
use App\Measure\Weighing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Money;
use Sectum\Refusal;

/** A fish comes out of the box: what it is, from whom, how it was bought, what it weighs and costs. */
final readonly class ReceiveFish
{
    public function __construct(private ClockInterface $clock, private TakeReading $takeReading)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): Fish
    {
        $settings = Settings::load();
        $weighing = Weighing::read($fields->fields('weight'), $settings, $person->units);
        $price = $this->price($fields->maybeString('price_per_kg'), $settings, $person);

        return DB::connection()->transaction(function () use ($id, $fields, $person, $weighing, $price): Fish {
            $known = Fish::query()->find($id);
            if ($known !== null) {
                return $this->mustBeTheSame($known, $fields, $weighing);
            }
            $fish = Fish::query()->create([
                'id' => $id,
                'number' => (Fish::query()->latest('number')->first()->number ?? 0) + 1,
                'species_id' => $this->species($fields)->id,
                'supplier_id' => Supplier::query()->firstOrCreate(['name' => trim($fields->string('supplier'))])->id,
                'state' => StateBought::from($fields->string('state')),
                'stage' => Stage::BreakDown,
                'price_per_kg_minor' => $price?->minor,
                'received_by' => $person->id,
                'received_at' => $this->clock->now()->format(DATE_ATOM),
            ]);
            $whole = Piece::query()->create([
                'id' => (string) Str::ulid(),
                'fish_id' => $fish->id,
                'part' => Part::Whole,
                'name' => Part::Whole->spoken(),
                'place' => 0,
            ]);
            $this->takeReading->store($fields->string('reading'), $whole, $weighing, $person);
            Kept::that("{$person->name} received it from {$fish->supplier->name}, ".$weighing->mass->print().", {$fish->state->value}.", $fish, $person);

            return $fish->refresh();
        });
    }

    private function price(?string $typed, Settings $settings, Person $person): ?Money
    {
        if ($typed === null) {
            return null;
        }
        $person->mustSeePrices();
        try {
            return Money::parse($typed, $settings->currency);
        } catch (Refusal $refusal) {
            throw Fault::inField('/price_per_kg', $refusal->getMessage());
        }
    }

    /** One from the catalogue, or a name the kitchen gives. */
    private function species(Fields $fields): Species
    {
        $id = $fields->maybeString('species');
        if ($id !== null) {
            return Species::query()->find($id) ?? throw Fault::inField('/species', 'Choose the fish from the list, or give it a name.');
        }
        $name = trim($fields->maybeString('species_name') ?? '');
        if ($name === '' || ! $fields->has('form')) {
            throw Fault::inField($name === '' ? '/species' : '/form', $name === '' ? 'Choose the fish from the list, or give it a name.' : 'Say how it is built: round, flat or a tail.');
        }

        return Species::query()->whereRaw('lower(name) = ?', [mb_strtolower($name)])->first() ?? Species::query()->create([
            'name' => $name,
            'form' => BodyForm::from($fields->string('form')),
            'fat' => FatClass::Medium,
            'source' => 'added by the house',
        ]);
    }

    private function mustBeTheSame(Fish $known, Fields $fields, Weighing $weighing): Fish
    {
        $reading = $known->whole()->readings->first();
        if ($reading?->id !== $fields->string('reading') || $reading->mass_mg !== $weighing->mass->milligrams) {
            throw Fault::conflict("{$known->title()} was already received with other figures.", ['current' => ['mass_mg' => $reading?->mass_mg]]);
        }

        return $known;
    }
}
