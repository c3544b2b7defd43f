<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Part;

/** A portion goes to another dish than it was cut for: too light for its own, mostly. */
final readonly class GiveToDish
{
    public function __invoke(string $fish, string $piece, string $dish, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $piece, $dish, $person): void {
            $onBoard = Fish::onTheBench($fish);
            $onBoard->mustBeOpen();
            $portion = $onBoard->pieces->firstWhere('id', $piece);
            if ($portion === null || $portion->part !== Part::Portion || $portion->reading() === null) {
                throw Fault::notThere('There is no such portion of this fish.');
            }
            if ($portion->batch_id !== null) {
                throw Fault::conflict("{$portion->name} lies on a labelled tray already.", [
                    'batch' => $portion->batch_id,
                ]);
            }
            if ($portion->serving_id !== null) {
                throw Fault::conflict("{$portion->name} lies on a plate with others. Take that apart first.", [
                    'plate' => $portion->serving_id,
                ]);
            }
            if ($portion->dish_id === $dish) {
                return;
            }
            $chosen = Dish::chosen($dish);
            $portion->dish_id = $chosen->id;
            $portion->save();
            History::that("{$person->name} gave {$portion->name} to {$chosen->name}.", $onBoard, $person);
            $onBoard->changed();
        });
    }
}
