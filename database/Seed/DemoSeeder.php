<?php

declare(strict_types=1);

namespace Database\Seed;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Kitchen\KitchenView;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Pin;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Log\Ledger\CatchUp;
use App\Portion\Dish\Dish;
use Database\Seed\Demo\Board;
use Database\Seed\Demo\Book;
use Database\Seed\Demo\Cold;
use Database\Seed\Demo\Door;
use Database\Seed\Demo\Market;
use Database\Seed\Demo\Noise;
use Database\Seed\Demo\Pass;
use Database\Seed\Demo\Pots;
use Database\Seed\Demo\Practice;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Sectum\Measure\Mass;

/**
 * The made-up kitchen the demo shows: Kettlewick Assembly Rooms, with ten weeks of fish.
 *
 * Everything is delivered, inspected and weighed through the same actions the page uses, with honest noise from a fixed
 * seed, a mistake or two, and a morning that has just begun.
 */
final class DemoSeeder extends Seeder
{
    private const SEED = 20261124;

    /** Delivery days before today, and days between them. */
    private const DAYS = 17;

    private const EVERY = 4;

    /** The fewest a PIN can be hashed in: 2 to the power of so many. */
    private const ROUNDS = 4;

    /** Of the delivery days, the last so many were cut by marks. */
    private const BY_MARKS = 6;

    /** The head chef and the cutters; who learns comes last. */
    private const CREW = 3;

    private Noise $noise;

    /** @var list<Person> */
    private array $crew = [];

    /** Whose sides lie in the blast chiller. */
    private Fish $frozen;

    public function __construct(
        private readonly Door $door,
        private readonly Board $board,
        private readonly Pots $pots,
        private readonly Cold $cold,
        private readonly Pass $pass,
        private readonly Book $book,
        private readonly Practice $practice,
        private readonly CatchUp $catchUp,
    ) {
    }

    public function run(): void
    {
        if (Person::query()->exists()) {
            return;
        }
        $this->noise = new Noise(self::SEED);
        $now = Carbon::now();
        // These PINs stand on the sign-in page of the demo: there is nothing to be slow about.
        Hash::setRounds(self::ROUNDS);
        // What waits for a commit is counted over at each of thousands of inner ones, and nothing here waits for one.
        DB::connection()->unsetTransactionManager();
        DB::transaction(function () use ($now): void {
            $this->house();
            // The kitchen's day, not the calendar's: who looks after midnight sees the evening before.
            $today = Carbon::parse(Moment::date($now));
            $this->board->crew = $this->crew;
            $this->board->noise = $this->noise;
            $this->pots->crew = $this->crew;
            $this->pots->noise = $this->noise;
            for ($day = 0; $day < self::DAYS; $day++) {
                Carbon::setTestNow(
                    $today
                        ->copy()
                        ->subDays(self::EVERY * (self::DAYS - $day) - 1)
                        ->setTime(6, 50),
                );
                $this->pastDay($day);
            }
            $this->practice->fill($today->copy(), $this->crew);
            $yesterday = $today->copy()->subDay()->setTime(6, 40);
            Carbon::setTestNow($yesterday);
            $this->yesterday();
            Carbon::setTestNow($yesterday->copy()->setTime(15, 10));
            $this->pots->fromTheFreezer();
            // Whoever looks before the morning's deliveries sees them come in just now.
            $morning = $today->copy()->setTime(6, 20);
            Carbon::setTestNow($morning->copy()->addHour()->isAfter($now) ? $now->copy()->subMinutes(40) : $morning);
            $this->thisMorning($today->format('Y-m-d'));
            Carbon::setTestNow();
            $this->cold->fill($this->frozen, $yesterday->copy()->setTime(9, 30), $this->crew, $this->noise);
            $this->book->fill($today->copy(), $this->crew, new Noise(self::SEED + 1));
        });
        DB::connection()->setTransactionManager(app('db.transactions'));
        Carbon::setTestNow();
        ($this->catchUp)();
    }

