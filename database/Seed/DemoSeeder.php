<?php

declare(strict_types=1);

namespace Database\Seed;

use App\BreakDown\Bench;
use App\Contract\Fields;
use App\Fish\Species;
use App\Kitchen\KitchenView;
use App\Kitchen\Person;
use App\Kitchen\Pin;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Portion\ChooseDish;
use App\Portion\Dish;
use App\Portion\PortionBench;
use App\Receive\Fish;
use App\Receive\MoveOn;
use App\Receive\ReceiveFish;
use App\Receive\Stage;
use App\Receive\TakeBack;
use App\Receive\TakeReading;
use App\Route\SendToBin;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

/**
 * The made-up kitchen the demo shows: Kettlewick Assembly Rooms, with a few weeks of fish.
 *
 * Everything is weighed through the same actions the page uses, with honest noise from a fixed seed and a mistake or two.
 */
final class DemoSeeder extends Seeder
{
    private const SEED = 20261124;

    /** species, state, supplier, grams, price a kilo, dish */
    private const BOUGHT = [
        ['Arctic char', 'gutted', 'Northwater Fish Farm', 2100, '13.90', 'Char, brown butter'],
        ['Hake', 'gutted', 'Harbourgate Fish', 3400, '9.80', 'Hake, parsley sauce'],
        ['Zander', 'gutted', 'Lakeside Fishery', 1850, '15.40', 'Zander, barley'],
        ['Gilthead bream', 'round', 'Harbourgate Fish', 720, '11.20', 'Bream, fennel'],
        ['Brill', 'gutted', 'Harbourgate Fish', 2300, '18.60', 'Brill, leek'],
        ['John Dory', 'gutted', 'Sandhaven Day Boats', 1500, '19.90', 'Zander, barley'],
        ['Meagre', 'gutted', 'Sandhaven Day Boats', 3900, '10.90', 'Hake, parsley sauce'],
        ['Rainbow trout', 'gutted', 'Northwater Fish Farm', 1250, '8.40', 'Char, brown butter'],
    ];

    private Randomizer $random;

    /** @var array<string, Person> */
    private array $crew = [];

    public function __construct(
        private readonly ReceiveFish $receive,
        private readonly TakeReading $take,
        private readonly TakeBack $takeBack,
        private readonly MoveOn $moveOn,
        private readonly ChooseDish $chooseDish,
    ) {
    }

    public function run(): void
    {
        if (Person::query()->exists()) {
            return;
        }
        $this->random = new Randomizer(new Mt19937(self::SEED));
        $now = Carbon::now();
        $today = $now->copy()->startOfDay();
        DB::transaction(function () use ($now, $today): void {
            $this->house();
            for ($i = 0; $i < 30; $i++) {
                // Two or three fish a delivery, Thursdays and Fridays first; the last ones this morning.
                $day = $today->copy()->subDays((int) floor((29 - $i) / 2) * 2 + ($i < 24 ? 1 : 0));
                $morning = $day->setTime(7, 40)->addMinutes(3 * ($i % 4));
                // Whoever looks before the morning's delivery sees it come in just now.
                Carbon::setTestNow($morning->isAfter($now) ? $now->copy()->subMinutes(3 * (30 - $i)) : $morning);
                $this->oneFish($i);
            }
        });
        Carbon::setTestNow();
    }

    private function house(): void
    {
        Settings::store(['kitchen' => 'Kettlewick Assembly Rooms', 'currency' => 'EUR', 'labour_rate_minor' => '1860', 'tax_pct' => '10']);
        foreach (KitchenView::DEMO_PINS as $name => $pin) {
            $this->crew[] = Person::query()->create(['name' => $name, 'role' => $this->crew === [] ? Role::HeadChef : Role::Cutter, 'units' => 'metric', 'pin_hash' => Pin::hash($pin)]);
            Carbon::setTestNow(Carbon::now()->addSecond());
        }
        Carbon::setTestNow();
        foreach (['half tray' => 412, 'lid' => 96, 'small tub' => 58] as $name => $grams) {
            DB::table('tares')->insert(['name' => $name, 'mass_mg' => Mass::ofGrams($grams)->milligrams]);
        }
        foreach ([
            ['Char, brown butter', 160, 8, 10, 190, 2450, 30],
            ['Hake, parsley sauce', 180, 8, 12, 170, 2200, 28],
            ['Zander, barley', 150, 6, 8, 210, 2600, 30],
            ['Bream, fennel', 140, 10, 12, 160, 2100, 28],
            ['Brill, leek', 150, 8, 10, 240, 2900, 32],
        ] as [$name, $target, $minus, $plus, $sides, $price, $share]) {
            Dish::query()->create([
                'name' => $name, 'target_mg' => $target * 1000, 'minus_mg' => $minus * 1000, 'plus_mg' => $plus * 1000,
                'sides_minor' => $sides, 'surcharge_pct' => '5', 'price_minor' => $price, 'target_cost_pct' => (string) $share, 'version' => 1,
            ]);
        }
    }

    private function oneFish(int $i): void
    {
        [$name, $state, $supplier, $grams, $price, $dish] = self::BOUGHT[$i % count(self::BOUGHT)];
        $species = Species::query()->with('shares')->where('name', $name)->firstOrFail();
        $grams = $this->about($grams, 0.12 * $grams);
        $fish = ($this->receive)((string) Str::ulid(), new Fields([
            'reading' => (string) Str::ulid(), 'species' => $species->id, 'supplier' => $supplier, 'state' => $state,
            'price_per_kg' => $price, 'weight' => ['typed' => self::steps($grams).' g'],
        ]), $this->crew[0]);
        $fish->update(['delivery_minor' => $this->random->getInt(8, 20) * 10]);
        if ($i < 27) {
            Carbon::setTestNow(Carbon::now()->addMinutes(40));
            $this->breakDown($fish, $species, $grams, $i);
        }
        if ($i < 25) {
            $this->portion($fish, $dish, $i);
        }
        if ($i < 24) {
            $this->close($fish, $i);
        }
    }

