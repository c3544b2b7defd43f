<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\Fish\Containers;
use App\Fish\Fish;
use App\Fish\Reading;
use App\Fish\Stage;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Sectum\Measure\Mass;
use Tests\Feature\Receive\AtTheDoor;

/** What is recorded at the board besides weights, and how it is mended. */
final class BoardTest extends AtTheDoor
{
    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $line = $this->line('Hake', ['count' => 1, 'invoiced' => '4210 g', 'price' => '9.80', 'lot' => 'H-1']);
        $this->fish = self::id();
        $this->weighIn($line, '4210 g', [], $this->fish);
        $this->close();
        Containers::store('half tray', Mass::ofGrams(412));
        foreach (['head' => '650 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $grams) {
            $this->weigh($this->fish, $part, $grams)->assertOk();
        }
    }

    private function side(string $part): string
    {
        return (string) data_get(
            collect((array) $this->api('GET', "/breakdown/fish/{$this->fish}")->json('pieces'))->firstWhere(
                'part',
                $part,
            ),
            'piece',
        );
    }

    /** @param  array<string, mixed>  $what */
    private function bones(array $what, ?string $id = null): TestResponse
    {
        return $this->api('PUT', "/breakdown/fish/{$this->fish}/bones/".($id ?? self::id()), $what);
    }

    public function test_how_far_the_bones_run_is_learned_from_where_the_last_was_found(): void
    {
        $this->weigh($this->fish, 'frame', '520 g');
        $start = $this->api('GET', "/breakdown/fish/{$this->fish}")->assertJsonPath('bones.0.runs_by', 0);
        self::assertSame(0.5, $start->json('bones.0.runs'), 'hake: half of the side');
        self::assertGreaterThan(0.5, $start->json('bones.0.runs_to'));
        $a = $this->side('side-a');
        $this->bones(['piece' => $a, 'found' => 2, 'marks' => [0.2, 1.4]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/marks/1');
        $this->bones(['piece' => $a, 'found' => 2, 'marks' => [0.7, 0.2], 'running' => true])
            ->assertOk()
            ->assertJsonPath('bones.0.marks', [0.7, 0.2])
            ->assertJsonPath('bones.0.runs_by', 1);
        $this->bones(['piece' => $a, 'found' => 3, 'marks' => [0.2, 0.65, 0.6], 'running' => true])->assertOk();
        // One side at 65 beside a start at 50 that counts for four.
        $other = $this->received('4000 g');
        $this->weigh($other, 'side-a', '1200 g')->assertOk();
        $this->api('GET', "/breakdown/fish/{$other}")
            ->assertJsonPath('bones.0.runs', 0.53)
            ->assertJsonPath('bones.0.runs_by', 1)
            ->assertJsonPath('bones.0.marks', []);
    }

    public function test_bones_may_come_out_of_the_portions_and_none_goes_on_before(): void
    {
        $this->weigh($this->fish, 'frame', '520 g');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/method", [
            'method' => 'round-two',
            'choices' => ['bones-when' => 'after-portioning'],
            'version' => Fish::query()->findOrFail($this->fish)->version,
        ])->assertOk();
        $this->done($this->fish, 'breakdown')->assertOk();
        $a = $this->side('side-a');
        $dish = $this->dish(170);
        $this->weigh($this->fish, 'portion', '170 g', 'portion', null, $a)
            ->assertOk()
            ->assertJsonPath('bones.0.may_wait', true)
            ->assertJsonPath('bones.0.done', false);
        $this->api('PUT', "/portion/fish/{$this->fish}/dish", [
            'dish' => $dish,
            'version' => Fish::query()->findOrFail($this->fish)->version,
        ])->assertOk();
        $refused = $this->done($this->fish, 'portion')->assertConflict();
        self::assertSame($a, $refused->json('bones'));
        foreach ([$a, $this->side('side-b')] as $side) {
            $this->bones(['piece' => $side, 'found' => 16, 'second_pass' => true])->assertOk();
        }
        $this->done($this->fish, 'portion')->assertOk();
    }

