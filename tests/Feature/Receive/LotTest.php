<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Catalogue\Species;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Portion\Dish\Dish;
use App\Receive\Sourcing\Sourcing;
use Illuminate\Support\Facades\DB;

/** What is known of a lot beside its weight. */
final class LotTest extends AtTheDoor
{
    public function test_the_fat_grade_stays_with_the_lot_and_its_fish_and_a_dish_may_want_another(): void
    {
        $line = $this->line('Hake');
        $fish = self::id();
        $this->weighIn($line, '4210 g', [], $fish)->assertOk();
        $this->api('GET', "/receive/lines/{$line}/inspection")
            ->assertOk()
            ->assertJsonPath('fat_grade', null)
            ->assertJsonPath('fat_grades.*.grade', ['lean', 'good', 'fat']);
        $this->inspect($line, ['fat_grade' => 'lean'])->assertOk()->assertJsonPath('lines.0.fat_grade', 'lean');
        // Looked at again without a word on it: it stays.
        $this->inspect($line)->assertOk()->assertJsonPath('lines.0.fat_grade', 'lean');
        self::assertSame(
            ['lean', 'lean'],
            [Fish::query()->findOrFail($fish)->fat_grade?->value, DeliveryLine::query()->sole()->fat_grade?->value],
        );
        self::assertSame(
            '/fat_grade',
            $this->inspect($line, ['fat_grade' => 'obese'])->assertStatus(422)->json('errors.0.pointer'),
        );
        $this->close()->assertOk();
        $this->weigh($fish, 'side-a', '1500 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $dish = Dish::query()->findOrFail($this->dish());
        self::assertSame([null], $this->api('GET', "/portion/fish/{$fish}")->json('dishes.*.unsuited'));
        $dish->update(['fat_grades' => 'good fat']);
        self::assertSame(['lean'], $this->api('GET', "/portion/fish/{$fish}")->json('dishes.*.unsuited'));
        $dish->update(['fat_grades' => 'lean']);
        self::assertSame([null], $this->api('GET', "/portion/fish/{$fish}")->json('dishes.*.unsuited'));
    }

    public function test_attributes_weigh_as_the_catalogue_says(): void
    {
        $weights = fn (string $species, string $state): array => array_column(
            (array) $this->api('GET', '/receive/lines/'.$this->line($species, ['state' => $state]).'/inspection')
                ->assertOk()
                ->json('attributes'),
            'weight',
            'attribute',
        );
        $hake = $weights('Hake', 'gutted');
        self::assertGreaterThan($hake['eyes'], $hake['smell']);
        self::assertGreaterThan($hake['eyes'], $hake['gills']);
        self::assertGreaterThan($hake['skin'], $weights('Monkfish', 'tail')['skin']);
        self::assertGreaterThan($hake['cavity'], $weights('Atlantic mackerel', 'round')['cavity']);
        self::assertSame(0, DB::table('freshness_weights')->where('source', '')->count());
    }

    public function test_how_often_a_verdict_held_is_told_once_the_day_has_come(): void
    {
        $line = $this->line('Hake');
        $fish = self::id();
        $this->weighIn($line, '3 kg', [], $fish)->assertOk();
        $this->inspect($line)->assertOk();
        $held = fn (): mixed => $this->api('GET', "/receive/lines/{$line}/inspection")->assertOk()->json('held');
        self::assertSame([], $held());
        Fish::query()->whereKey($fish)->update(['keeps_until' => now()->subHour()->format(DATE_ATOM)]);
        self::assertSame([['verdict' => 'accept', 'lots' => 1, 'held' => 1]], $held());
        // Found soft the day before it was to end.
        Fish::query()->whereKey($fish)->update(['keeps_until' => now()->addDay()->format(DATE_ATOM)]);
        $this->close()->assertOk();
        $this->weigh($fish, 'side-a', '1000 g')->assertOk();
        $this->api('PUT', "/breakdown/fish/{$fish}/finds/".self::id(), ['kind' => 'soft'])->assertOk();
        self::assertSame([['verdict' => 'accept', 'lots' => 1, 'held' => 0]], $held());
    }

    public function test_what_is_thrown_away_for_its_smell_before_its_day_counts_against_the_verdict(): void
    {
        $fish = $this->routed();
        $line = $this->line('Hake');
        Fish::query()->whereKey($fish)->update(['line_id' => $line, 'stage' => 'receive']);
        $seen = self::id();
        DB::table('inspections')->insert([
            'id' => $seen,
            'line_id' => $line,
            'fish' => json_encode([$fish]),
            'grades' => '{}',
            'rigor' => 'passed',
            'note' => '',
            'verdict' => 'use first',
            'demerits' => 0,
            'of_most' => 0,
            'reasons' => '[]',
            'inspected_by' => $this->cutter->id,
            'inspected_at' => now()->format(DATE_ATOM),
        ]);
        Fish::query()->whereKey($fish)->update(['keeps_until' => now()->addDay()->format(DATE_ATOM)]);
        $held = fn (): mixed => $this->api('GET', "/receive/lines/{$line}/inspection")->assertOk()->json('held');
        $out = fn (array $why): mixed => $this->api('PUT', '/route/bins/stock/out/'.self::id(), [
            'how' => 'discard',
            'weight' => ['typed' => '100 g'],
            ...$why,
        ])->assertOk();
        $out(['reason' => 'dropped']);
        self::assertSame([], $held());
        $out(['reason' => 'smells', 'cause' => 'smell']);
        self::assertSame([['verdict' => 'use first', 'lots' => 1, 'held' => 0]], $held());
    }

    public function test_what_the_house_does_not_buy_is_flagged_at_the_door_and_only_the_head_chef_says_so(): void
    {
        $hake = Species::query()->where('name', 'Hake')->firstOrFail();
        [$grade] = explode(';', $hake->size_grades_g);
        $this->line('Hake', ['area' => '27.7.a', 'gear' => 'Bottom trawl', 'grade' => $grade]);
        $flagged = fn (): mixed => $this->api('GET', "/receive/deliveries/{$this->delivery}")
            ->assertOk()
            ->json('lines.0.not_bought');
        self::assertSame([], $flagged());
        $rule = self::id();
        $body = ['area' => '27.7', 'gear' => 'trawl', 'reason' => 'We buy no trawled fish from there.'];
        $this->api('PUT', "/receive/sourcing/{$rule}", $body)->assertOk();
        $this->api('PUT', "/receive/sourcing/{$rule}", $body)->assertOk()->assertJsonCount(1, 'rules');
        self::assertSame([$body['reason']], $flagged());
        foreach ([
            [['reason' => 'Because.'], '/species'],
            [['area' => '27.7'], '/reason'],
            [['species' => self::id(), 'reason' => 'No.'], '/species'],
        ] as [$what, $where]) {
            $refused = $this->api('PUT', '/receive/sourcing/'.self::id(), $what)->assertStatus(422);
            self::assertSame($where, $refused->json('errors.0.pointer'));
        }
        self::assertSame(1, Sourcing::query()->count());
        $this->actingAs($this->cutter);
        $this->api('PUT', '/receive/sourcing/'.self::id(), $body)->assertForbidden();
        $this->api('PUT', "/receive/sourcing/{$rule}/ended")->assertForbidden();
        self::assertSame([$body['reason']], $flagged());
        $this->actingAs($this->chef);
        $this->api('PUT', "/receive/sourcing/{$rule}/ended")->assertOk()->assertJsonCount(0, 'rules');
        self::assertSame([], $flagged());
        $door = $this->api('GET', "/receive/deliveries/{$this->delivery}");
        self::assertStringEndsWith(', '.explode(';', $hake->size_names)[0], (string) $door->json('lines.0.size'));
    }
}
