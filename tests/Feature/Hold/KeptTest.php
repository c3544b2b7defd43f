<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Hold\Kept\KeptBesides;
use App\Hold\Kept\KeptLeaving;
use App\Hold\Kept\KeptTray;
use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Moment;
use App\Portion\Dish\Dish;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Portions kept for service: they come in with their tray, and what came in is what left and what is there. */
final class KeptTest extends ColdKitchen
{
    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function out(string $dish, array $what, ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/hold/kept/dishes/{$dish}/out/".($act ?? self::id()), $what);
    }

    private function left(string $dish): int
    {
        $shown = collect((array) $this->api('GET', '/hold/kept')->json('dishes'))->firstWhere('dish', $dish);

        return (int) data_get($shown, 'left', 0);
    }

    public function test_a_tray_is_served_once_however_often_it_is_sent_and_undone_once(): void
    {
        $this->tray();
        $dish = $this->dish();
        self::assertSame(5, $this->left($dish));
        $act = self::id();
        $this->out($dish, ['how' => 'served', 'count' => 2], $act)->assertOk();
        $this->out($dish, ['how' => 'served', 'count' => 2], $act)->assertOk()->assertJsonPath('dishes.0.served', 2);
        self::assertSame(3, $this->left($dish));
        $this->out($dish, ['how' => 'served', 'count' => 4])->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/count');
        $undo = self::id();
        $this->api('PUT', "/hold/kept/undone/{$undo}", ['undoes' => $act])->assertOk();
        $this->api('PUT', "/hold/kept/undone/{$undo}", ['undoes' => $act])->assertOk();
        self::assertSame(5, $this->left($dish));
        $this->api('PUT', '/hold/kept/undone/'.self::id(), ['undoes' => $act])->assertConflict();
        $this->expectException(QueryException::class);
        KeptLeaving::query()->delete();
    }

    public function test_the_database_itself_refuses_more_than_are_there(): void
    {
        $tray = $this->tray();
        $this->expectException(QueryException::class);
        DB::table('kept_leavings')->insert([
            'act' => self::id(),
            'lot_id' => $tray,
            'how' => 'served',
            'count' => 6,
            'left_by' => $this->chef->id,
            'left_at' => Moment::written(now()),
        ]);
    }

    public function test_sold_out_names_another_dish_of_the_same_fish_and_portions_move_to_it(): void
    {
        $this->tray();
        [$dish, $lunch] = [$this->dish(), $this->dish(140)];
        $this->out($dish, ['how' => 'moved', 'count' => 2, 'to' => $lunch])->assertOk();
        self::assertSame([3, 2], [$this->left($dish), $this->left($lunch)]);
        $answer = $this->out($dish, ['how' => 'served', 'count' => 3])->assertOk();
        $shown = collect((array) $answer->json('dishes'))->firstWhere('dish', $dish);
        self::assertSame($lunch, data_get($shown, 'substitute.dish'));
        Dish::query()->whereKey($lunch)->update(['service' => 'raw']);
        $this->out($lunch, ['how' => 'moved', 'count' => 1, 'to' => $dish])->assertOk();
        $this->out($dish, ['how' => 'moved', 'count' => 1, 'to' => $lunch])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/to');
    }

    public function test_past_its_date_is_thrown_away_by_the_head_chef_with_a_reason_and_by_nobody_eaten(): void
    {
        $tray = $this->tray();
        $dish = $this->dish();
        Carbon::setTestNow(Carbon::parse(self::NOW)->addDays(4));
        self::assertSame(0, $this->left($dish));
        $this->out($dish, ['how' => 'served', 'count' => 1])->assertStatus(422);
        $this->out($dish, ['how' => 'discarded', 'count' => 1])->assertJsonPath('errors.0.pointer', '/reason');
        $away = ['how' => 'discarded', 'count' => 5, 'reason' => 'past its date', 'lot' => $tray];
        $this->actingAs($this->cutter);
        $this->out($dish, $away)->assertJsonPath('errors.0.pointer', '/lot');
        $this->actingAs($this->chef);
        $this->out($dish, $away)->assertOk();
        self::assertTrue(KeptTray::there()->get()->isEmpty());
    }

    public function test_the_closing_count_asks_why_and_puts_the_ledger_right(): void
    {
        $this->tray();
        $dish = $this->dish();
        $this->out($dish, ['how' => 'served', 'count' => 3])->assertOk();
        $count = fn (int $there, array $more = []) => $this->api('PUT', '/hold/kept/counted/'.self::id(), [
            'counts' => [['dish' => $dish, 'there' => $there, ...$more]],
            'note' => 'Half a brill on the board, skin still on',
        ]);
        $count(1)->assertJsonPath('errors.0.pointer', '/counts/0/reason');
        $count(1, ['reason' => 'one fell'])->assertOk()->assertJsonPath('note.by', 'Head');
        self::assertSame(1, $this->left($dish));
        $count(3, ['reason' => 'two came back'])->assertOk();
        self::assertSame(3, $this->left($dish));
        $count(9, ['reason' => 'found'])->assertJsonPath('errors.0.pointer', '/counts/0/there');
        self::assertSame(3, $this->left($dish));
    }

