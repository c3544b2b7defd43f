<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Thermometer;
use App\Fish\Weighing;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Route\Bins\Bins;
use App\Route\Bins\TakeOut;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Receive\Freshness;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Batches\FilledPot;
use Sectum\Route\Bins\Drawn;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;

/** Something is made of what lies in a bin: it is taken out oldest first, made, measured, cooled and used up. */
final readonly class MakeFoodBatch
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function start(string $id, Fields $fields, Person $person): void
    {
        $settings = Settings::load();
        $mass = Weighing::read(
            $fields->fields('weight'),
            $settings,
            $person->units,
            most: Mass::ofMilligrams(Mass::MOST_MILLIGRAMS),
        )->mass;
        DB::connection()->transaction(function () use ($id, $fields, $mass, $settings, $person): void {
            $recipe =
                Recipe::query()->whereNull('retired_at')->find($fields->string('recipe')) ??
                throw Fault::inField('/recipe', 'This recipe is not on the list any more.');
            $known = FoodBatch::query()->find($id);
            if ($known !== null) {
                $known->recipe_id === $recipe->id ||
                    throw Fault::conflict("Batch {$known->number} was begun with another recipe.");

                return;
            }
            $kind = $fields->maybeString('species');
            ! $recipe->one_kind ||
                $kind !== null ||
                throw Fault::inField('/species', "{$recipe->name} is made of one species: choose it.");
            $now = $this->now();
            $keeping = Keeping::tryFrom($fields->maybeString('keeping') ?? '');
            $drawn = Fault::within(
                '/weight',
                fn (): array => Bins::now($recipe->bin)->ledger->take(
                    $recipe->bin,
                    $mass,
                    Leaving::Batch,
                    Moment::day($now),
                    $keeping,
                    $kind,
                )->drawn,
            );
            $plan = Fault::within(
                '',
                fn (): BatchPlan => BatchPlan::of(
                    $recipe->recipe(),
                    $mass,
                    $recipe->hot ? $settings->pots() : [],
                    $now,
                ),
            );
            [$until, $why] = self::useBy($recipe, $drawn, $now);
            $making = FoodBatch::query()->create([
                'id' => $id,
                'number' => FoodBatch::nextNumber(),
                'recipe_id' => $recipe->id,
                'recipe' => $recipe->remembered(),
                'pots' => array_map(fn (FilledPot $pot): float => $pot->litres, $plan->pots),
                'made_by' => $person->id,
                'made_at' => Moment::written($now),
                'use_by' => $until->format('Y-m-d'),
                'why_then' => $why,
            ]);
            TakeOut::write(
                $id,
                $drawn,
                Leaving::Batch,
                "Batch {$making->number}: {$recipe->name}",
                $person,
                $now,
                $making->id,
            );
        });
    }

    /** How much it made, said once it is strained; said again, it counts anew. */
    public function measure(string $id, Fields $fields): void
    {
        DB::connection()->transaction(function () use ($id, $fields): void {
            $making = FoodBatch::query()->with('went')->findOrFail($id);
            $recipe = $making->asMade();
            $milli = (int) round(1000 * $fields->number('amount'));
            if ($making->yield_milli === (string) $milli) {
                return;
            }
            Fault::unlessLatest("batch {$making->number}", $fields->int('version'), $making->version);
            $most = Fault::within(
                '',
                fn (): BatchPlan => BatchPlan::of($recipe->recipe(), $making->mass(), [], $this->now()),
            )->wentIn;
            $milli > 0 ||
                throw Fault::inField(
                    '/amount',
                    'A batch makes more than nothing. If it went wrong, throw it away with a reason.',
                );
            $milli <= 1000 * $most ||
                throw Fault::inField(
                    '/amount',
                    'More came out than went in: '.
                        number_format($most, 1, '.', '').
                        ' '.
                        $recipe->unit().
                        ' at most. Check it.',
                );
            $making->update(['yield_milli' => (string) $milli, 'version' => $making->version + 1]);
        });
    }

    public function cool(string $id, string $reading, Fields $fields, Person $person): void
    {
        $temperature = Thermometer::read($fields->fields('temperature'));
        DB::connection()->transaction(function () use ($id, $reading, $fields, $temperature, $person): void {
            $making = FoodBatch::query()->findOrFail($id);
            $making->asMade()->hot ||
                throw Fault::inField('/temperature', 'This batch is not cooled: it was never hot.');
            if (Once::isNew($reading, "cooling {$id}", $fields)) {
                CoolingReading::query()->create([
                    'id' => $reading,
                    'making_id' => $making->id,
                    'celsius_tenths' => $temperature->shown->tenths,
                    'measured' => $temperature->measured,
                    'taken_by' => $person->id,
                    'taken_at' => Moment::written($this->now()),
                ]);
            }
        });
    }

    /** It is used up, or thrown away. */
    public function finish(string $id, Fields $fields, Person $person): void
    {
        $how = $fields->string('how');
        $why = trim($fields->maybeString('reason') ?? '');
        $how === 'used' || $why !== '' || throw Fault::inField('/reason', 'Give the reason for throwing it away.');
        DB::connection()->transaction(function () use ($id, $fields, $how, $why, $person): void {
            $making = FoodBatch::query()->findOrFail($id);
            if ($making->gone === $how) {
                return;
            }
            Fault::unlessLatest("batch {$making->number}", $fields->int('version'), $making->version);
            $making->gone === null ||
                throw Fault::conflict("Batch {$making->number} is gone already.", ['version' => $making->version]);
            $how !== 'used' ||
                $making->use_by >= Moment::date($this->now()) ||
                throw Fault::inField('/how', 'Its date is past. It can only be thrown away.');
            if ($how !== 'used' && $making->use_by < Moment::date($this->now())) {
                $person->mustBeHeadChef('What is past its date the head chef throws away.');
            }
            $making->update([
                'gone' => $how,
                'gone_why' => $why === '' ? null : $why,
                'gone_at' => Moment::written($this->now()),
                'version' => $making->version + 1,
            ]);
        });
    }

    /**
     * The days of the recipe; raw things never beyond what they were made of.
     *
     * @param  list<Drawn>  $drawn
     * @return array{DateTimeImmutable, string}
     */
    private static function useBy(Recipe $recipe, array $drawn, DateTimeImmutable $now): array
    {
        $until = Moment::day($now)->modify('+'.($recipe->days_kept - 1).' days');
        $why =
            "House rule: {$recipe->name} {$recipe->days_kept} ".
            ($recipe->days_kept === 1 ? 'day' : 'days').
            ', counting the day it is made.';
        foreach ($recipe->raw ? $drawn : [] as $one) {
            if ($one->deposit->until < $until) {
                [$until, $why] = [$one->deposit->until, 'What it is made of ends then.'];
            }
        }

        return [$until, $why.' '.Freshness::CHECK];
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