    public function test_no_portion_before_the_second_pass_and_each_count_is_kept(): void
    {
        $this->weigh($this->fish, 'frame', '520 g');
        $this->done($this->fish, 'breakdown')->assertOk();
        $a = $this->side('side-a');
        $refused = $this->weigh($this->fish, 'portion', '170 g', 'portion', null, $a)->assertConflict();
        self::assertStringStartsWith('Side A: 0 found', (string) $refused->json('detail'));
        $this->bones(['piece' => $a, 'found' => 8])
            ->assertOk()
            ->assertJsonPath('bones.0.found', 8)
            ->assertJsonPath('bones.0.done', false);
        $this->weigh($this->fish, 'portion', '170 g', 'portion', null, $a)->assertConflict();
        $check = self::id();
        $this->bones(['piece' => $a, 'found' => 9, 'second_pass' => true], $check)
            ->assertOk()
            ->assertJsonPath('bones.0.done', true);
        $this->bones(['piece' => $a, 'found' => 9, 'second_pass' => true], $check)->assertOk();
        $this->weigh($this->fish, 'portion', '170 g', 'portion', null, $a)->assertOk();
        $this->weigh($this->fish, 'portion', '170 g', 'portion', null, $this->side('side-b'))->assertConflict();
        // One more turned up under the knife.
        $this->bones(['piece' => $a, 'found' => 1, 'later' => true])
            ->assertOk()
            ->assertJsonPath('bones.0.found', 10)
            ->assertJsonPath('bones.0.done', true);
        self::assertSame(3, DB::table('bone_checks')->count());
        $history = (array) $this->api('GET', "/log/fish/{$this->fish}")->json('history.*.what');
        self::assertContains('Head found 1 more in Side A while portioning.', $history);
        $this->expectException(QueryException::class);
        DB::table('bone_checks')->update(['found' => 0]);
    }

