<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Hold\Kept\CloseService;
use App\Hold\Kept\KeepPortions;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use App\Portion\Tray\MakeTray;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\Fish\Part;

/** Yesterday's portions on their trays, what of them was served, and the count at the end. */
final readonly class Pass
{
    public function __construct(private MakeTray $tray, private KeepPortions $keep, private CloseService $close)
    {
    }

    /** Everything cut of a fish for its usual dish goes onto a tray. */
    public function tray(Fish $fish, Person $by): void
    {
        $dish = Dish::query()->where('name', Market::FISH[$fish->species->name][4])->firstOrFail();
        $pieces = array_filter(
            Fish::onTheBench($fish->id)->pieces->all(),
            fn (Piece $piece): bool => $piece->part === Part::Portion && $piece->bin === null,
        );
        ($this->tray)(
            (string) Str::ulid(),
            new Fields([
                'dish' => $dish->id,
                'pieces' => array_values(array_map(fn (Piece $piece): string => $piece->id, $pieces)),
            ]),
            $by,
        );
    }

    /** @param  array<string, int>  $served  by species */
    public function evening(array $served, Carbon $at, Person $cook, Person $chef): void
    {
        foreach ($served as $species => $count) {
            $dish = Dish::query()->where('name', Market::FISH[$species][4])->firstOrFail();
            for ($i = 0; $i < $count; $i++) {
                Carbon::setTestNow($at->copy()->addMinutes(9 * $i));
                $this->keep->out($dish->id, (string) Str::ulid(), new Fields(['how' => 'served', 'count' => 1]), $cook);
            }
        }
        Carbon::setTestNow($at->copy()->addHours(3));
        ($this->close)(
            (string) Str::ulid(),
            new Fields([
                'counts' => [],
                'note' => 'The zander on the board is half cut: frame weighed, sides in the cold room',
            ]),
            $chef,
        );
    }
}