    private function house(): void
    {
        Settings::store(
            [
                'kitchen' => 'Kettlewick Assembly Rooms',
                'currency' => 'EUR',
                'labour_rate_minor' => '1860',
                'tax_pct' => '10',
            ],
            null,
        );
        foreach (array_slice(KitchenView::DEMO_PINS, 0, self::CREW) as $name => $pin) {
            $this->crew[] = Person::query()->create([
                'name' => $name,
                'role' => $this->crew === [] ? Role::HeadChef : Role::Cutter,
                'units' => 'metric',
                'pin_hash' => Pin::hash($pin),
            ]);
            Carbon::setTestNow(Carbon::now()->addSecond());
        }
        $this->cold->places($this->crew);
        foreach (Market::TARES as $name => $grams) {
            DB::table('tares')->insert(['name' => $name, 'mass_mg' => Mass::ofGrams($grams)->milligrams]);
        }
        foreach (Market::DISHES as [$name, $fish, $target, $minus, $plus, $sides, $price, $share, $suits]) {
            Dish::query()->create([
                'species_id' => Species::query()->where('name', $fish)->firstOrFail()->id,
                ...$suits,
                'name' => $name,
                'target_mg' => $target * 1000,
                'minus_mg' => $minus * 1000,
                'plus_mg' => $plus * 1000,
                'sides_minor' => $sides,
                'surcharge_pct' => '5',
                'price_minor' => $price,
                'target_cost_pct' => (string) $share,
                'version' => 1,
            ]);
        }
    }

    /** Delivered, looked at, cut, portioned, routed and costed; one of everything the day's suppliers bring. */
    private function pastDay(int $day): void
    {
        foreach ($this->delivered(Market::A_DAY, $day) as $i => $fish) {
            $this->board->breakDown($fish, quick: $i % 5 === 4, mistaken: $day % 6 === 1 && $i === 0);
            $byMarks = $day >= self::DAYS - self::BY_MARKS && isset(Market::BY_MARKS[$fish->species->name]);
            $byMarks ? $this->board->cutByMarks($fish) : $this->board->portion($fish);
            $this->board->route($fish);
            $this->board->cost($fish);
        }
        $this->pots->day(freeze: $day === self::DAYS - 1);
    }

    /**
     * One delivery a supplier, inspected and closed.
     *
     * @param  list<string>  $species
     * @return list<Fish>
     */
    private function delivered(array $species, int $day): array
    {
        $bySupplier = $prices = [];
        foreach ($species as $name) {
            [, $supplier, $grams] = Market::FISH[$name];
            if (isset(Market::ELSEWHERE[$name]) && $day < self::DAYS && $day % 3 === 1) {
                [$supplier, $prices[$name]['price']] = Market::ELSEWHERE[$name];
            }
            $bySupplier[$supplier][$name] = [Noise::steps($this->noise->about($grams, 0.12 * $grams))];
        }
        $all = [];
        foreach ($bySupplier as $supplier => $fish) {
            // Now and then a box is short of its invoice.
            $short =
                $day % 5 === 2 && isset($fish['Hake'])
                    ? ['Hake' => ['invoiced' => $fish['Hake'][0] + 185 .' g']]
                    : [];
            [$delivery, $lines, $in] = $this->door->bring(
                $supplier,
                $this->number($supplier, $day),
                $fish,
                $this->crew[0],
                $this->crew[0],
                array_intersect_key([...$prices, ...$short], $fish),
            );
            foreach ($lines as $line) {
                $this->door->look(
                    $line,
                    $this->crew[1 + ($day % 2)],
                    [],
                    [
                        'eyes' => $this->noise->between(0, 3) === 0 ? 1 : 0,
                        'skin' => $this->noise->between(0, 4) === 0 ? 1 : 0,
                    ],
                );
            }
            $this->door->shut($delivery, $this->crew[0]);
            array_push($all, ...array_merge(...array_values($in)));
        }

        return array_map(fn (Fish $fish): Fish => Fish::onTheBench($fish->id), $all);
    }

