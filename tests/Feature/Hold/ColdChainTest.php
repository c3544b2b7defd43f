<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Fish\Fish;
use App\Hold\Exposure\Clocks;
use App\Hold\Exposure\OutTime;
use App\Hold\Kept\KeptTray;
use App\Hold\Now\NowList;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Sectum\Hold\Kept\KeptState;

/** From the board to the plate: time out of the cold, packs, thawing, instruments, the list of what is due. */
final class ColdChainTest extends ColdKitchen
{
    /** @return list<string> */
    private function kinds(): array
    {
        return array_map(strval(...), (array) $this->api('GET', '/hold/now')->json('things.*.kind'));
    }

    private function wasOut(string $fish, string $from, string $to): void
    {
        OutTime::query()->create([
            'fish_id' => $fish,
            'out_at' => $from,
            'out_by' => $this->chef->id,
            'in_at' => $to,
            'in_by' => $this->chef->id,
        ]);
    }

    public function test_work_takes_a_fish_out_of_the_cold_and_a_tap_or_the_end_of_it_puts_it_back(): void
    {
        $fish = $this->received();
        $this->api('GET', "/hold/out/{$fish}")->assertJsonPath('out', false);
        $this->weigh($fish, 'head', '650 g')->assertOk();
        self::assertContains('out', $this->kinds());
        Carbon::setTestNow(Carbon::parse(self::NOW)->addMinutes(20));
        $this->api('GET', "/hold/out/{$fish}")->assertJsonPath('minutes', 20)->assertJsonPath('verdict', 'within');
        $act = self::id();
        for ($twice = 0; $twice < 2; $twice++) {
            $this->api('PUT', "/hold/out/{$fish}/moved/{$act}", ['back' => true])
                ->assertOk()
                ->assertJsonPath('out', false);
        }
        self::assertNotContains('out', $this->kinds());
        $this->weigh($fish, 'frame', '520 g')->assertOk();
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        self::assertSame(1, OutTime::query()->count());
        self::assertNotNull(Fish::query()->findOrFail($fish)->out_since);
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        self::assertSame([2, null], [OutTime::query()->count(), Fish::query()->findOrFail($fish)->out_since]);
    }

    public function test_past_the_house_limit_the_head_chef_releases_it_and_past_histamine_nobody(): void
    {
        $fish = $this->routed();
        $pieces = $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece');
        $this->wasOut($fish, '2026-03-06T08:30:00.000Z', '2026-03-06T11:00:00.000Z');
        Carbon::setTestNow(Carbon::parse('2026-03-06T11:30:00Z'));
        $put = fn () => $this->api('PUT', '/portion/batches/'.self::id(), [
            'dish' => $this->dish(),
            'pieces' => $pieces,
        ]);
        $put()->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pieces');
        $release = fn () => $this->api('PUT', "/hold/out/{$fish}/released/".self::id(), [
            'reason' => 'On ice all the time',
        ]);
        $this->actingAs($this->cutter);
        $release()->assertForbidden();
        $this->actingAs($this->chef);
        Fish::query()->findOrFail($fish)->species->update(['hazards' => 'histamine']);
        $this->wasOut($fish, '2026-03-06T05:00:00.000Z', '2026-03-06T07:00:00.000Z');
        $release()->assertStatus(422)->assertJsonPath('errors.0.pointer', '/reason');
        $put()->assertStatus(422);
        Fish::query()->findOrFail($fish)->species->update(['hazards' => '']);
        $put()->assertStatus(422);
        $release()->assertOk()->assertJsonPath('released.by', 'Head');
        $put()->assertOk();
    }

    public function test_raw_service_of_a_histamine_fish_is_held_to_the_stricter_limit(): void
    {
        $fish = $this->routed();
        $this->wasOut($fish, '2026-03-06T05:00:00.000Z', '2026-03-06T07:10:00.000Z');
        $one = Fish::query()->with('species')->findOrFail($fish);
        $one->species->update(['hazards' => 'histamine']);
        self::assertNull(app(Clocks::class)->forbids($one->refresh()));
        self::assertNotNull(app(Clocks::class)->forbids($one, raw: true));
        $this->api('PUT', "/hold/out/{$fish}/released/".self::id(), ['reason' => 'On ice, core 2 °C'])->assertOk();
        self::assertNull(app(Clocks::class)->forbids($one, raw: true));
    }

