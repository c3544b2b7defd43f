<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Catalogue\HouseBin;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Route\Batches\BatchDrawn;
use App\Route\Batches\FoodBatch;
use App\Route\Bins\BinDeposit;
use App\Route\Recipes\Recipe;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;
use Sectum\Fish\Bin;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What was made is drawn on by the litre; a roe is graded; a spoon is weighed off its part. */
final class DrawsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    private function recipe(string $name): string
    {
        return Recipe::query()->where('name', $name)->firstOrFail()->id;
    }

    /** So many litres or kilos made of so much of a bin. */
    private function made(string $recipe, string $grams, float $amount): string
    {
        $batch = self::id();
        $this->api('PUT', "/route/batches/{$batch}", [
            'recipe' => $this->recipe($recipe),
            'weight' => ['typed' => $grams],
        ])->assertOk();
        $this->api('PUT', "/route/batches/{$batch}/made", ['amount' => $amount, 'version' => 1])->assertOk();

        return $batch;
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function draw(string $batch, array $what, ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/route/batches/{$batch}/draws/".($act ?? self::id()), $what);
    }

    public function test_a_dish_the_staff_and_another_batch_draw_on_stock_and_what_ends_first_goes_first(): void
    {
        $this->routed();
        $this->routed();
        $first = $this->made('White stock', '1000 g', 1.0);
        $second = $this->made('White stock', '1000 g', 1.0);
        $tomorrow = Moment::day(now())->modify('+1 day')->format('Y-m-d');
        FoodBatch::query()->whereKey($second)->update(['use_by' => $tomorrow]);
        $this->draw($first, ['amount' => 1.5, 'for' => 'dish', 'dish' => $this->dish()])
            ->assertOk()
            ->assertJsonPath('draws.0.for', 'dish')
            ->assertJsonPath('draws.0.amount', '500 ml');
        // The second ends first: it is empty before the first is touched.
        self::assertSame([500, 1000], [$this->drawn($first), $this->drawn($second)]);
        $act = self::id();
        $this->draw($first, ['amount' => 0.2, 'for' => 'staff'], $act)->assertOk();
        $this->draw($first, ['amount' => 0.2, 'for' => 'staff'], $act)->assertOk();
        self::assertSame(700, $this->drawn($first));
        $short = $this->draw($second, ['amount' => 0.4, 'for' => 'staff'])->assertStatus(422);
        self::assertSame('/amount', $short->json('errors.0.pointer'));
        self::assertSame(700, $this->drawn($first));

        $this->draw($first, ['undoes' => $act])->assertOk();
        $this->draw($first, ['undoes' => $act])->assertConflict();
        self::assertSame(500, $this->drawn($first));
        self::assertCount(1, (array) $this->api('GET', "/route/batches/{$first}")->json('draws'));
        $this->expectException(QueryException::class);
        BatchDrawn::query()->delete();
    }

    public function test_a_batch_drawn_on_for_another_takes_its_cost_and_its_allergens_along(): void
    {
        $this->routed();
        $stock = $this->made('Lightly roasted stock', '1000 g', 0.9);
        $mince = $this->made('Mince', '140 g', 0.13);
        $before = FoodBatch::inFull($mince)->cost()->minor;
        self::assertSame(['fish'], $this->api('GET', "/route/batches/{$mince}")->json('allergens'));
        $this->draw($stock, ['amount' => 0.9, 'for' => 'batch', 'batch' => $mince])->assertOk();
        self::assertSame(
            FoodBatch::inFull($stock)->cost()->minor,
            FoodBatch::inFull($mince)->cost()->minor - $before,
        );
        self::assertSame(['fish', 'celery'], $this->api('GET', "/route/batches/{$mince}")->json('allergens'));
        // The nine of the US list do not name celery.
        $this->api('PUT', '/kitchen/settings/allergen_list', ['value' => 'nine', 'was' => 'fourteen'])->assertOk();
        self::assertSame(['fish'], $this->api('GET', "/route/batches/{$mince}")->json('allergens'));
        foreach ([
            [['amount' => 0.1, 'for' => 'dish'], '/dish'],
            [['amount' => 0.1, 'for' => 'batch', 'batch' => $stock], '/batch'],
            [['amount' => 0, 'for' => 'staff'], '/amount'],
            [['amount' => 0.1, 'for' => 'cat'], '/for'],
        ] as [$what, $where]) {
            self::assertSame($where, $this->draw($stock, $what)->assertStatus(422)->json('errors.0.pointer'));
        }
    }

    public function test_the_sac_of_a_roe_decides_its_bin_and_what_it_is_worth(): void
    {
        $fish = $this->received();
        foreach (['roe' => '120 g', 'head' => '600 g', 'side-a' => '1500 g'] as $part => $grams) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $this->done($fish, 'portion')->assertOk();
        $bench = $this->api('GET', "/route/fish/{$fish}")->assertOk();
        $at = array_search('roe', (array) $bench->json('rows.*.part'), true);
        self::assertIsInt($at);
        self::assertSame(['roe', false], [$bench->json("rows.{$at}.bin"), $bench->json("rows.{$at}.broken")]);
        $head = array_search('head', (array) $bench->json('rows.*.part'), true);
        self::assertIsInt($head);
        self::assertStringContainsString('not pay', (string) $bench->json("rows.{$head}.scrape"));
        $sac = "/route/fish/{$fish}/pieces/{$bench->json("rows.{$at}.piece")}/sac";
        $version = $bench->json('fish.version');
        $this->api('PUT', $sac, ['broken' => true, 'version' => 1])->assertConflict();
        $this->api('PUT', $sac, ['broken' => true, 'version' => $version])
            ->assertOk()
            ->assertJsonPath("rows.{$at}.bin", 'mince');
        $this->done($fish, 'route')->assertOk();
        $roe = BinDeposit::query()->where('piece_id', $bench->json("rows.{$at}.piece"))->sole();
        self::assertSame([Bin::Mince, 120_000], [$roe->bin, $roe->mass_mg]);
        self::assertSame((int) round(0.6 * HouseBin::of(Bin::Mince)->value_per_kg_minor), $roe->value_per_kg_minor);
        $other = $bench->json("rows.{$head}.piece");
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$other}/sac", ['broken' => true, 'version' => 1])
            ->assertStatus(422);
        // Put right once it lies in its bin: it is taken out of the one and put into the other.
        $version = Fish::query()->findOrFail($fish)->version;
        $this->api('PUT', $sac, ['broken' => false, 'version' => $version])
            ->assertOk()
            ->assertJsonPath("rows.{$at}.bin", 'roe');
    }

    public function test_scrapings_say_what_the_spoon_was_over(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'frame', '520 g')->assertOk();
        foreach ([['frame', 'off'], ['scrapings', 'skin']] as [$part, $off]) {
            $this->api('PUT', "/breakdown/fish/{$fish}/readings/".self::id(), [
                'part' => $part,
                'off' => $off === 'off' ? 'ribs' : $off,
                'weight' => ['typed' => '40 g'],
            ])->assertStatus(422);
        }
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/".self::id(), [
            'part' => 'scrapings',
            'off' => 'ribs',
            'weight' => ['typed' => '40 g'],
        ])->assertOk();
        self::assertSame('ribs', Piece::query()->where('part', 'scrapings')->sole()->scraped_off?->value);
        self::assertSame(1, Piece::query()->where('part', 'frame')->count());
    }

    private function drawn(string $batch): int
    {
        return (int) BatchDrawn::query()->where('making_id', $batch)->sum('milli');
    }
}