    public function test_tonight_nets_what_is_kept_and_wants_again_what_was_thrown_away(): void
    {
        $this->tray();
        $dish = $this->dish();
        $besides = fn (): array => app(KeptBesides::class)->besides(Moment::day(now()));
        self::assertSame([], $besides(), 'cut today: it counts where it was cut');
        $this->out($dish, ['how' => 'served', 'count' => 1])->assertOk();
        self::assertSame([], $besides(), 'served today was cut for today');
        $this->out($dish, ['how' => 'discarded', 'count' => 1, 'reason' => 'dropped'])->assertOk();
        self::assertSame([$dish => -1], $besides());
        Carbon::setTestNow(Carbon::parse(self::NOW)->addDay());
        self::assertSame([$dish => 3], $besides(), 'carried over');
        $this->out($dish, ['how' => 'served', 'count' => 2])->assertOk();
        self::assertSame([$dish => 3], $besides(), 'two of the three were served already');
    }

    public function test_a_stocktake_is_portions_kilos_and_money_for_who_sees_prices(): void
    {
        $this->tray();
        $table = (string) $this->get('/api/hold/stocktake.csv')->assertOk()->getContent();
        self::assertMatchesRegularExpression('/"Dish 170",chilled,5,0\.8\d\d,€\d+\.\d\d,2026-03-0\d/', $table);
        $this->actingAs($this->cutter);
        $this->get('/api/hold/stocktake.csv')->assertForbidden();
    }

    public function test_what_nobody_was_served_stands_on_the_plates_cost(): void
    {
        $this->tray();
        $dish = $this->dish();
        $this->api('GET', "/cost/plates/{$dish}")->assertOk()->assertJsonPath('unserved', null);
        $this->out($dish, ['how' => 'served', 'count' => 3])->assertOk();
        $this->out($dish, ['how' => 'discarded', 'count' => 1, 'reason' => 'dropped'])->assertOk();
        $this->out($dish, ['how' => 'staff', 'count' => 1])->assertOk();
        $plate = $this->api('GET', "/cost/plates/{$dish}")->assertOk();
        self::assertSame([2, 3], [$plate->json('unserved.count'), $plate->json('unserved.served')]);
        $portion = (float) ltrim(strval($plate->json('plate.portion')), '€');
        self::assertEqualsWithDelta(2 * $portion, (float) ltrim(strval($plate->json('unserved.cost')), '€'), 0.02);
    }

    public function test_a_cure_that_draws_water_makes_the_kilo_dearer_and_no_portion_cheaper(): void
    {
        $tray = $this->tray();
        $dish = $this->dish();
        $fish = strval($this->api('GET', "/cost/plates/{$dish}")->json('fish.0.fish'));
        $before = $this->api('GET', "/cost/fish/{$fish}");
        $treating = self::id();
        $this->api('PUT', "/hold/treatings/{$treating}", [
            'treatment' => HouseTreatment::query()->where('name', 'Light cure')->firstOrFail()->id,
            'weight' => ['typed' => '850 g'],
            'things' => [['tray' => $tray]],
        ])->assertOk();
        foreach (['started', 'ended'] as $i => $what) {
            $this->api('PUT', "/hold/treatings/{$treating}/{$what}", ['version' => $i + 1])->assertOk();
        }
        $this->api('PUT', "/hold/treatings/{$treating}/weighed", [
            'weight' => ['typed' => '765 g'],
            'version' => 3,
        ])->assertOk();
        $after = $this->api('GET', "/cost/fish/{$fish}");
        self::assertSame(
            $before->json('products.*.total'),
            $after->json('products.*.total'),
            'what the fish cost is shared as it was',
        );
        self::assertSame('765 g', $after->json('products.0.mass'));
        self::assertSame('765 g', $this->api('GET', "/cost/plates/{$dish}")->json('fish.0.mass'), 'kept anew');
    }

    public function test_the_label_of_a_frozen_tray_says_best_before_and_of_a_thawed_one_not_to_freeze_again(): void
    {
        $tray = $this->tray();
        $label = fn (): array => (array) $this->api('GET', "/portion/batches/{$tray}")->json('tray_label');
        self::assertFalse($label()['frozen']);
        $run = self::id();
        $this->api('PUT', "/hold/freezing/{$run}", [
            'place' => $this->blast,
            'purpose' => 'keep',
            'items' => [['tray' => $tray]],
        ])->assertOk();
        self::assertSame([true, 'Sat 6 Mar 2027'], [$label()['frozen'], $label()['use_by']]);
        self::assertStringContainsString('(15)270306', strval($label()['read']));
        $this->api('PUT', '/hold/packs/'.self::id(), ['how' => 'vacuum', 'tray' => $tray])->assertOk();
        self::assertStringContainsString('open before thawing', strval($label()['contains']));
    }

    public function test_a_tray_is_put_into_a_place_and_found_there(): void
    {
        $tray = $this->tray();
        $this->api('PUT', "/hold/kept/trays/{$tray}/place/".self::id(), ['place' => $this->coldRoom])
            ->assertOk()
            ->assertJsonPath('dishes.0.trays.0.place', 'Cold room');
    }
}
