<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Fish\Taken;
use App\Fish\Weighing;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\TakeIn;
use Brick\Math\BigRational;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\Found;

/** A fish of a delivery on the pan, or a box of like ones gross, with its ice and its tub. */
final readonly class WeighIn
{
    /** What a floor scale for boxes takes: 300 kg. */
    private const MOST_BOX_G = 300_000;

    public function __construct(private TakeIn $takeIn, private ClockInterface $clock)
    {
    }

    public function __invoke(string $line, string $id, Fields $fields, Person $person): void
    {
        $count = $fields->int('count', 1);
        $taken = Taken::by($fields, $person, $this->clock);
        $tare = self::typed($fields, 'ice', $taken)->plus(self::typed($fields, 'tub', $taken));
        $box = $count > 1 || $tare->isPositive();
        $weighing = Weighing::read(
            $fields->fields('weight'),
            Settings::load(),
            $taken->units,
            most: $box && ! $fields->fields('weight')->has('pan') ? Mass::ofGrams(self::MOST_BOX_G) : null,
        );
        $weighing = $tare->isPositive() ? $weighing->less($tare, '/ice') : $weighing;
        DB::connection()->transaction(function () use ($line, $id, $fields, $taken, $count, $weighing): void {
            $line = DeliveryLine::query()
                ->with(['delivery.supplier', 'species', 'fish.pieces.readings.void'])
                ->findOrFail($line);
            $known = Fish::query()
                ->with(['pieces.readings.void'])
                ->find($id);
            if ($known !== null) {
                $this->mustBeTheSame($known, $line, $weighing);

                return;
            }
            $line->delivery->mustBeOpen();
            $question = $fields->bool('sure')
                ? null
                : $line->invoiced(false)->question(new Found($weighing->mass, $count, $weighing->resolution));
            if ($question !== null) {
                throw Fault::inField('/sure', Words::ofReader()->say($question));
            }
            $this->takeIn($line, $id, $fields, $taken, $count, $weighing);
            $line->delivery->changed();
        });
    }

    /** What a kilo of this fish cost, whatever the invoice prices by. */
    public static function pricePerKilo(DeliveryLine $line, Mass $mass, int $count): ?int
    {
        $perKilo =
            $line->price_minor === null
                ? null
                : $line->price_unit->perKilo(BigRational::of($line->price_minor), $mass, $count);

        return $perKilo === null ? null : Money::toMinor($perKilo);
    }

    private function takeIn(
        DeliveryLine $line,
        string $id,
        Fields $fields,
        Taken $taken,
        int $count,
        Weighing $weighing,
    ): void {
        ($this->takeIn)(
            $id,
            $fields->string('reading'),
            [
                'line_id' => $line->id,
                'species_id' => $line->species_id,
                'supplier_id' => $line->delivery->supplier_id,
                'state' => $line->state,
                'stage' => Stage::Receive,
                'count' => $count,
                'tag' => $fields->maybeString('tag'),
                'ice_mg' => self::typed($fields, 'ice', $taken)->milligrams,
                'price_per_kg_minor' => self::pricePerKilo($line, $weighing->mass, $count),
            ],
            $weighing,
            $taken,
            $line,
        );
    }

    private static function typed(Fields $fields, string $name, Taken $taken): Mass
    {
        $typed = $fields->maybeString($name);

        return $typed === null || trim($typed) === ''
            ? Mass::zero()
            : Fault::at("/{$name}", fn (): Mass => Mass::parse($typed, $taken->units));
    }

    private function mustBeTheSame(Fish $known, DeliveryLine $line, Weighing $weighing): void
    {
        if ($known->line_id !== $line->id || $known->mass()->milligrams !== $weighing->mass->milligrams) {
            throw Fault::conflict('This fish was already weighed in with other figures.', [
                'current' => ['mass_mg' => $known->mass()->milligrams],
            ]);
        }
    }
}
