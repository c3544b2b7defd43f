<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Measure\Weighing;
use Brick\Math\BigRational;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;
use Sectum\Refusal;

/** A fish of a delivery on the pan, or a box of like ones gross, with its ice and its tub. */
final readonly class WeighIn
{
    /** What a floor scale for boxes takes: 300 kg. */
    private const MOST_BOX_G = 300_000;

    /** A line this many times its invoice is asked about. */
    private const ASK_BEYOND = 2;

    public function __construct(private ClockInterface $clock, private TakeIn $takeIn)
    {
    }

    public function __invoke(string $line, string $id, Fields $fields, Person $person): void
    {
        $count = $fields->int('count', 1);
        $tare = self::typed($fields, 'ice', $person)->plus(self::typed($fields, 'tub', $person));
        $box = $count > 1 || $tare->isPositive();
        $weighing = Weighing::read($fields->fields('weight'), Settings::load(), $person->units, most: $box && ! $fields->fields('weight')->has('pan') ? Mass::ofGrams(self::MOST_BOX_G) : null);
        $weighing = $tare->isPositive() ? $weighing->less($tare, '/ice') : $weighing;
        DB::connection()->transaction(function () use ($line, $id, $fields, $person, $count, $weighing): void {
            $line = DeliveryLine::query()->with(['delivery.supplier', 'species', 'fish.pieces.readings.void'])->findOrFail($line);
            $known = Fish::query()->with(['pieces.readings.void'])->find($id);
            if ($known !== null) {
                $this->mustBeTheSame($known, $line, $weighing);

                return;
            }
            $line->delivery->mustBeOpen();
            if (! $fields->bool('sure')) {
                $this->ask($line, $weighing->mass, $count);
            }
            $this->takeIn($line, $id, $fields, $person, $count, $weighing);
            $line->delivery->changed();
        });
    }

    /** What a kilo of this fish cost, whatever the invoice prices by. */
    public static function pricePerKilo(DeliveryLine $line, Mass $mass, int $count): ?int
    {
        $perKilo = $line->price_minor === null ? null : $line->price_unit->perKilo(BigRational::of($line->price_minor), $mass, $count);

        return $perKilo === null ? null : Money::toMinor($perKilo);
    }

    private function takeIn(DeliveryLine $line, string $id, Fields $fields, Person $person, int $count, Weighing $weighing): void
    {
        $now = DateTimeImmutable::createFromInterface($this->clock->now());
        $unseen = Freshness::of(new LooksAndFeel([], $line->species->fat, $line->state, daysSinceLanded: $line->daysSinceLanded($now)));
        ($this->takeIn)($id, $fields->string('reading'), [
            'line_id' => $line->id,
            'species_id' => $line->species_id,
            'supplier_id' => $line->delivery->supplier_id,
            'state' => $line->state,
            'stage' => Stage::Receive,
            'count' => $count,
            'tag' => $fields->maybeString('tag'),
            'ice_mg' => self::typed($fields, 'ice', $person)->milligrams,
            'price_per_kg_minor' => self::pricePerKilo($line, $weighing->mass, $count),
            'keeps_until' => $now->add(new DateInterval('PT'.(int) ($unseen->daysLeft * 86_400).'S'))->format(DATE_ATOM),
        ], $weighing, $person);
    }

    /** @throws Fault with a question, when there would be far more than was invoiced */
    private function ask(DeliveryLine $line, Mass $more, int $count): void
    {
        $received = $line->invoiced()->received()->plus($more);
        if ($line->invoiced_mg !== null && $received->milligrams > self::ASK_BEYOND * $line->invoiced_mg) {
            throw Fault::inField('/sure', "That makes {$received->print()} of {$line->species->name}, the invoice says ".Mass::ofMilligrams($line->invoiced_mg)->print().'. Is that right?');
        }
        $fish = $line->invoiced()->receivedCount() + $count;
        if ($line->count !== null && $fish > self::ASK_BEYOND * $line->count) {
            throw Fault::inField('/sure', "That makes {$fish} fish, the invoice says {$line->count}. Is that right?");
        }
    }

    private static function typed(Fields $fields, string $name, Person $person): Mass
    {
        $typed = $fields->maybeString($name);
        try {
            return $typed === null || trim($typed) === '' ? Mass::zero() : Mass::parse($typed, $person->units);
        } catch (Refusal $refusal) {
            throw Fault::inField("/{$name}", $refusal->getMessage());
        }
    }

    private function mustBeTheSame(Fish $known, DeliveryLine $line, Weighing $weighing): void
    {
        if ($known->line_id !== $line->id || $known->mass()->milligrams !== $weighing->mass->milligrams) {
            throw Fault::conflict('This fish was already weighed in with other figures.', ['current' => ['mass_mg' => $known->mass()->milligrams]]);
        }
    }
}