    /** Work under way: each stage holds a fish. */
    private function yesterday(): void
    {
        [$bream, $brill, $hake, $char, $zander, $meagre] = $this->delivered(
            ['Gilthead bream', 'Brill', 'Hake', 'Arctic char', 'Zander', 'Meagre'],
            self::DAYS,
        );
        foreach ([$bream, $brill, $hake, $char, $meagre] as $fish) {
            $this->board->breakDown($fish);
        }
        foreach ([$bream, $brill] as $fish) {
            $this->board->portion($fish);
        }
        $this->board->cutByMarks($hake);
        foreach ([$bream, $brill] as $fish) {
            $this->board->route($fish);
        }
        $this->board->cost($bream);
        $this->board->cutByMarks($char, stopAfter: 3);
        $this->board->leaveHalfCut($zander);
        $this->frozen = $meagre;
        $this->pass->tray($bream, $this->crew[1]);
        $this->pass->tray($brill, $this->crew[2]);
        $this->pass->evening(
            ['Gilthead bream' => 1, 'Brill' => 3],
            Carbon::parse(Moment::date(Carbon::now()))->setTime(19, 10),
            $this->crew[2],
            $this->crew[0],
        );
    }

    /** What a cook finds in the cold room and at the door when the day begins. */
    private function thisMorning(string $today): void
    {
        [$chef, $cutter] = [$this->crew[0], $this->crew[1]];
        [$harbour, $lines, $fish] = $this->door->bring(
            'Harbourgate Fish',
            $this->number('Harbourgate Fish', 18),
            ['Hake' => [3310, 3195], 'Brill' => [2210], 'Gilthead bream' => [735]],
            $chef,
            $cutter,
            [
                'Hake' => ['invoiced' => '6920 g', 'landed_on' => Carbon::now()->subDays(9)->format('Y-m-d')],
                'Gilthead bream' => ['grade' => '600-800'],
            ],
        );
        $this->door->look($lines['Hake'], $cutter, [], ['eyes' => 1, 'skin' => 1]);
        $this->door->look($lines['Brill'], $cutter, [], [], ['grades' => ['smell' => 1, 'flesh' => 1]]);
        $this->door->look($lines['Gilthead bream'], $cutter, [], ['gills' => 1]);
        $this->door->shut($harbour, $chef);
        [$farm, $lines] = $this->door->bring(
            'Northwater Fish Farm',
            $this->number('Northwater Fish Farm', 18),
            ['Arctic char' => [2150, 2085], 'Rainbow trout' => [1240]],
            $chef,
            $cutter,
        );
        $this->door->look($lines['Arctic char'], $cutter);
        $this->door->look($lines['Rainbow trout'], $cutter, [], [], ['rigor' => 'stiff']);
        $this->door->shut($farm, $chef);
        foreach (Market::TONIGHT as $name => $need) {
            DB::table('wanted')->insert([
                'day' => $today,
                'dish_id' => Dish::query()->where('name', $name)->firstOrFail()->id,
                'need' => $need,
            ]);
        }
        [, $lines] = $this->door->bring(
            'Sandhaven Day Boats',
            $this->number('Sandhaven Day Boats', 18),
            ['John Dory' => [1490], 'Meagre' => [4015]],
            $chef,
            $cutter,
            ['John Dory' => ['count' => 2, 'invoiced' => '3010 g']],
        );
        $this->door->look($lines['Meagre'], $cutter);
    }

    private function number(string $supplier, int $day): string
    {
        preg_match_all('/\b[A-Z]/', $supplier, $initials);

        return implode('', array_slice($initials[0], 0, 2)).'-'.(2000 + 7 * $day + strlen($supplier));
    }
}