    private function breakDown(Fish $fish, Species $species, float $grams, int $i): void
    {
        $shares = $species->expected(StateBought::from($fish->state->value));
        $quick = $i % 5 === 3;
        $left = $grams * (1 - ($i === 26 ? 0.5 : $this->about(0.5, 0.15)) / 100);
        $parts = array_filter($species->form->parts(), fn (Part $part): bool => isset($shares[$part->value]) && ! $part->comesOffAFillet());
        $masses = [];
        foreach ($parts as $part) {
            $share = $shares[$part->value];
            $masses[$part->value] = $grams * $this->about($share->meanPct, 0.5 * $share->sdPct) / 100;
        }
        $scale = $left / (array_sum($masses) * 1.02);
        $masses = array_map(fn (float $mass): float => $mass * $scale, $masses);
        if ($quick) {
            $fillets = array_sum(array_filter($masses, fn (string $part): bool => Part::from($part)->isFillet(), ARRAY_FILTER_USE_KEY));
            $masses = ['fillets' => $fillets, 'trim' => 0.04 * $grams, 'bones' => $left - $fillets - 0.04 * $grams];
        } else {
            $masses['fins'] = $left - array_sum($masses);
        }
        if ($i === 26) {
            // Left on the board half way, with the half tray still under the frame.
            $masses = array_intersect_key($masses, array_flip(['head', 'collar', 'side-a', 'side-b', 'eyed-side', 'blind-side', 'frame', 'fins']));
            $others = array_sum(array_map(self::steps(...), array_diff_key($masses, ['frame' => 0])));
            $masses['frame'] = self::steps($grams) * 0.995 - $others + 412;
        }
        foreach ($masses as $part => $mass) {
            Carbon::setTestNow(Carbon::now()->addSeconds($this->random->getInt(40, 130)));
            $reading = (string) Str::ulid();
            if ($i === 9 && $part === 'frame') {
                $this->weigh($fish, $part, $mass + 412, $reading);
                $this->takeBack->__invoke($fish, $reading, 'weighed with the half tray', $this->crew[1]);
                $reading = (string) Str::ulid();
            }
            $this->weigh($fish, $part, $mass, $reading);
        }
        if ($i < 26) {
            ($this->moveOn)($fish, Stage::BreakDown, $this->version($fish), $this->crew[1], fn (Fish $f) => $f->broken_down = true);
        }
    }

    private function portion(Fish $fish, string $dishName, int $i): void
    {
        $dish = Dish::query()->where('name', $dishName)->firstOrFail();
        ($this->chooseDish)($fish, $dish->id, $this->version($fish));
        foreach (Fish::onTheBench($fish->id)->pieces->filter(fn ($piece): bool => $piece->part->isFillet()) as $fillet) {
            $left = ($fillet->reading()?->mass_mg ?? 0) / 1000;
            $end = $this->about(0.03, 0.01) * $left;
            $this->weigh($fish, 'ends', $end, (string) Str::ulid(), $fillet->id);
            $left -= $end;
            $target = $dish->target_mg / 1000;
            $most = $i === 24 ? 3 : 40;
            while ($left > $target * 1.06 && $most-- > 0) {
                Carbon::setTestNow(Carbon::now()->addSeconds($this->random->getInt(12, 30)));
                $piece = min($left, $this->about($target + 3, 5));
                $this->weigh($fish, 'portion', $piece, (string) Str::ulid(), $fillet->id);
                $left -= $piece;
            }
            if ($left > 15 && $i !== 24) {
                $this->weigh($fish, 'tail-end', $left * 0.995, (string) Str::ulid(), $fillet->id);
            }
            if ($i === 24) {
                return;
            }
        }
        ($this->moveOn)($fish, Stage::Portion, $this->version($fish), $this->crew[2]);
    }

    private function close(Fish $fish, int $i): void
    {
        if ($i === 23) {
            return;
        }
        ($this->moveOn)($fish, Stage::Route, $this->version($fish), $this->crew[1], SendToBin::allTheRest(...));
        if ($i === 22) {
            return;
        }
        Fish::query()->whereKey($fish->id)->update(['labour_minutes' => (string) $this->random->getInt(9, 24)]);
        ($this->moveOn)($fish, Stage::Cost, $this->version($fish), $this->crew[0]);
    }

    private function weigh(Fish $fish, string $part, float $grams, string $reading, ?string $from = null): void
    {
        $onBoard = Fish::onTheBench($fish->id);
        $mass = self::steps($grams);
        if ($mass <= 0) {
            return;
        }
        ($this->take)($onBoard, $reading, new Fields([
            'part' => $part, 'from' => $from,
            'weight' => ['pan' => ['mass_mg' => $mass * 1000, 'tare_mg' => 0, 'resolution_mg' => 5000, 'steady' => true]],
        ]), $this->crew[1 + $fish->number % 2], [...Bench::among($onBoard), ...PortionBench::PARTS]);
    }

    private function version(Fish $fish): int
    {
        return Fish::query()->findOrFail($fish->id)->version;
    }

    /** What a scale of five-gram steps shows. */
    private static function steps(float $grams): int
    {
        return (int) (round($grams / 5) * 5);
    }

    /** A draw around a mean: the sum of twelve even draws, which is normal enough here. */
    private function about(float $mean, float $sd): float
    {
        $sum = -6.0;
        for ($k = 0; $k < 12; $k++) {
            $sum += $this->random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $mean + $sd * $sum;
    }
}
