<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Catalogue\Species;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\Fish;
use App\Kitchen\Person;
use App\Receive\Delivery\CloseDelivery;
use App\Receive\Delivery\StoreDelivery;
use App\Receive\Delivery\StoreLine;
use App\Receive\Delivery\WeighIn;
use App\Receive\Inspection\InspectFish;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\Receive\Attribute;

/** Deliveries of the demo, through the actions the page uses. */
final readonly class Door
{
    public function __construct(
        private StoreDelivery $deliver,
        private StoreLine $line,
        private WeighIn $weighIn,
        private InspectFish $inspect,
        private CloseDelivery $close,
    ) {
    }

    /**
     * One supplier's delivery of a day, left open.
     *
     * @param  array<string, list<int>>  $fish  grams of each fish, by species
     * @param  array<string, array<string, mixed>>  $other  what a line says besides, by species
     * @return array{string, array<string, string>, array<string, list<Fish>>} the delivery's id, its lines and its fish
     *     by species
     */
    public function bring(
        string $supplier,
        string $number,
        array $fish,
        Person $chef,
        Person $by,
        array $other = [],
    ): array {
        $delivery = (string) Str::ulid();
        ($this->deliver)($delivery, new Fields(['supplier' => $supplier, 'number' => $number]), $by);
        $lines = [];
        $in = [];
        foreach ($fish as $name => $grams) {
            [$state, , , $price, , $area, $gear, $vessel, $proof] = Market::FISH[$name];
            $line = (string) Str::ulid();
            $farmed = in_array($gear, ['land-based tanks', 'sea cages'], true);
            ($this->line)(
                $delivery,
                $line,
                new Fields([
                    'species' => Species::query()->where('name', $name)->firstOrFail()->id,
                    'state' => $state,
                    'price' => $price,
                    'count' => count($grams),
                    'boxes' => 1,
                    'invoiced' => array_sum($grams).' g',
                    'lot' => strtoupper(substr($name, 0, 1)).'-'.Carbon::now()->format('dm'),
                    'area' => $area,
                    'gear' => $gear,
                    'vessel' => $vessel,
                    'proof' => $proof,
                    'production' => $farmed ? 'farmed' : 'wild',
                    $farmed ? 'harvested_on' : 'landed_on' => Carbon::now()
                        ->subDays($farmed ? 1 : 2)
                        ->format('Y-m-d'),
                    ...$other[$name] ?? [],
                ]),
                $chef,
            );
            $lines[$name] = $line;
            $in[$name] = [];
            foreach ($grams as $one) {
                $in[$name][] = $this->weigh($line, $one, $by);
            }
        }

        return [$delivery, $lines, $in];
    }

    /** @param  array<string, mixed>  $other */
    public function weigh(string $line, int $grams, Person $by, array $other = []): Fish
    {
        Carbon::setTestNow(Carbon::now()->addSeconds(25));
        $fish = (string) Str::ulid();
        ($this->weighIn)(
            $line,
            $fish,
            new Fields([
                'reading' => (string) Str::ulid(),
                'weight' => ['typed' => "{$grams} g"],
                'sure' => true,
                ...$other,
            ]),
            $by,
        );

        return Fish::query()->findOrFail($fish);
    }

    /**
     * @param  list<string>  $fish  ids; none means all of the line
     * @param  array<string, int>  $seen  grades that are not the best
     * @param  array<string, mixed>  $other  what else was said of it; "grades" when not all was looked at
     */
    public function look(string $line, Person $by, array $fish = [], array $seen = [], array $other = []): void
    {
        Carbon::setTestNow(Carbon::now()->addSeconds(50));
        $bright = array_fill_keys(array_column(Attribute::cases(), 'value'), 0);
        ($this->inspect)(
            (string) Str::ulid(),
            new Fields([
                'line' => $line,
                'fish' => $fish,
                'grades' => [...$bright, ...$seen],
                'temperature' => ['probe' => 18],
                'rigor' => 'passed',
                ...$other,
            ]),
            $by,
        );
    }

    public function shut(string $delivery, Person $by): void
    {
        Carbon::setTestNow(Carbon::now()->addMinutes(2));
        ($this->close)($delivery, Delivery::query()->findOrFail($delivery)->version, $by);
    }
}
