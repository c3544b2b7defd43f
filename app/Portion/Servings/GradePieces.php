<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use App\Portion\PortionBench;
use Illuminate\Support\Facades\DB;
use Sectum\Portion\NextDish;
use Sectum\Portion\Placed;

/**
 * Small fish and small fillets are natural portions, graded by weight: every piece that lies loose and outside the band
 * of its dish goes to the heaviest dish whose band it meets. What meets its own stays where the cook put it.
 */
final readonly class GradePieces
{
    public function __invoke(string $fish, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $version, $person): void {
            $onBoard = Fish::onTheBench($fish);
            $onBoard->mustBeOpen();
            $usual = Dish::of($onBoard->dish_id);
            $dishes = Dish::cutFor($onBoard->species_id)->keyBy('id');
            $bands = $dishes->map(fn (Dish $dish) => $dish->each())->all();
            $moved = [];
            foreach (PortionBench::portionsOf($onBoard) as $piece) {
                $mass = $piece->each();
                $own = PortionBench::dishOf($piece, $usual);
                $lies = $piece->batch_id !== null || $piece->serving_id !== null || $piece->bin !== null;
                if ($lies || ($own !== null && $own->each()->place($mass) === Placed::Within)) {
                    continue;
                }
                $to = $dishes->get((string) NextDish::for($mass, $bands));
                if ($to !== null && $to->id !== $own?->id && $to->each()->place($mass) === Placed::Within) {
                    $piece->update(['dish_id' => $to->id]);
                    $moved[$to->name] = ($moved[$to->name] ?? 0) + 1;
                }
            }
            if ($moved === []) {
                return;
            }
            $onBoard->mustBeAt($version);
            $said = array_map(
                fn (string $name, int $count): string => "{$count} to {$name}",
                array_keys($moved),
                $moved,
            );
            History::that("{$person->name} graded by weight: ".implode(', ', $said).'.', $onBoard, $person);
            $onBoard->changed();
        });
    }
}
