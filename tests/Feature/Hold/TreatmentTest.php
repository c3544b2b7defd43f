<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Fish\Fish;
use App\Hold\Kept\KeptTray;
use App\Hold\Treatment\HouseTreatment;
use App\Hold\Treatment\Treating;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Sectum\Fish\Part;
use Symfony\Component\HttpFoundation\Response;

/** A treatment from the scale to the tray: made up by weight, on the clock, weighed again. */
final class TreatmentTest extends ColdKitchen
{
    private function called(string $name): string
    {
        return HouseTreatment::query()->where('name', $name)->firstOrFail()->id;
    }

    private function side(): string
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1500 g')->assertOk();

        return Fish::onTheBench($fish)->pieces->firstOrFail('part', Part::SideA)->id;
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function begin(string $treating, string $name, array $what): TestResponse
    {
        return $this->api('PUT', "/hold/treatings/{$treating}", [
            'treatment' => $this->called($name),
            'weight' => ['typed' => '2000 g'],
            'thick_mm' => 28,
            'faces' => 2,
            ...$what,
        ]);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function send(string $treating, string $what, array $body): TestResponse
    {
        return $this->api('PUT', "/hold/treatings/{$treating}/{$what}", $body);
    }

    public function test_a_brine_is_made_up_by_weight_runs_on_its_clock_and_is_weighed_again(): void
    {
        $id = self::id();
        $side = $this->side();
        for ($twice = 0; $twice < 2; $twice++) {
            $this->begin($id, 'Six per cent brine', ['things' => [['piece' => $side]]])
                ->assertOk()
                ->assertJsonPath('state', 'made-up')
                ->assertJsonPath('steps.0.mass.mg', 3_760_000)
                ->assertJsonPath('steps.1.mass.mg', 240_000);
        }
        self::assertSame(1, Treating::query()->count());
        $salt = self::id();
        $weighed = [[self::id(), 'water', '3760 g'], [$salt, 'salt', '238 g'], [$salt, 'salt', '238 g']];
        foreach ($weighed as [$mark, $what, $typed]) {
            $this->send($id, "marks/{$mark}", ['what' => $what, 'weight' => ['typed' => $typed]])->assertOk();
        }
        $made = $this->api('GET', "/hold/treatings/{$id}");
        self::assertSame([true, true], [$made->json('steps.0.within'), $made->json('steps.1.within')]);
        self::assertSame('238 g', $made->json('steps.1.weighed.text'));

        $this->send($id, 'weighed', ['weight' => ['typed' => '2030 g'], 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/weight');
        $this->send($id, 'started', ['version' => 1])->assertOk()->assertJsonPath('state', 'running');
        Carbon::setTestNow(Carbon::parse(self::NOW)->addMinutes(25));
        $running = $this->api('GET', "/hold/treatings/{$id}");
        self::assertSame($running->json('clock.due'), $running->json('clock.now'));
        self::assertGreaterThan(0.2, $running->json('reached.salt_pct'));
        $this->send($id, 'ended', ['version' => 1])->assertConflict();
        $this->send($id, 'ended', ['version' => 2, 'at' => '2026-03-06T07:00'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/at');
        $this->send($id, 'ended', ['version' => 2])->assertOk()->assertJsonPath('state', 'ended');
        $this->send($id, 'marks/'.self::id(), ['what' => 'rinse'])->assertOk();
        $this->send($id, 'weighed', ['weight' => ['typed' => '4600 g'], 'version' => 3])
            ->assertJsonPath('errors.0.pointer', '/weight/after');
        $this->send($id, 'weighed', ['weight' => ['typed' => '1900 g'], 'version' => 3])
            ->assertOk()
            ->assertJsonPath('state', 'weighed')
            ->assertJsonPath('change.code', 'lost-instead')
            ->assertJsonPath('change.text', '−5.0 %');
    }

    public function test_a_brine_is_used_as_often_as_the_house_says(): void
    {
        $first = self::id();
        $this->begin($first, 'Light brine', ['things' => [['piece' => $this->side()]]])->assertOk();
        $again = ['things' => [['piece' => $this->side()]], 'brine_of' => $first];
        $this->begin(self::id(), 'Light brine', $again)->assertJsonPath('errors.0.pointer', '/brine_of');
        HouseTreatment::query()->where('name', 'Light brine')->update(['uses' => 2]);
        $this->begin(self::id(), 'Light brine', $again)->assertOk()->assertJsonPath('steps', []);
        $this->begin(self::id(), 'Light brine', $again)->assertJsonPath('errors.0.pointer', '/brine_of');
        $this->begin(self::id(), 'Six per cent brine', $again)->assertJsonPath('errors.0.pointer', '/brine_of');
    }

    public function test_a_cure_ended_early_shows_the_share_reached_and_a_cured_tray_keeps_as_cured_fish_does(): void
    {
        $tray = $this->tray();
        $id = self::id();
        $this->begin($id, 'Light cure', [
            'weight' => ['typed' => '850 g'],
            'faces' => 1,
            'things' => [['tray' => $tray]],
        ])->assertOk();
        $this->send($id, 'started', ['version' => 1])->assertOk();
        Carbon::setTestNow(Carbon::parse(self::NOW)->addHours(8));
        $share = $this->send($id, 'ended', ['version' => 2, 'why' => 'needed tonight'])
            ->assertOk()
            ->json('reached.share');
        self::assertGreaterThanOrEqual(0, $share);
        self::assertLessThan(0.95, $share);
        $this->send($id, 'weighed', ['weight' => ['typed' => '805 g'], 'version' => 3])
            ->assertOk()
            ->assertJsonPath('change.code', 'usual');
        $kept = KeptTray::there()->get();
        self::assertCount(1, $kept);
        self::assertSame([5, '2026-03-07'], [$kept[0]->left(), $kept[0]->until], 'two days from the end of the cure');
    }

    public function test_a_hydrometer_makes_the_brine_what_it_is_and_saturation_is_the_end(): void
    {
        $plan = fn (array $what) => $this->api(
            'POST',
            '/hold/treatments/'.$this->called('Six per cent brine').'/plan',
            ['mass' => '2000 g', 'thick_mm' => 28, 'faces' => 2, ...$what],
        );
        $plan(['degrees' => 100])->assertOk()->assertJsonPath('degrees', 100);
        $plan(['degrees' => 110])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/degrees');
        $plan(['degrees' => 0])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/degrees');
        $plan(['mass' => '0 g'])->assertStatus(422);
        self::assertCount(41, (array) $plan([])->json('curve'));
    }

    public function test_the_house_writes_its_own_and_what_was_begun_stays_as_it_was(): void
    {
        $id = self::id();
        $this->begin($id, 'Light brine', ['things' => [['piece' => $this->side()]]])->assertOk();
        $light = HouseTreatment::query()->where('name', 'Light brine')->firstOrFail();
        $write = [
            'name' => 'Light brine',
            'kind' => 'timed-brine',
            'aims' => ['season'],
            'strength_pct' => 3,
            'brine_ratio' => 2,
            'minutes_from' => 10,
            'minutes' => 20,
            'minutes_to' => 40,
            'change_pct' => 1,
            'change_sd' => 1,
        ];
        $this->api('PUT', "/hold/treatments/{$light->id}", [...$write, 'version' => 9])->assertConflict();
        $this->api('PUT', "/hold/treatments/{$light->id}", [...$write, 'strength_pct' => 30, 'version' => 1])
            ->assertJsonPath('errors.0.pointer', '/strength_pct');
        $this->api('PUT', "/hold/treatments/{$light->id}", [...$write, 'version' => 1])->assertOk();
        self::assertEquals(5, $this->api('GET', "/hold/treatings/{$id}")->json('treatment.strength_pct'));
        $this->actingAs($this->cutter);
        $this->api('PUT', '/hold/treatments/'.self::id(), $write)->assertForbidden();
    }
}