    public function test_a_pack_without_air_is_only_frozen_and_opened_before_it_thaws(): void
    {
        $tray = $this->tray();
        $this->api('PUT', '/hold/packs/'.self::id(), ['how' => 'vacuum', 'tray' => $tray])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/how');
        $this->api('PUT', '/hold/packs/'.self::id(), ['how' => 'cloth', 'tray' => $tray])->assertOk();
        $run = self::id();
        $this->api('PUT', "/hold/freezing/{$run}", [
            'place' => $this->blast,
            'purpose' => 'keep',
            'thick_mm' => 30,
            'items' => [['tray' => $tray]],
        ])->assertOk();
        $frozen = KeptTray::there()->get();
        self::assertSame([KeptState::Frozen, 5], [$frozen[0]->state, $frozen[0]->left()]);
        self::assertSame(0, $this->api('GET', '/hold/kept')->json('dishes.0.left'));
        $this->api('PUT', '/hold/packs/'.self::id(), ['how' => 'vacuum', 'tray' => $tray])->assertOk();

        $item = strval($this->api('GET', "/hold/freezing/{$run}")->json('items.0.id'));
        $thaw = self::id();
        $this->api('PUT', "/hold/thaws/{$thaw}", ['item' => self::id(), 'how' => 'still-air'])
            ->assertJsonPath('errors.0.pointer', '/item');
        $this->api('PUT', '/hold/thaws/'.self::id(), ['item' => $item, 'how' => 'still-air', 'ambient_c' => 12])
            ->assertJsonPath('errors.0.pointer', '/ambient_c');
        $needed = Carbon::now('UTC')->addHours(30)->format('Y-m-d\TH:i');
        $planned = $this->api('PUT', "/hold/thaws/{$thaw}", [
            'item' => $item,
            'how' => 'still-air',
            'needed_at' => $needed,
        ])->assertOk();
        self::assertNotNull($planned->json('thaws.0.begin_by'));
        self::assertContains('thaw-begin', $this->kinds());
        $day = substr($needed, 0, 10);
        $prep = $this->api('GET', "/plan/prep?day={$day}")->assertOk();
        $prep->assertJsonPath('tasks.0.doing', 'thaw')->assertJsonPath('tasks.0.hands', false);
        self::assertStringStartsWith('Tray 1', (string) $prep->json('tasks.0.fish'));
        $start = fn (array $more) => $this->api('PUT', "/hold/thaws/{$thaw}/started", [
            'version' => 1,
            'weight' => ['typed' => '850 g'],
            ...$more,
        ]);
        $start([])->assertJsonPath('errors.0.pointer', '/opened');
        $start(['opened' => true])->assertOk()->assertJsonPath('packs.0.how', 'cloth');
        $finish = fn (string $core, string $grams) => $this->api('PUT', "/hold/thaws/{$thaw}/finished", [
            'version' => 2,
            'temperature' => ['typed' => $core],
            'weight' => ['typed' => $grams],
        ]);
        $finish('-5', '840 g')->assertJsonPath('errors.0.pointer', '/temperature');
        $finish('9', '840 g')->assertJsonPath('errors.0.pointer', '/temperature');
        $finish('2', '900 g')->assertJsonPath('errors.0.pointer', '/weight');
        $finish('2.1', '833 g')->assertOk()->assertJsonPath('thaws.0.drip', '2.0 %');
        self::assertSame('2.0', $this->api('GET', '/hold/thaws')->json('drips.0.mean'));
        $thawed = KeptTray::there()->get();
        self::assertSame(
            [KeptState::Thawed, 5, '2026-03-06'],
            [$thawed[0]->state, $thawed[0]->left(), $thawed[0]->until],
        );
        $this->api('PUT', '/hold/thaws/'.self::id(), ['item' => $item, 'how' => 'water'])
            ->assertJsonPath('errors.0.pointer', '/item');
    }

