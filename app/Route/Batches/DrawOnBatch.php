<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Route\Batches\BatchDraw;
use Sectum\Route\Batches\DrawnFor;
use Sectum\Route\Batches\Standing;

/** A dish, the staff or another batch takes so much of what was made; what ends first goes first. */
final readonly class DrawOnBatch
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** Draws on the batches of the recipe this one was made by. */
    public function __invoke(string $making, string $act, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($making, $act, $fields, $person): void {
            if (! Once::isNew($act, "draw {$making}", $fields)) {
                return;
            }
            $from = FoodBatch::query()->findOrFail($making);
            $undoes = $fields->maybeString('undoes');
            if ($undoes !== null) {
                $this->takeBack($act, $undoes, $person);

                return;
            }
            $how = DrawnFor::tryFrom($fields->maybeString('for') ?? '') ??
                throw Fault::inField('/for', 'Say what it is for.');
            $dish = $how === DrawnFor::Dish ? self::dish($fields->maybeString('dish')) : null;
            $into = $how === DrawnFor::Batch ? self::into($fields->maybeString('batch'), $from) : null;
            $milli = (int) round(1000 * $fields->number('amount', 0));
            $drawn = Fault::within('', fn (): array => BatchDraw::of(
                self::standing($from),
                $milli,
                $from->asMade()->unit(),
                Moment::day($this->clock->now()),
            ));
            foreach ($drawn as $one) {
                $this->write($act, $one->batch->id, $one->milli, $one->cost->minor, $person, [
                    'how' => $how->value,
                    'dish_id' => $dish,
                    'into_id' => $into,
                ]);
            }
        });
    }

    /** @return list<Standing> every measured batch of the same recipe that is still there */
    private static function standing(FoodBatch $from): array
    {
        return array_values(
            array_map(
                fn (FoodBatch $one): Standing => $one->standing(),
                FoodBatch::measured($from->recipe_id)->get()->all(),
            ),
        );
    }

    private function takeBack(string $act, string $undoes, Person $person): void
    {
        $drawn = BatchDrawn::query()->where('act', $undoes)->whereNull('undoes')->get();
        $drawn->isNotEmpty() || throw Fault::conflict('That was never drawn. Load it once more.');
        BatchDrawn::query()->where('undoes', $undoes)->doesntExist() ||
            throw Fault::conflict('Somebody has undone that already.');
        foreach ($drawn as $one) {
            $batch = FoodBatch::query()->findOrFail($one->making_id);
            $batch->gone === null ||
                throw Fault::conflict("Batch {$batch->number} is gone already: nothing can be put back into it.");
            $this->write($act, $one->making_id, -$one->milli, -$one->minor, $person, [
                'how' => $one->how->value,
                'dish_id' => $one->dish_id,
                'into_id' => $one->into_id,
                'undoes' => $undoes,
            ]);
        }
    }

    private static function dish(?string $dish): string
    {
        return Dish::of($dish)->id ?? throw Fault::inField('/dish', 'Choose the dish it is for.');
    }

    private static function into(?string $batch, FoodBatch $from): string
    {
        $into = FoodBatch::query()->whereNull('gone')->find($batch ?? '') ??
            throw Fault::inField('/batch', 'Choose the batch it goes into.');
        $into->recipe_id !== $from->recipe_id ||
            throw Fault::inField('/batch', 'A batch is not drawn on for its own kind. Choose another.');

        return $into->id;
    }

    /** @param  array<string, string|null>  $what */
    private function write(string $act, string $making, int $milli, int $minor, Person $person, array $what): void
    {
        BatchDrawn::rows()->insert([
            'id' => (string) Str::ulid(),
            'act' => $act,
            'making_id' => $making,
            'milli' => $milli,
            'minor' => $minor,
            ...$what,
            'drawn_by' => $person->id,
            'drawn_at' => Moment::written($this->clock->now()),
        ]);
    }
}
