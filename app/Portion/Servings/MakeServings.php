<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use App\Portion\Tray\ReadyPortions;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Portion\Placed;

/** Pieces of a dish are put together, every serving in its band; all that are asked for, or none. */
final readonly class MakeServings
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $dish, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($dish, $fields, $person): void {
            $of = Dish::chosen($dish);
            $ready = [];
            foreach (ReadyPortions::of($this->clock->now()) as $one) {
                $ready[$one->piece->id] = $one;
            }
            $all = $fields->list('servings');
            $ids = array_map(fn (Fields $one): string => $one->string('id'), $all);
            $known = Serving::query()->with('pieces')->whereKey($ids)->get()->keyBy('id');
            foreach ($all as $i => $asked) {
                $pieces = $asked->strings('pieces');
                $before = $known->get($asked->string('id'));
                if ($before !== null) {
                    $this->mustBeTheSame($before, $of, $pieces);

                    continue;
                }
                $this->mustGoTogether($of, $pieces, $ready, "/servings/{$i}/pieces");
                $serving = Serving::query()->create([
                    'id' => $asked->string('id'),
                    'dish_id' => $of->id,
                    'made_by' => $person->id,
                    'made_at' => Moment::written($this->clock->now()),
                ]);
                foreach ($pieces as $piece) {
                    $ready[$piece]->piece->update(['serving_id' => $serving->id]);
                }
            }
        });
    }

    /** @param  list<string>  $pieces */
    private function mustBeTheSame(Serving $before, Dish $dish, array $pieces): void
    {
        $there = array_map(strval(...), $before->pieces->modelKeys());
        sort($there);
        sort($pieces);
        ($before->dish_id === $dish->id && $there === $pieces) ||
            throw Fault::conflict('This plate was made with other pieces.', ['current' => $there]);
    }

    /**
     * @param  list<string>  $pieces
     * @param  array<string, ReadyPortions>  $ready  by piece
     */
    private function mustGoTogether(Dish $dish, array $pieces, array $ready, string $at): void
    {
        count(array_unique($pieces)) === $dish->per_plate ||
            throw Fault::inField($at, "A plate of {$dish->name} has {$dish->per_plate} pieces.");
        $sum = Mass::zero();
        foreach ($pieces as $i => $id) {
            $one = $ready[$id] ?? throw Fault::inField("{$at}/{$i}", 'There is no such piece waiting.');
            $one->dish->id === $dish->id ||
                throw Fault::inField("{$at}/{$i}", "{$one->piece->name} was not cut for {$dish->name}.");
            $one->piece->portions === 1 ||
                throw Fault::inField("{$at}/{$i}", "{$one->piece->name}: weigh them one by one first.");
            $one->piece->serving_id === null ||
                throw Fault::conflict("{$one->piece->name} lies on another plate already.", ['piece' => $id]);
            $sum = $sum->plus($one->piece->reading()?->mass() ?? Mass::zero());
        }
        $dish->band()->place($sum) === Placed::Within ||
            throw Fault::inField(
                $at,
                'Together they weigh '.Words::ofReader()->text($sum).', outside the band of the plate.',
            );
    }
}
