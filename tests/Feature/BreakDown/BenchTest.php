<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\Fish\Reading;
use App\Portion\Dish\Dish;
use Illuminate\Database\QueryException;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class BenchTest extends TestCase
{
    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        DB::table('tares')->insert(['name' => 'half tray', 'mass_mg' => 412_000]);
        $this->fish = $this->received();
    }

    public function test_three_weights_give_a_yield_and_no_nagging(): void
    {
        $this->weigh($this->fish, 'fillets', '2650 g');
        $this->weigh($this->fish, 'trim', '150 g');
        $bench = $this->weigh($this->fish, 'bones', '1390 g')->assertOk();
        self::assertSame([], $bench->json('remarks'));
        self::assertSame(['as bought', 'fillets'], $bench->json('ladder.*.rung'));
        // 2650 g of fillets and 150 g of trim out of 4210 g.
        self::assertSame('66.5 %', $bench->json('edible_yield'));
    }

    public function test_the_same_reading_sent_twice_is_one_and_another_under_its_name_is_a_conflict(): void
    {
        $reading = self::id();
        $this->weigh($this->fish, 'head', '650 g', reading: $reading)->assertOk();
        $this->weigh($this->fish, 'head', '650 g', reading: $reading)->assertOk()->assertJsonCount(2, 'readings');
        $this->weigh($this->fish, 'head', '655 g', reading: $reading)
            ->assertConflict()
            ->assertJsonPath('current.mass_mg', 650_000)
            ->assertJsonPath('yours.mass_mg', 655_000);
        $this->weigh($this->received('900 g'), 'head', '650 g', reading: $reading)->assertConflict();
        self::assertSame(3, Reading::query()->count());
    }

    public function test_more_off_than_on_is_kept_shown_and_explained(): void
    {
        foreach (
            ['head' => '820 g', 'frame' => '960 g', 'side-a' => '1320 g', 'side-b' => '1330 g'] as $part => $typed
        ) {
            $bench = $this->weigh($this->fish, $part, $typed)->assertOk();
        }
        self::assertSame(220_000, $bench->json('keel.excess.mg'));
        self::assertStringContainsString(
            'More came off the whole fish than went on, by 220 g',
            (string) $bench->json('remarks.0.what'),
        );
        self::assertSame(5, Reading::query()->count());
    }

    public function test_the_half_tray_under_the_frame_is_named_and_mended_by_weighing_again(): void
    {
        $this->weigh($this->fish, 'head', '800 g');
        $this->weigh($this->fish, 'side-a', '1420 g');
        $this->weigh($this->fish, 'side-b', '1415 g');
        $bench = $this->weigh($this->fish, 'frame', '965 g');
        self::assertStringContainsString(
            'the frame reading looks 411 g too heavy, the weight of the half tray',
            (string) $bench->json('remarks.0.what'),
        );
        $frame = collect((array) $bench->json('pieces'))->firstWhere('part', 'frame');
        self::assertSame($frame['piece'], $bench->json('remarks.0.piece'));
        $mended = $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/".self::id(), [
            'part' => 'frame',
            'replaces' => $frame['reading'],
            'weight' => ['typed' => '553 g'],
        ]);
        self::assertSame([], $mended->json('remarks'));
        self::assertSame(
            'weighed again',
            collect((array) $mended->json('readings'))->firstWhere('id', $frame['reading'])['taken_back'],
        );
    }

    public function test_a_reading_taken_back_leaves_every_figure_as_if_it_had_never_been(): void
    {
        $this->weigh($this->fish, 'head', '650 g');
        $before = $this->weigh($this->fish, 'side-a', '1400 g');
        $reading = self::id();
        $this->weigh($this->fish, 'frame', '935 g', reading: $reading);
        $after = $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$reading}/taken-back", [
            'reason' => 'with the tray',
        ])->assertOk();
        $figures = fn (mixed $bench): array => Arr::except((array) $bench, ['readings', 'fish']);
        self::assertEquals($figures($before->json()), $figures($after->json()));
        self::assertSame('with the tray', $after->json('readings.0.taken_back'));
        $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$reading}/taken-back", [
            'reason' => 'again',
        ])->assertOk();
        $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/".self::id().'/taken-back', [
            'reason' => 'which',
        ])->assertNotFound();
    }

    public function test_the_database_itself_refuses_to_change_or_lose_a_reading(): void
    {
        foreach (
            [
                'update readings set mass_mg = 1',
                'delete from readings',
                'delete from reading_voids',
                'update reading_voids set reason = ""',
            ] as $sql
        ) {
            $this->weigh($this->fish, 'fins', '50 g', reading: ($reading = self::id()));
            $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$reading}/taken-back", ['reason' => 'test']);
            try {
                DB::statement($sql);
                self::fail("{$sql} went through.");
            } catch (QueryException $e) {
                self::assertStringContainsString('only ever added to', $e->getMessage());
            }
        }
    }

    public function test_what_comes_off_a_fillet_is_cut_from_it(): void
    {
        $this->weigh($this->fish, 'side-a', '1500 g');
        $bench = $this->weigh($this->fish, 'skin', '90 g');
        $pieces = collect((array) $bench->json('pieces'));
        self::assertSame(
            $pieces->firstWhere('part', 'side-a')['piece'],
            $pieces->firstWhere('part', 'skin')['parent'],
        );
        $whole = $pieces->firstWhere('part', 'whole');
        $off = $this->weigh($this->fish, 'belly', '60 g', from: $whole['piece']);
        self::assertSame(
            $whole['piece'],
            collect((array) $off->json('pieces'))->firstWhere('part', 'belly')['parent'],
        );
        $side = $pieces->firstWhere('part', 'side-a');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$side['reading']}/taken-back", [
            'reason' => 'wrong',
        ])->assertConflict();
    }

    public function test_parts_of_another_fish_and_pieces_that_are_not_there_are_refused(): void
    {
        $this->weigh($this->fish, 'blind-side', '300 g')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/part');
        $this->weigh($this->fish, 'wing', '300 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/part');
        $this->weigh($this->fish, 'head', '300 g', from: self::id())
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/from');
        $this->weigh(self::id(), 'head', '300 g')->assertNotFound();
    }

    public function test_two_screens_on_one_fish(): void
    {
        $version = $this->weigh($this->fish, 'fillets', '2600 g')->json('fish.version');
        $this->weigh($this->fish, 'bones', '1500 g')->assertOk();
        $this->api('PUT', "/breakdown/fish/{$this->fish}/done", ['version' => $version])
            ->assertConflict()
            ->assertJsonPath('yours', $version)
            ->assertJsonPath('current', $version + 1);
        $this->api('PUT', "/breakdown/fish/{$this->fish}/done", ['version' => $version + 1])
            ->assertOk()
            ->assertJsonPath('fish.stage', 'portion');
    }

    public function test_a_fish_nothing_came_off_stays_on_the_board(): void
    {
        $this->done($this->fish, 'breakdown')->assertStatus(422);
        $this->api('GET', "/breakdown/fish/{$this->fish}")->assertJsonPath('fish.stage', 'breakdown');
    }

    public function test_saying_that_is_all_makes_a_gap_show(): void
    {
        $this->weigh($this->fish, 'fillets', '2650 g');
        self::assertSame([], $this->api('GET', "/breakdown/fish/{$this->fish}")->json('remarks'));
        self::assertStringContainsString(
            'is not accounted for',
            (string) $this->done($this->fish, 'breakdown')->json('remarks.0.what'),
        );
    }

    public function test_an_uncut_fish_shows_what_it_should_give_until_something_is_weighed_off_it(): void
    {
        $this->dish();
        $fish = $this->received();
        $bench = $this->api('GET', "/breakdown/fish/{$fish}")->assertOk();
        $parts = (array) $bench->json('keel.expected.*.part');
        self::assertContains('head', $parts);
        self::assertLessThanOrEqual(4_210_000, array_sum((array) $bench->json('keel.expected.*.mass.mg')));
        // The one dish there is suits any fish; until one is of this species nothing is promised.
        self::assertNull($bench->json('keel.portions'));
        Dish::query()->update(['species_id' => $this->species('Hake')]);
        self::assertMatchesRegularExpression(
            '/^about \d+ × Dish 170$/',
            (string) $this->api('GET', '/breakdown')->json('fish.0.keel.portions'),
        );
        $this->weigh($fish, 'head', '650 g')
            ->assertOk()
            ->assertJsonPath('keel.expected', [])
            ->assertJsonPath('keel.portions', null);
    }
}
