<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A side is laid on the board, planned, cut and planned again. */
final class PlannerTest extends TestCase
{
    private string $fish;

    private string $side;

    private string $plate;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->fish = $this->received();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1480 g', 'side-b' => '1465 g'] as $part => $grams
        ) {
            $this->weigh($this->fish, $part, $grams)->assertOk();
        }
        $this->boned($this->fish);
        $this->done($this->fish, 'breakdown')->assertOk();
        $this->side = self::text($this->bench()->json('sources.0.piece'));
        $this->plate = $this->dish();
        Dish::query()
            ->whereKey($this->plate)
            ->update(['value_minor' => 620, 'thin_mm' => 18]);
    }

    private static function text(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }

    /** @return TestResponse<Response> */
    private function bench(): TestResponse
    {
        return $this->api('GET', "/portion/fish/{$this->fish}")->assertOk();
    }

    private function fillet(): string
    {
        return "/portion/fish/{$this->fish}/fillets/{$this->side}";
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function laying(array $other = []): array
    {
        return [
            'length' => '52 cm',
            'thickness' => '34 mm',
            'shape' => 'long-side',
            'square' => '40 g',
            'tail_mm' => 10,
            'kinds' => [['dish' => $this->plate]],
            ...$other,
        ];
    }

    /**
     * @param  array<string, mixed>  $other
     * @return TestResponse<Response>
     */
    private function cut(string $part, string $grams, ?float $to, array $other = []): TestResponse
    {
        return $this->api(
            'PUT',
            "/portion/fish/{$this->fish}/readings/".self::id(),
            array_filter(
                ['part' => $part, 'from' => $this->side, 'weight' => ['typed' => $grams], 'to_cm' => $to, ...$other],
                fn (mixed $one): bool => $one !== null,
            ),
        );
    }

    public function test_the_worked_fillet_is_planned_as_in_the_book(): void
    {
        $plan = $this->api('POST', $this->fillet(), $this->laying())->assertOk();
        self::assertSame(
            [['dish' => $this->plate, 'name' => 'Dish 170', 'cut' => 0, 'planned' => 7]],
            $plan->json('plan.counts'),
        );
        self::assertEqualsWithDelta(
            [1.59, 7.11, 11.74, 16.08, 20.43, 25.0, 30.05, 36.04],
            array_slice((array) $plan->json('plan.pieces.*.to_cm'), 0, 8),
            0.006,
        );
        self::assertSame('290 g', $plan->json('plan.left_over.text'));
        self::assertSame(
            [['code' => 'too-thin', 'say' => 'Dish 170: the next would be 15 mm at its thin end, 18 mm is asked.']],
            $plan->json('plan.stops'),
        );
        $this->chef->update(['units' => 'us']);
        self::assertSame(
            'Dish 170: the next would be 0.59 in at its thin end, 0.71 in is asked.',
            $this->api('POST', $this->fillet(), $this->laying())->json('plan.stops.0.say'),
        );
        $this->chef->update(['units' => 'metric']);
        self::assertSame(
            'Square off at 1.6 cm, about 40 g, and put that on the scale.',
            $plan->json('plan.next.say'),
        );
        self::assertFalse($plan->json('on_the_board'));
        self::assertSame(0, DB::table('boards')->count());
        // Side by side: three schools, money for the head chef alone.
        self::assertSame(['exact', 'fit', 'share'], $plan->json('plan.schools.*.school'));
        self::assertSame('€46.01', $plan->json('plan.schools.0.worth'));
        $this->actingAs($this->cutter);
        self::assertSame([], $this->api('POST', $this->fillet(), $this->laying())->json('plan.schools'));
    }

    public function test_a_fillet_nobody_measured_is_guessed_and_says_so(): void
    {
        $plan = $this->api('GET', $this->fillet())->assertOk();
        self::assertSame(
            [false, '52.0 cm', '34 mm', 'long-side', '40 g'],
            [
                $plan->json('plan.measured'),
                $plan->json('plan.length'),
                $plan->json('plan.thickness'),
                $plan->json('plan.shape'),
                $plan->json('plan.square.text'),
            ],
        );
        self::assertSame(
            'Square off at 1.6 cm, about 40 g, and put that on the scale.',
            $plan->json('plan.next.say'),
        );
    }

    public function test_each_piece_falls_into_place_and_the_next_cut_moves(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk()->assertJsonPath('on_the_board', true);
        $bench = $this->bench();
        self::assertSame($this->plate, $bench->json('dish'));
        $bench = $this->cut('ends', '40 g', 1.59)->assertOk();
        self::assertStringStartsWith(
            'Cut at 7.1 cm, 55 mm wide, aim 170 g: Dish 170.',
            self::text($bench->json('plans.0.next.say')),
        );
        // The piece came out 15 g light: the fillet is lighter there than the table says, so the next piece is cut
        // wider.
        $planned = 11.74 - 7.11;
        $bench = $this->cut('portion', '155 g', 7.11, ['dish' => $this->plate])->assertOk();
        self::assertSame(['done', 'done'], array_slice((array) $bench->json('plans.0.pieces.*.what'), 0, 2));
        self::assertGreaterThan($planned + 0.15, (float) $bench->json('plans.0.next.to_cm') - 7.11);
        self::assertSame('under', $bench->json('portions.0.placed'));
        // Weighed again: it lies where it lay.
        $again = self::id();
        $bench = $this->api('PUT', "/portion/fish/{$this->fish}/readings/{$again}", [
            'part' => 'portion',
            'from' => $this->side,
            'replaces' => $bench->json('portions.0.reading'),
            'weight' => ['typed' => '170 g'],
        ])->assertOk();
        self::assertEqualsWithDelta(11.74, $bench->json('plans.0.next.to_cm'), 0.03);
        // Taken back: the knife is where it was.
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/{$again}/taken-back", [
            'reason' => 'dropped',
        ])->assertOk();
        self::assertEqualsWithDelta(7.11, $this->bench()->json('plans.0.next.to_cm'), 0.03);
    }

    public function test_a_whole_side_is_cut_to_its_tail(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying(['guess_first' => true]))->assertOk();
        $bench = $this->cut('ends', '40 g', 1.59)->assertOk();
        $cut = 0;
        while ($bench->json('plans.0.next.part') === 'portion') {
            self::assertLessThan(12, $cut);
            $bench = $this->cut('portion', 168 + ($cut % 5).' g', (float) $bench->json('plans.0.next.to_cm'), [
                'dish' => $bench->json('plans.0.next.dish'),
                'guess' => '172 g',
            ])->assertOk();
            $cut++;
        }
        self::assertSame(
            [7, 7, 0],
            [$cut, $bench->json('plans.0.counts.0.cut'), $bench->json('plans.0.counts.0.planned')],
        );
        self::assertSame('tail-end', $bench->json('plans.0.next.part'));
        self::assertSame('172 g', $bench->json('portions.0.said'));
        // Seven pieces tell how this hand scatters, and where it should aim.
        self::assertSame(7, $bench->json('hand.pieces'));
        self::assertNotNull($bench->json('hand.scatter'));
        self::assertGreaterThan(0, $bench->json('hand.aim.mg'));
        // Seven in four weeks are ninety-one a year; one that was taken back is none of them.
        self::assertSame(91, $bench->json('hand.yearly'));
        $last = self::text($bench->json('portions.6.reading'));
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/{$last}/taken-back", ['reason' => 'dropped'])
            ->assertOk()
            ->assertJsonPath('hand.pieces', 6)
            ->assertJsonPath('hand.yearly', 78);
        $this->cut('portion', '170 g', (float) $this->bench()->json('plans.0.next.to_cm'), [
            'dish' => $this->plate,
        ])->assertOk();
        // The tail end is not the fillet's shape: what was learned has the cuts alone.
        $this->cut('tail-end', '60 g', null)->assertOk();
        self::assertSame(0, $this->api('GET', '/portion/shapes')->json('shapes.0.fillets'));
        $this->done($this->fish, 'portion')->assertOk();
        self::assertSame(
            [1, 8],
            [
                $this->api('GET', '/portion/shapes')->json('shapes.0.fillets'),
                $this->api('GET', '/portion/shapes')->json('shapes.0.pieces'),
            ],
        );
    }

    public function test_a_piece_too_light_is_offered_to_the_next_dish_and_one_too_heavy_says_what_it_gives_away(): void
    {
        $lunch = Dish::query()->create([
            'name' => 'Lunch',
            'target_mg' => 140_000,
            'minus_mg' => 5000,
            'plus_mg' => 8000,
            'sides_minor' => 0,
            'surcharge_pct' => '0',
            'version' => 1,
        ])->id;
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('portion', '146 g', 6.0, ['dish' => $this->plate])->assertOk();
        $bench = $this->cut('portion', '185 g', 12.0, ['dish' => $this->plate])->assertOk();
        self::assertSame(
            ['dish' => $lunch, 'name' => 'Lunch', 'how' => 'as it is'],
            $bench->json('portions.0.rather'),
        );
        // 15 g of fillets that were 2945 g of a fish of 4210 g at 13.90.
        self::assertSame('€0.30', $bench->json('portions.1.given_away'));
        $bench = $this->api(
            'PUT',
            "/portion/fish/{$this->fish}/pieces/".self::text($bench->json('portions.0.piece')).'/dish',
            ['dish' => $lunch],
        )->assertOk();
        self::assertSame(
            ['Lunch', 'within', null],
            [$bench->json('portions.0.dish'), $bench->json('portions.0.placed'), $bench->json('portions.0.rather')],
        );
        self::assertSame(1, $bench->json('tally.count'));
        $this->actingAs($this->cutter);
        self::assertNull($this->bench()->json('portions.1.given_away'));
    }

    public function test_a_piece_cut_somewhere_else_does_not_upset_the_shape(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('ends', '40 g', 1.59)->assertOk();
        $bench = $this->cut('portion', '290 g', 7.11, ['dish' => $this->plate])->assertOk();
        self::assertSame('off-mark', $bench->json('plans.0.stops.0.code'));
        self::assertEqualsWithDelta(14.7, $bench->json('plans.0.next.to_cm'), 0.3);
        self::assertSame(0, $bench->json('hand.pieces'));
    }

    public function test_more_off_than_it_weighed_is_said_and_nothing_is_planned(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $bench = $this->cut('portion', '1600 g', 7.0)->assertOk();
        self::assertSame(
            'More came off side A than it weighed. Check the last reading.',
            $bench->json('plans.0.next.say'),
        );
        self::assertNotSame([], $bench->json('remarks'));
    }

    public function test_a_dish_taken_off_the_list_while_it_lies_on_the_bench(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('ends', '40 g', 1.59)->assertOk();
        $this->api('PUT', "/portion/dishes/{$this->plate}/retired", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('retired', true);
        $this->api('PUT', "/portion/dishes/{$this->plate}/retired", ['version' => 1])->assertOk();
        $bench = $this->bench();
        self::assertSame(['retired'], $bench->json('plans.0.stops.*.code'));
        self::assertSame([], $bench->json('dishes'));
        $this->cut('portion', '170 g', 7.1, ['dish' => $this->plate])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/dish');
        // The piece itself is not lost for that: it can be weighed without a dish.
        $this->cut('portion', '170 g', 7.1)->assertOk();
        $this->api('PUT', $this->fillet(), $this->laying())
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/kinds');
    }

    public function test_own_marks_are_followed_and_weighed_by_the_planner(): void
    {
        $plan = $this->api(
            'POST',
            $this->fillet(),
            $this->laying(['marks_cm' => [1.59, 7.11, 10.0, 30.0]]),
        )->assertOk();
        self::assertSame(['square', 'planned', 'spare', 'spare', 'spare', 'tail'], $plan->json('plan.pieces.*.what'));
        self::assertSame('170 g', $plan->json('plan.pieces.1.mass.text'));
        $this->api('PUT', $this->fillet(), $this->laying(['marks_cm' => [1.59, 7.11, 10.0]]))->assertOk();
        $this->cut('ends', '40 g', 1.59)->assertOk();
        self::assertSame(7.11, $this->bench()->json('plans.0.next.to_cm'));
        $this->api('PUT', $this->fillet(), $this->laying(['marks_cm' => [7.11, 1.59]]))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/marks_cm/1');
    }

    public function test_a_slanting_cut_says_how_to_lean_the_knife(): void
    {
        Dish::query()
            ->whereKey($this->plate)
            ->update(['slant_deg' => 45]);
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $bench = $this->cut('ends', '40 g', 1.59)->assertOk();
        self::assertMatchesRegularExpression(
            '/^Lean the knife to 45°: a face of 4\d mm, 39 mm thick\.$/',
            self::text($bench->json('plans.0.next.how')),
        );
    }

    public function test_a_side_is_quartered_and_the_loin_planned_on_its_own(): void
    {
        $this->cut('back-loin', '900 g', null)->assertOk();
        $sources = array_column((array) $this->bench()->json('sources'), 'piece', 'name');
        $loin = self::text($sources['Back loin']);
        $plan = $this->api('GET', "/portion/fish/{$this->fish}/fillets/{$loin}")->assertOk();
        self::assertSame(['loin', '900 g'], [$plan->json('plan.shape'), $plan->json('plan.laid.text')]);
        self::assertSame('580 g', $this->api('GET', $this->fillet())->json('plan.laid.text'));
        Dish::query()
            ->whereKey($this->plate)
            ->update(['stretch' => 'loin']);
        self::assertSame(
            ['another-stretch'],
            $this->api('POST', $this->fillet(), $this->laying())->json('plan.stops.*.code'),
        );
        self::assertGreaterThan(
            3,
            $this->api('POST', "/portion/fish/{$this->fish}/fillets/{$loin}", [
                'kinds' => [['dish' => $this->plate]],
            ])->json('plan.counts.0.planned'),
        );
    }

    public function test_fillets_weighed_together_cannot_be_planned(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'fillets', '2600 g')->assertOk();
        $this->weigh($fish, 'bones', '1500 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $source = $this->api('GET', "/portion/fish/{$fish}")->json('sources.0');
        self::assertFalse(data_get($source, 'can_plan'));
        $this->api(
            'GET',
            "/portion/fish/{$fish}/fillets/".self::text(data_get($source, 'piece')),
        )->assertConflict();
        self::assertSame(['No. 2 Fillets'], $this->api('GET', '/portion/tonight')->json('groups.0.together'));
    }

    public function test_allowing_for_the_hand_moves_the_aim(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('ends', '40 g', 1.59)->assertOk();
        foreach ([166, 178, 161, 181, 164, 176] as $grams) {
            $to = $this->bench()->json('plans.0.next.to_cm');
            self::assertIsNumeric($to);
            $this->cut('portion', "{$grams} g", (float) $to, ['dish' => $this->plate])->assertOk();
        }
        $plain = $this->bench()->json('plans.0.next.aim_mg');
        $this->api('PUT', $this->fillet(), $this->laying(['aimed' => true]))->assertOk();
        self::assertSame(170_000, $plain);
        self::assertGreaterThan($plain, $this->bench()->json('plans.0.next.aim_mg'));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function bad(): array
    {
        return [
            'three metres' => [['length' => '300 cm'], '/length'],
            'four metres' => [['length' => '4 m'], '/length'],
            'a comma' => [['length' => '52,5'], '/length'],
            'a thickness of nothing' => [['thickness' => '0'], '/thickness'],
            'half a metre thick' => [['thickness' => '50 cm'], '/thickness'],
            'squared off more than there is' => [['square' => '1500 g'], '/square'],
            'a tail below zero' => [['tail_mm' => -1], '/tail_mm'],
            'no shape' => [['shape' => 'square'], '/shape'],
            'a dish nobody knows' => [['kinds' => [['dish' => '01M88FSGXAKPS1J7WC59VBS0K7']]], '/kinds/0/dish'],
            'nothing to cut' => [['kinds' => []], '/kinds'],
            'a count below zero' => [['kinds' => [['dish' => 'PLATE', 'max' => -1]]], '/kinds/0/max'],
            'the same dish twice' => [['kinds' => [['dish' => 'PLATE'], ['dish' => 'PLATE']]], '/kinds'],
            'a mark beyond the tail' => [['marks_cm' => [1.6, 60]], '/marks_cm/1'],
        ];
    }

    /** @param  array<string, mixed>  $other */
    #[DataProvider('bad')]
    public function test_a_board_that_makes_no_sense_is_refused_and_not_laid(array $other, string $pointer): void
    {
        array_walk_recursive($other, fn (mixed & $one) => ($one = $one === 'PLATE' ? $this->plate : $one));
        $answer = $this->api('PUT', $this->fillet(), $this->laying($other))->assertStatus(422);
        self::assertStringStartsWith($pointer, self::text($answer->json('errors.0.pointer')));
        self::assertSame(0, DB::table('boards')->count());
    }

    public function test_a_mark_that_cannot_be_is_refused_and_the_reading_not_taken(): void
    {
        $this->cut('portion', '170 g', 7.1)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to_cm');
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('portion', '170 g', 7.1)->assertOk();
        $this->cut('portion', '170 g', 6.9)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to_cm');
        $this->cut('portion', '170 g', 53.0)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to_cm');
        $this->cut('skin', '70 g', 12.0)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to_cm');
        self::assertSame(1, DB::table('cuts')->count());
        self::assertCount(1, (array) $this->bench()->json('portions'));
    }

    public function test_a_shape_is_forgotten_by_the_head_chef_alone(): void
    {
        $this->api('PUT', $this->fillet(), $this->laying())->assertOk();
        $this->cut('ends', '40 g', 1.59)->assertOk();
        $this->cut('portion', '155 g', 7.11)->assertOk();
        $this->done($this->fish, 'portion')->assertOk();
        $path = '/portion/shapes/'.$this->species('Hake').'/long-side/reset';
        $shapes = $this->api('GET', '/portion/shapes');
        self::assertSame(
            [1, 'Hake', null],
            [$shapes->json('shapes.0.fillets'), $shapes->json('shapes.0.fish'), $shapes->json('shapes.0.reset_at')],
        );
        self::assertNotSame($shapes->json('shapes.0.starting'), $shapes->json('shapes.0.house'));
        $this->actingAs($this->cutter);
        $this->api('PUT', $path)->assertForbidden();
        $this->actingAs($this->chef);
        $this->travel(2)->seconds();
        $shapes = $this->api('PUT', $path)->assertOk();
        self::assertSame(0, $shapes->json('shapes.0.fillets'));
        self::assertSame($shapes->json('shapes.0.starting'), $shapes->json('shapes.0.house'));
        $this->api('PUT', $path)->assertOk();
        self::assertSame(1, DB::table('shape_resets')->count());
        $this->api('PUT', '/portion/shapes/'.$this->species('Hake').'/round/reset')->assertNotFound();
    }
}
