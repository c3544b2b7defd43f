<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Route\Batches\FoodBatch;
use App\Route\Bins\BinDeposit;
use App\Route\Bins\BinWithdrawal;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Route\Bins\Leaving;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/**
 * Two weeks of a kitchen through the page's own doors, by dice: whatever is done, nothing is lost and nothing is made.
 */
final class ConservationTest extends TestCase
{
    private const DAYS = 14;

    private Randomizer $dice;

    private string $dish;

    /** @var list<string> */
    private array $fish = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->dice = new Randomizer(new Xoshiro256StarStar(611));
        $this->dish = $this->dish();
    }

    public function test_masses_and_money_add_up_after_every_day(): void
    {
        $refused = 0;
        for ($day = 1; $day <= self::DAYS; $day++) {
            Carbon::setTestNow(Carbon::parse('2026-03-01 09:00')->addDays($day));
            $this->fishOfTheDay();
            for ($act = 0; $act < 5; $act++) {
                $refused += $this->something() ? 0 : 1;
            }
            $this->nothingIsLost();
            $this->whatIsKeptIsWhatIsWorkedOut();
            // The other school counts all fish anew; two days of each.
            if ($day % 2 === 0) {
                $this->api('PUT', '/cost/house', ['credits' => $day % 4 === 0 ? 'bin-value' : 'batch-return']);
            }
        }
        self::assertGreaterThan(0, $refused, 'now and then too much is asked');
        self::assertSame(
            count(Leaving::cases()),
            BinWithdrawal::query()->distinct()->count('how'),
            'everything that can happen did',
        );
        foreach (['bin-value', 'batch-return'] as $school) {
            $this->api('PUT', '/cost/house', ['credits' => $school])->assertOk();
            foreach ($this->fish as $fish) {
                $cost = $this->api('GET', "/cost/fish/{$fish}")->assertOk();
                $walk = (array) $cost->json('walk.*.minor');
                $net = array_pop($walk);
                self::assertSame($net, array_sum($walk));
                self::assertSame($net, array_sum((array) $cost->json('products.*.minor')));
            }
        }
        $this->whatBatchesBroughtIsInTheFish();
    }

    private function fishOfTheDay(): void
    {
        $whole = $this->dice->getInt(200, 600) * 5;
        $fish = $this->received("{$whole} g", [
            'species' => $this->species(['Hake', 'Zander', 'Meagre'][$this->dice->getInt(0, 2)]),
        ]);
        $this->fish[] = $fish;
        $left = $whole;
        foreach (['head' => 16, 'frame' => 12, 'collar' => 3, 'trim' => 4] as $part => $share) {
            $mass = 5 * intdiv($whole * $share, 500);
            $this->weigh($fish, $part, "{$mass} g")->assertOk();
            $left -= $mass;
        }
        $this->weigh($fish, 'fillets', $left - 20 .' g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->dish, 'version' => $version])->assertOk();
        foreach (['170 g', '175 g', '160 g'] as $mass) {
            $this->weigh($fish, 'portion', $mass, 'portion')->assertOk();
        }
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();
    }

    /** @return bool whether it was taken */
    private function something(): bool
    {
        $bin = ['stock', 'mince', 'grill'][$this->dice->getInt(0, 2)];
        $grams = $this->dice->getInt(1, 180) * 5;
        $tub = $this->api('GET', "/route/bins/{$bin}")->json('deposits.0.id');
        $out = fn (array $what) => $this->api('PUT', "/route/bins/{$bin}/out/".self::id(), [
            'weight' => ['typed' => "{$grams} g"],
            'reason' => 'dice',
            ...$what,
        ]);
        $answer = match ($this->dice->getInt(0, 5)) {
            0 => $out(['how' => 'meal']),
            1 => $out(['how' => 'discard', ...is_string($tub) ? ['deposit' => $tub, 'empty' => true] : []]),
            2 => $out(['how' => 'correction']),
            3 => is_string($tub)
                ? $this->api('PUT', "/route/tubs/{$tub}/frozen/".self::id())
                : $out(['how' => 'meal']),
            4 => $this->api('PUT', "/route/bins/{$bin}/frozen/".self::id()),
            default => $this->batch($grams),
        };
        self::assertContains($answer->getStatusCode(), [200, 422], (string) $answer->getContent());

        return $answer->getStatusCode() === 200;
    }

    /** @return TestResponse<Response> */
    private function batch(int $grams): TestResponse
    {
        $id = self::id();
        $begun = $this->api('PUT', "/route/batches/{$id}", [
            'recipe' => Recipe::query()->where('name', 'White stock')->firstOrFail()->id,
            'weight' => ['typed' => "{$grams} g"],
        ]);
        if ($begun->getStatusCode() === 200 && $this->dice->getInt(0, 3) > 0) {
            $this->api('PUT', "/route/batches/{$id}/made", [
                'amount' => round((($grams / 1000) * $this->dice->getInt(70, 130)) / 100, 2),
                'version' => 1,
            ])->assertOk();
        }

        return $begun;
    }

    private function whatIsKeptIsWhatIsWorkedOut(): void
    {
        $shown = fn (): array => [
            $this->api('GET', '/cost/plates')->assertOk()->json(),
            $this->api('GET', "/cost/plates/{$this->dish}")->assertOk()->json(),
            $this->api('GET', '/cost/ready-cut')->assertOk()->json(),
        ];
        $kept = $shown();
        self::assertSame(count($this->fish), DB::table('cost_summaries')->delete());
        self::assertSame($shown(), $kept);
    }

    private function nothingIsLost(): void
    {
        $binned = (int) DB::table('pieces')
            ->join('readings', 'readings.piece_id', '=', 'pieces.id')
            ->whereNotNull('pieces.bin')
            ->where('pieces.bin', '!=', 'discard')
            ->sum('readings.mass_mg');
        $in = (int) BinDeposit::query()->whereNull('from_id')->sum('mass_mg');
        self::assertSame($binned, $in, 'what was routed was put in');
        $moved = (int) BinDeposit::query()->whereNotNull('from_id')->sum('mass_mg');
        self::assertSame(
            $moved,
            (int) BinWithdrawal::query()->where('how', Leaving::Moved->value)->sum('mass_mg'),
            'what left for the freezer came there',
        );
        $gone = (int) BinWithdrawal::query()->where('how', '!=', Leaving::Moved->value)->sum('mass_mg');
        $there = array_sum((array) $this->api('GET', '/route/bins')->json('bins.*.mass.mg'));
        self::assertSame($in, $gone + $there);
        $worth = 0;
        foreach (BinDeposit::query()->with('withdrawals')->get() as $deposit) {
            self::assertFalse($deposit->deposit()->left->isNegative());
            self::assertSame(
                $deposit->deposit()->value->minor,
                $deposit->deposit()->leftWorth()->minor +
                    $deposit->withdrawals->sum(fn (BinWithdrawal $out): int => $out->minor),
                'its worth to the cent',
            );
            $worth += $deposit->deposit()->value->minor;
        }
        self::assertGreaterThan(0, $worth);
    }

    private function whatBatchesBroughtIsInTheFish(): void
    {
        $brought = 0;
        foreach (FoodBatch::query()->whereNotNull('yield_milli')->get() as $making) {
            $batch = $this->api('GET', "/route/batches/{$making->id}")->assertOk();
            $total = self::minor($batch->json('value'));
            self::assertSame($total, array_sum(array_map(self::minor(...), (array) $batch->json('fish.*.back'))));
            self::assertSame($total, array_sum(array_map(self::minor(...), (array) $batch->json('went.*.back'))));
            $brought += $total;
        }
        self::assertGreaterThan(0, $brought);
    }

    private static function minor(mixed $amount): int
    {
        self::assertIsString($amount);

        return (int) round(100 * (float) str_replace(['€', '−'], ['', '-'], $amount));
    }
}
