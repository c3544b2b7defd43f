<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Fish\Fish;
use App\Log\Ledger\CatchUp;
use App\Log\Ledger\LoggedFish;
use App\Log\Ledger\StaleFish;
use Illuminate\Support\Facades\DB;
use Tests\AsksAtMost;

final class LedgerTest extends LogKitchen
{
    use AsksAtMost;

    /** @return array<string, mixed> */
    private function row(string $fish): array
    {
        $row = LoggedFish::query()->findOrFail($fish)->toArray();
        unset($row['entered_at'], $row['version']);

        return $row;
    }

    private function entered(): int
    {
        return $this->app->make(CatchUp::class)();
    }

    public function test_what_is_kept_is_what_would_be_worked_out(): void
    {
        $fish = $this->routed();
        self::assertSame(1, $this->entered());
        self::assertSame(0, $this->entered(), 'nothing has changed');
        $kept = $this->row($fish);
        LoggedFish::query()->delete();
        StaleFish::mark([$fish]);
        self::assertSame(1, $this->entered());
        self::assertEquals($kept, $this->row($fish));
        self::assertSame(4_210_000, $kept['whole_mg']);
        self::assertSame(4_210_000, array_sum((array) $kept['steps']));
        self::assertSame($this->chef->id, $kept['cutter_id']);
    }

    public function test_one_fish_that_cannot_be_worked_out_keeps_no_other_out_of_the_log(): void
    {
        [$broken, $good] = [$this->routed(), $this->routed()];
        DB::table('pieces')->where('fish_id', $broken)->where('part', 'head')->update(['part' => 'horn']);
        $list = $this->api('GET', '/log')->assertOk();
        self::assertSame([[$good], [$broken]], [
            array_column(array_column((array) $list->json('fish'), 'fish'), 'id'),
            array_column((array) $list->json('skipped'), 'fish'),
        ]);
    }

    public function test_every_change_is_entered_whoever_makes_it(): void
    {
        $fish = $this->routed();
        $this->entered();
        $version = Fish::query()->findOrFail($fish)->version;
        $this->api('PUT', "/cost/fish/{$fish}", ['labour_minutes' => 14, 'delivery' => '0', 'version' => $version]);
        $this->done($fish, 'cost')->assertOk();
        self::assertSame(1, $this->entered());
        self::assertEqualsWithDelta(14.0, $this->row($fish)['minutes'], 1e-9);
        $side = $this->api('GET', "/breakdown/fish/{$fish}/workmanship")->json('sides.0.piece');
        $this->api('PUT', "/breakdown/fish/{$fish}/workmanship/".self::id(), [
            'piece' => $side,
            'cut_by' => $this->cutter->id,
        ])->assertOk();
        self::assertSame(1, $this->entered(), 'who cut it is no weight');
        self::assertSame($this->cutter->id, $this->row($fish)['cutter_id']);
        $bench = $this->api('GET', "/portion/fish/{$fish}");
        $tray = self::id();
        $this->api('PUT', "/portion/batches/{$tray}", [
            'dish' => $bench->json('dish'),
            'pieces' => $bench->json('portions.*.piece'),
        ])->assertOk();
        self::assertSame(1, $this->entered());
        self::assertSame([$tray => 838_000], $this->row($fish)['trays']);
    }

    public function test_a_fish_that_cannot_be_right_is_shown_left_out_and_counted(): void
    {
        $fish = $this->received('1000 g');
        $this->weigh($fish, 'side-a', '700 g')->assertOk();
        $this->weigh($fish, 'side-b', '650 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown');
        $this->routed();
        $this->api('GET', '/log')->assertJsonPath('fish.1.suspect', 'impossible')->assertJsonPath('total', 2);
        $this->api('GET', '/log/by/species')->assertJsonPath('suspect', 1)->assertJsonPath('levels.0.fish', 1);
        $this->api('GET', '/log/effects')->assertOk()->assertJsonPath('suspect', 1)->assertJsonPath('factors', []);
        $this->api('GET', '/log/walk')->assertOk()->assertJsonPath('suspect', 1);
    }

    public function test_the_list_asks_little_however_many_fish_there_are(): void
    {
        for ($i = 0; $i < 14; $i++) {
            $this->received(1500 + $i.' g');
        }
        $this->routed();
        $this->entered();
        $this->assertAsksAtMost(15, fn () => $this->api('GET', '/log')->assertOk(), 'the list');
        // Two more ask whether what was worked out before still holds.
        $this->assertAsksAtMost(17, fn () => $this->api('GET', '/log?q=hake+since+October&sort=below')->assertOk());
        $this->assertAsksAtMost(17, fn () => $this->api('GET', '/log/by/supplier')->assertOk());
        $this->assertAsksAtMost(17, fn () => $this->api('GET', '/log/walk')->assertOk());
        $this->assertAsksAtMost(15, fn () => $this->api('GET', '/log/walk/ends')->assertOk());
    }
}
