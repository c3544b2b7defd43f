<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\CutPlan\BoardFillet;
use App\Portion\Dish\Dish;

/** A side marked for so many equal pieces, or for pieces of one width: each suits the dish whose band it meets. */
final class EvenPlanTest extends PlannedSide
{
    protected function setUp(): void
    {
        parent::setUp();
        Dish::query()->whereKey($this->plate)->update(['target_mg' => 176_000, 'minus_mg' => 6000, 'plus_mg' => 8000]);
    }

    public function test_eight_equal_pieces_are_marked_where_the_mass_says_and_all_suit_the_dish(): void
    {
        $plan = $this->api('POST', $this->at, $this->laying(['count' => 8]))->assertOk();
        self::assertEqualsWithDelta(
            [1.586, 7.337, 12.147, 16.670, 21.236, 26.094, 31.560, 38.311, 49.591],
            $plan->json('plan.marks_cm'),
            0.001,
        );
        self::assertSame([8], $plan->json('plan.counts.*.planned'));
        self::assertSame(0, BoardFillet::query()->count());
        $this->api('PUT', $this->at, $this->laying(['count' => 8]))->assertOk();
        $kept = BoardFillet::query()->sole();
        self::assertCount(9, $kept->marks_cm);
        // What lies there is marked so, whoever looks at it next.
        self::assertCount(9, (array) $this->api('GET', $this->at)->json('plan.marks_cm'));
    }

    public function test_pieces_of_one_width_weigh_what_they_do_and_some_suit_no_dish(): void
    {
        $plan = $this->api('POST', $this->at, $this->laying(['width' => '6 cm']))->assertOk();
        self::assertCount(9, (array) $plan->json('plan.marks_cm'));
        $states = array_count_values(array_filter((array) $plan->json('plan.pieces.*.what'), is_string(...)));
        self::assertSame(8, ($states['planned'] ?? 0) + ($states['spare'] ?? 0));
        self::assertGreaterThan(0, $states['spare'] ?? 0);
    }

    public function test_medallions_are_so_thick_each_and_stop_where_the_face_gets_small(): void
    {
        $all = $this->api('POST', $this->at, $this->laying(['medallion' => '30 mm']))->assertOk();
        $large = $this->api('POST', $this->at, $this->laying(['medallion' => '30 mm', 'least_face_cm2' => 20]));
        $faces = array_values(
            array_filter((array) $large->assertOk()->json('plan.pieces.*.face_cm2'), is_numeric(...)),
        );
        self::assertGreaterThanOrEqual(20, min($faces === [] ? [0] : $faces));
        self::assertLessThan(count((array) $all->json('plan.marks_cm')), count((array) $large->json('plan.marks_cm')));
        $marks = array_map(floatval(...), array_filter((array) $large->json('plan.marks_cm'), is_numeric(...)));
        for ($i = 1; $i < count($marks); $i++) {
            self::assertEqualsWithDelta(3.0, $marks[$i] - $marks[$i - 1], 0.0021);
        }
    }

    public function test_a_fillet_measured_at_three_places_is_as_thick_as_they_say_and_stays_so(): void
    {
        $marks = [
            ['at' => '20 cm', 'thick' => '30 mm'],
            ['at' => '30 cm', 'thick' => '20 mm'],
            ['at' => '42 cm', 'thick' => '13 mm'],
        ];
        $before = $this->api('POST', $this->at, $this->laying([]))->assertOk();
        $this->api('PUT', $this->at, $this->laying(['thick_at' => $marks]))->assertOk();
        $plan = $this->api('GET', $this->at)->assertOk();
        self::assertCount(3, (array) $plan->json('plan.thick_at'));
        $at = function (mixed $outline, float $cm): float {
            foreach (is_array($outline) ? $outline : [] as $i => $place) {
                if ((float) data_get($place, '0') >= $cm) {
                    return (float) data_get($outline, "{$i}.2");
                }
            }

            return 0.0;
        };
        self::assertGreaterThan(24.0, $at($before->json('plan.outline'), 30.0));
        self::assertEqualsWithDelta(20.0, $at($plan->json('plan.outline'), 30.0), 1.5);
        self::assertEqualsWithDelta(13.0, $at($plan->json('plan.outline'), 42.0), 1.5);
        // The mass lies where it lay: only where it is thin enough to come off does the plan end sooner.
        self::assertLessThan($before->json('plan.tail_cut_cm'), $plan->json('plan.tail_cut_cm'));
        foreach (['at' => ['60 cm', '9 mm'], 'thick' => ['6 cm', '0']] as $where => [$place, $thick]) {
            $this->api('POST', $this->at, $this->laying(['thick_at' => [['at' => $place, 'thick' => $thick]]]))
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', "/thick_at/0/{$where}");
        }
    }

    public function test_what_makes_no_portions_is_refused_where_it_was_typed(): void
    {
        foreach ([
            [['count' => 12], '/count'],
            [['count' => 0], '/count'],
            [['width' => '60 cm'], '/width'],
            [['medallion' => '60 cm'], '/medallion'],
            [['medallion' => '2 mm'], '/medallion'],
            [['medallion' => '30 mm', 'least_face_cm2' => 400], '/least_face_cm2'],
            [['width' => 'two fingers'], '/width'],
        ] as [$how, $where]) {
            $refused = $this->api('POST', $this->at, $this->laying($how))->assertStatus(422);
            self::assertSame($where, $refused->json('errors.0.pointer'));
        }
    }
}