    public function test_a_label_of_a_pack_leads_back_to_it_and_one_of_another_house_is_told(): void
    {
        $tray = $this->tray();
        $pack = self::id();
        $this->api('PUT', "/hold/packs/{$pack}", ['how' => 'twice', 'tray' => $tray])->assertOk();
        $job = self::id();
        for ($twice = 0; $twice < 2; $twice++) {
            $this->api('PUT', "/hold/labels/{$job}", ['kind' => 'pack', 'id' => $pack])
                ->assertOk()
                ->assertJsonPath('code', "sectum:pack:{$pack}");
        }
        self::assertSame(1, DB::table('printed')->whereNull('batch_id')->count());
        self::assertStringStartsWith('%PDF', strval(DB::table('printed')->where('id', $job)->value('pdf')));
        $this->api('GET', "/hold/labels/pack/{$pack}")->assertOk()->assertJsonPath('to', '/hold/thaw');
        $this->api('GET', '/hold/labels/pack/'.self::id())->assertNotFound();
        $stock = strval($this->api('GET', '/route/bins/stock')->json('deposits.0.id'));
        $this->api('PUT', '/hold/labels/'.self::id(), ['kind' => 'tub', 'id' => $stock])->assertOk();
        $this->api('GET', "/hold/labels/tub/{$stock}")->assertOk()->assertJsonPath('to', '/route/bins/stock');
        foreach (['es' => 'Envasado por ', 'fr' => 'Emballé par '] as $language => $said) {
            $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
            foreach (['pack' => $pack, 'tub' => $stock] as $kind => $id) {
                $this->api('PUT', '/hold/labels/'.($job = self::id()), ['kind' => $kind, 'id' => $id])->assertOk();
                $text = self::printed(strval(DB::table('printed')->where('id', $job)->value('pdf')));
                self::assertNothingEnglish($text);
                self::assertSame($kind === 'pack', str_contains($text, $said), $text);
            }
        }
        $this->expectException(QueryException::class);
        DB::table('printed')->delete();
    }

    public function test_an_instrument_that_fails_puts_what_it_measured_in_doubt_and_the_day_file_says_so(): void
    {
        $check = fn (array $what) => $this->api('PUT', '/hold/checks/'.self::id(), $what);
        $check(['instrument' => 'scale', 'known' => '1000 g', 'weight' => ['typed' => '1000 g']])->assertOk();
        Carbon::setTestNow(Carbon::parse(self::NOW)->addMinutes(5));
        $this->received();
        Carbon::setTestNow(Carbon::parse(self::NOW)->addMinutes(10));
        $failed = $check(['instrument' => 'scale', 'known' => '1000 g', 'weight' => ['typed' => '1035 g']])->assertOk();
        self::assertSame([false, 1], [
            $failed->json('instruments.0.last.good'),
            $failed->json('instruments.0.last.in_doubt'),
        ]);
        $check(['instrument' => 'probe', 'temperature' => ['typed' => '0.4']])->assertOk();
        $check(['instrument' => 'scale', 'known' => '', 'weight' => ['typed' => '1 g']])->assertStatus(422);
        $this->api('PUT', "/hold/places/{$this->coldRoom}/readings/".self::id(), ['temperature' => ['typed' => '8.6']])
            ->assertOk();
        $day = $this->api('GET', '/hold/checks')->assertOk();
        self::assertSame(['Scale and probe', 'Cold places'], $day->json('sections.*.title'));
        self::assertContains(true, (array) $day->json('sections.1.rows.*.bad'));
        foreach (['?day=2026-03-06', '?month=1'] as $asked) {
            $this->paper("/hold/day-file.pdf{$asked}");
        }
        $this->get('/api/hold/day-file.pdf?day=2026-13-45')->assertStatus(400);
    }

    public function test_now_names_the_next_first_and_asks_little_of_the_database(): void
    {
        $this->tray();
        $this->api('PUT', "/hold/places/{$this->coldRoom}/readings/".self::id(), ['temperature' => ['typed' => '9']])
            ->assertOk();
        $fish = $this->received();
        $this->weigh($fish, 'head', '650 g')->assertOk();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $list = app(NowList::class)->all();
        self::assertLessThanOrEqual(24, count(DB::getQueryLog()));
        DB::disableQueryLog();
        $things = (array) $list['things'];
        self::assertSame('range', data_get($things, '0.kind'));
        self::assertContains('out', array_column($things, 'kind'));
    }
}
