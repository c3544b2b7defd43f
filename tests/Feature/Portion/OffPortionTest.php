<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Skin, belly and bones weighed off a portion that is cut already; a bone found in one. */
final class OffPortionTest extends TestCase
{
    private string $fish;

    private string $portion;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $at = $this->boardedSide();
        $this->fish = explode('/', $at)[3];
        $version = $this->api('GET', "/portion/fish/{$this->fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$this->fish}/dish", ['dish' => $this->dish(), 'version' => $version])
            ->assertOk();
        foreach (['170 g', '172 g'] as $mass) {
            $this->weigh($this->fish, 'portion', $mass, 'portion')->assertOk();
        }
        $this->portion = (string) $this->api('GET', "/portion/fish/{$this->fish}")->json('portions.0.piece');
    }

    public function test_a_skin_off_a_portion_is_a_part_of_its_own_and_the_portion_weighs_less_on_the_plate(): void
    {
        $before = $this->api('GET', "/portion/fish/{$this->fish}");
        $left = $before->json('sources.0.left.mg');
        $bench = $this->weigh($this->fish, 'skin', '14 g', 'portion', from: $this->portion)->assertOk();
        self::assertSame('156 g', $bench->json('portions.0.plate'));
        self::assertNull($bench->json('portions.1.plate'));
        // Cut as it was: where it is placed is by what it weighed on the board, and the side gave no more of itself.
        self::assertSame('within', $bench->json('portions.0.placed'));
        self::assertSame($left, $bench->json('sources.0.left.mg'));
        self::assertSame($this->portion, data_get(collect((array) $bench->json('pieces'))
            ->firstWhere('part', 'skin'), 'parent'));
        // The yield of portions is less by the skin, of what can be eaten it is not.
        self::assertGreaterThan(
            (float) $bench->json('portion_yield'),
            (float) $before->json('portion_yield'),
        );

        $this->done($this->fish, 'portion')->assertOk();
        $sorted = array_values(
            array_filter(
                (array) $this->api('GET', "/route/fish/{$this->fish}")->json('rows'),
                fn (mixed $piece): bool => data_get($piece, 'part') === 'skin',
            ),
        );
        self::assertCount(1, $sorted);
    }

    public function test_its_cost_lies_on_what_is_served_to_the_cent(): void
    {
        DB::table('fish')->where('id', $this->fish)->update(['price_per_kg_minor' => 1480]);
        $this->weigh($this->fish, 'skin', '14 g', 'portion', from: $this->portion)->assertOk();
        $this->done($this->fish, 'portion')->assertOk();
        $this->done($this->fish, 'route')->assertOk();
        $cost = $this->api('GET', "/cost/fish/{$this->fish}")->assertOk();
        $each = (array) $cost->json('products.0.each');
        self::assertSame(['156 g', '172 g'], array_column($each, 'mass'));
        $cents = array_map(
            fn (mixed $amount): int => (int) preg_replace('/\D/', '', is_string($amount) ? $amount : ''),
            array_column($each, 'amount'),
        );
        self::assertSame($cost->json('products.0.minor'), array_sum($cents));
        self::assertLessThan($cents[1], $cents[0]);
    }

    public function test_a_portion_that_lost_its_skin_can_be_taken_back_only_after_the_skin(): void
    {
        $reading = (string) $this->api('GET', "/portion/fish/{$this->fish}")->json('portions.0.reading');
        $this->weigh($this->fish, 'skin', '14 g', 'portion', from: $this->portion)->assertOk();
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/{$reading}/taken-back", ['reason' => 'undone'])
            ->assertStatus(409);
    }

    public function test_a_bone_found_in_a_portion_counts_for_its_side_and_the_history_names_the_portion(): void
    {
        $side = $this->api('GET', "/portion/fish/{$this->fish}")->json('bones.0');
        $found = (int) data_get($side, 'found');
        $this->api('PUT', "/breakdown/fish/{$this->fish}/bones/".self::id(), [
            'piece' => $this->portion,
            'found' => 2,
            'second_pass' => false,
        ])->assertOk();
        $bones = $this->api('GET', "/portion/fish/{$this->fish}")->json('bones.0');
        self::assertSame([$found + 2, true], [data_get($bones, 'found'), data_get($bones, 'done')]);
        $said = DB::table('activity_log')->orderByDesc('id')->value('description');
        self::assertStringContainsString('portion 1', is_string($said) ? $said : '');
    }
}