    public function test_the_head_chef_waives_a_check_with_a_reason(): void
    {
        $b = $this->side('side-b');
        $this->bones(['piece' => $b, 'found' => 0, 'waived' => 'x'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/waived');
        $this->actingAs($this->cutter);
        $this->bones(['piece' => $b, 'found' => 0, 'waived' => 'goes to mince'])->assertForbidden();
        $this->actingAs($this->chef);
        $this->bones(['piece' => $b, 'found' => 0, 'waived' => 'goes to mince'])
            ->assertOk()
            ->assertJsonPath('bones.1.said', 'Waived by the head chef.');
        $this->bones(['piece' => $this->side('head'), 'found' => 2])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/piece');
    }

    public function test_it_was_on_the_half_tray_is_one_tap(): void
    {
        $wrong = self::id();
        $bench = $this->weigh($this->fish, 'frame', '930 g', 'breakdown', $wrong)
            ->assertOk()
            ->assertJsonPath('remarks.0.tray', 'half tray');
        self::assertStringContainsString('the weight of the half tray', (string) $bench->json('remarks.0.what'));
        $mended = self::id();
        for ($tap = 0; $tap < 2; $tap++) {
            $bench = $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$wrong}/on-tray", [
                'reading' => $mended,
                'tray' => 'half tray',
            ])->assertOk();
        }
        self::assertSame(
            [],
            array_filter(
                (array) $bench->json('remarks'),
                fn (mixed $remark): bool => data_get($remark, 'tray') !== null,
            ),
        );
        $new = Reading::query()->findOrFail($mended);
        self::assertSame([518_000, 412_000], [$new->mass_mg, $new->tare_mg]);
        self::assertSame('it was on the half tray', Reading::query()->findOrFail($wrong)->void?->reason);
        $this->api('PUT', "/breakdown/fish/{$this->fish}/readings/{$mended}/on-tray", [
            'reading' => self::id(),
            'tray' => 'bath tub',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/tray');
    }

    public function test_a_reading_says_its_tray_and_a_tray_weighed_anew_leaves_it_alone(): void
    {
        $on = fn (string $tray, string $grams) => $this->api(
            'PUT',
            "/breakdown/fish/{$this->fish}/readings/".self::id(),
            ['part' => 'frame', 'tray' => $tray, 'weight' => ['typed' => $grams]],
        );
        $on('half tray', '400 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/tray');
        $on('bath tub', '900 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/tray');
        $on('half tray', '932 g')->assertOk();
        Containers::store('half tray', Mass::ofGrams(500));
        self::assertSame(
            [520_000, 412_000],
            [
                Reading::query()->latest('taken_at')->latest('id')->firstOrFail()->mass_mg,
                Reading::query()->latest('taken_at')->latest('id')->firstOrFail()->tare_mg,
            ],
        );
    }

    public function test_what_is_tidied_away_is_kept_by_why_and_is_no_more_than_the_fillets(): void
    {
        $find = fn (string $kind, string $mass): TestResponse => $this->api(
            'PUT',
            "/breakdown/fish/{$this->fish}/finds/".self::id(),
            ['kind' => $kind, 'mass' => $mass],
        );
        $fillets = collect((array) $this->api('GET', "/breakdown/fish/{$this->fish}")->json('pieces'))
            ->whereIn('part', ['side-a', 'side-b'])
            ->sum('mass.mg');
        self::assertGreaterThan(0, $fillets);
        $find('sinew', '12 g')->assertOk()->assertJsonPath('finds.0.claimed', false);
        $find('boat-cut', '35 g')->assertOk()->assertJsonPath('finds.1.claimed', true);
        $find('fat', ($fillets / 1000 - 46).' g')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/mass');
        $find('fat', ($fillets / 1000 - 47).' g')->assertOk();
        self::assertContains(
            'Head tidied away edge cut at sea, 35 g.',
            (array) $this->api('GET', "/log/fish/{$this->fish}")->json('history.*.what'),
        );
    }

    public function test_who_hears_of_a_finding_is_what_the_bench_was_told(): void
    {
        $kinds = (array) $this->api('GET', "/breakdown/fish/{$this->fish}")->assertOk()->json('find_kinds');
        self::assertCount(13, $kinds);
        $told = [];
        foreach ($kinds as $kind) {
            self::assertIsArray($kind);
            $told[strval($kind['name'])] = $kind['told'];
            $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/".self::id(), ['kind' => $kind['kind']])->assertOk();
        }
        $kept = (array) $this->api('GET', "/breakdown/fish/{$this->fish}")->json('finds');
        self::assertEquals($told, array_column($kept, 'claimed', 'name'));
        self::assertSame([true, false], [$told['Worms'], $told['Roe']]);
    }

    public function test_what_was_found_inside_is_kept_and_told_to_the_supplier(): void
    {
        $find = self::id();
        $body = ['kind' => 'worms', 'mass' => '120 g', 'note' => 'belly wall'];
        $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/{$find}", $body)
            ->assertOk()
            ->assertJsonPath('finds.0.name', 'Worms')
            ->assertJsonPath('finds.0.claimed', true);
        $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/{$find}", $body)
            ->assertOk()
            ->assertJsonCount(1, 'finds');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/".self::id(), ['kind' => 'roe', 'mass' => '200 g'])
            ->assertOk()
            ->assertJsonPath('finds.1.claimed', false);
        $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/".self::id(), [
            'kind' => 'stomach',
            'mass' => '9 kg',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/mass');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/finds/".self::id(), [
            'kind' => 'bruise',
            'photo' => self::id(),
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/photo');
        $claim = $this->api('GET', "/receive/deliveries/{$this->delivery}")->json('claim');
        // 120 g at 9.80.
        self::assertSame(
            ['found when cut', '€1.18'],
            [data_get($claim, 'items.0.kind'), data_get($claim, 'items.0.money')],
        );
        self::assertStringContainsString(
            'worms found when it was cut, 120 g: belly wall. At the invoice\'s price: €1.18.',
            (string) data_get($claim, 'text'),
        );
    }

    public function test_a_closed_fish_is_opened_again_by_the_head_chef_with_a_reason(): void
    {
        $closed = $this->routed();
        $this->done($closed, 'cost')->assertOk();
        $open = fn (string $why) => $this->api('PUT', "/log/fish/{$closed}/reopened", [
            'why' => $why,
            'version' => Fish::query()->findOrFail($closed)->version,
        ]);
        $this->actingAs($this->cutter);
        $open('wrong frame')->assertForbidden();
        $this->actingAs($this->chef);
        $open('')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/why');
        $open('the frame was another fish\'s')->assertOk()->assertJsonPath('fish.stage', 'breakdown');
        $open('again')->assertConflict();
        $this->weigh($closed, 'scrapings', '60 g')->assertOk();
        self::assertSame(Stage::BreakDown, Fish::query()->findOrFail($closed)->stage);
        self::assertContains(
            'Head opened it again: the frame was another fish\'s.',
            (array) $this->api('GET', "/log/fish/{$closed}")->json('history.*.what'),
        );
    }

    public function test_a_batch_counted_wrong_is_mended_and_says_the_mean_of_one(): void
    {
        $this->api('PUT', "/breakdown/fish/{$this->fish}/count", [
            'count' => 3,
            'version' => Fish::query()->findOrFail($this->fish)->version,
        ])
            ->assertOk()
            ->assertJsonPath('each', '1403 g');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/count", ['count' => 4, 'version' => 1])->assertConflict();
        $this->api('PUT', "/breakdown/fish/{$this->fish}/count", ['count' => 0, 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/count');
        self::assertContains(
            'Head counted again: 3 fish, not 1.',
            (array) $this->api('GET', "/log/fish/{$this->fish}")->json('history.*.what'),
        );
    }
}
