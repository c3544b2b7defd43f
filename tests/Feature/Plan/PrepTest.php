<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Fish\Fish;
use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Language\Language;
use App\Kitchen\Language\Said;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Plan\Prep\PrepDay;
use App\Plan\Prep\PrepLine;
use App\Plan\Prep\PrepList;
use App\Plan\Prep\PrepPin;
use App\Plan\Prep\Shift;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\Tonight;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\AsksAtMost;

final class PrepTest extends PlanKitchen
{
    use AsksAtMost;

    private const DAY = '/plan/prep?day='.self::FRIDAY;

    private string $ann;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ann = $this->person('Ann Oak');
    }

    private function person(string $name): string
    {
        return Person::query()->create([
            'name' => $name,
            'role' => Role::Cutter,
            'units' => 'metric',
            'pin_hash' => '',
        ])->id;
    }

    /** @return TestResponse<Response> */
    private function shift(string $from, string $to, string $day = self::FRIDAY): TestResponse
    {
        return $this->api('PUT', "/plan/prep/{$day}/shifts/{$this->ann}", ['from' => $from, 'to' => $to]);
    }

    /** Dinner for so many guests who all eat hake, and as many fish as are ordered for it. */
    private function dinner(int $guests, int $fish): string
    {
        $dish = $this->hake();
        $this->service(self::id(), [
            'kind' => 'banquet',
            'covers' => $guests,
            'dishes' => [['dish' => $dish, 'share_pct' => 100]],
        ])->assertOk();
        $offer = self::id();
        $this->offer($offer)->assertOk();
        if ($fish > 0) {
            $this->api('PUT', '/plan/orders/'.self::id(), [
                'for_day' => self::FRIDAY,
                'lines' => [['offer' => $offer, 'fish' => $fish]],
            ])->assertOk();
        }

        return $dish;
    }

    /** @return list<array<string, mixed>> */
    private function tasks(): array
    {
        /** @var list<array<string, mixed>> $tasks */
        $tasks = $this->api('GET', self::DAY)->assertOk()->json('tasks');

        return $tasks;
    }

    public function test_what_is_ordered_is_received_cut_and_packed_before_the_service(): void
    {
        $this->dinner(40, 10);
        $this->shift('08:00', '17:00')->assertOk();
        $day = $this->api('GET', self::DAY)->assertOk();
        $day->assertJsonPath('not_ready', [])->assertJsonPath('missing', [])->assertJsonPath('cure', null);
        $day->assertJsonPath('services.0.at', 1140);
        $tasks = $this->tasks();
        $doing = array_count_values(array_map(fn (array $one): mixed => $one['doing'], $tasks));
        self::assertSame(1, $doing['receive']);
        self::assertGreaterThan(1, $doing['break-down'], 'ten fish are more than one turn');
        self::assertSame(1, $doing['pack']);
        $last = array_values(array_filter($tasks, fn (array $one): bool => $one['doing'] === 'pack'))[0];
        self::assertSame([1110, 40], [$last['due'] ?? null, $last['portions'] ?? null]);
        $tasks = array_values(array_filter($tasks, fn (array $one): bool => $one['hands'] === true));
        self::assertGreaterThanOrEqual(480, min(array_column($tasks, 'start')), 'deliveries come by eight');
        self::assertSame([$this->ann], array_values(array_unique(array_column($tasks, 'cutter'))));
    }

    public function test_without_fish_it_says_so_and_without_hands_nothing_is_planned(): void
    {
        $this->dinner(40, 0);
        $day = $this->api('GET', self::DAY)->assertOk();
        $day->assertJsonPath('missing.0.portions', 40)->assertJsonPath('tasks', [])->assertJsonPath('finish', null);
        $this->dinner(20, 10);
        $tasks = $this->tasks();
        self::assertNotSame([], $tasks);
        self::assertSame([null], array_values(array_unique(array_column($tasks, 'start'))));
    }

    public function test_what_will_not_be_ready_is_said_early_with_the_least_that_helps(): void
    {
        $this->dinner(40, 10);
        $this->shift('17:00', '21:00')->assertOk();
        $day = $this->api('GET', self::DAY)->assertOk();
        self::assertGreaterThan(0, $day->json('not_ready.0.late'));
        $cure = $day->json('cure');
        self::assertContains(data_get($cure, 'kind'), ['earlier', 'more-hands']);
        self::assertSame(data_get($cure, 'kind') === 'earlier' ? 'Ann Oak' : null, data_get($cure, 'who'));
    }

    public function test_a_task_elsewhere_is_tried_then_kept_then_let_go(): void
    {
        $this->dinner(20, 6);
        $this->shift('08:00', '18:00')->assertOk();
        $task = $this->tasks()[1];
        $asked = ['task' => $task['id'], 'cutter' => $this->ann, 'at' => 840];
        $would = $this->api('POST', '/plan/prep/'.self::FRIDAY, $asked)->assertOk();
        self::assertGreaterThan(0, $would->json('would.finish'));
        self::assertSame(0, PrepPin::query()->count(), 'nothing is kept by trying');
        $path = '/plan/prep/'.self::FRIDAY.'/pins';
        $this->api('PUT', $path, $asked)->assertOk();
        self::assertSame(840, $this->tasks()[1]['start']);
        $this->api('PUT', $path, $asked)->assertOk();
        $stale = ['at' => 900, 'version' => 0] + $asked;
        $this->api('PUT', $path, $stale)->assertStatus(409);
        $this->api('PUT', $path, ['task' => $task['id'], 'version' => 1])->assertOk();
        self::assertSame($task['start'], $this->tasks()[1]['start']);
        self::assertNull($this->tasks()[1]['pinned']);
    }

    public function test_a_prep_list_says_of_how_many_some_are_cut(): void
    {
        $this->dinner(10, 0);
        $this->shift('09:00', '17:00')->assertOk();
        Carbon::setTestNow(self::FRIDAY.' 08:00:00');
        Fish::query()->whereKey($this->received('8420 g', ['state' => 'gutted']))->update(['count' => 2]);
        $of = PrepDay::of(self::FRIDAY, Carbon::now()->toDateTimeImmutable(), app(Tonight::class));
        $plan = $of->plan([], 0.05);
        self::assertNotNull($plan);
        $title = (new PrepList($of, $plan))->of($this->ann)[0]->title;
        self::assertStringStartsWith('Break down 1 of 2 Hake, no. 1, about 4210 g (9 lb', $title);
        self::assertStringStartsWith('Despiezar 1 de 2 Merluza', (new Said(Language::Spanish))->text($title));
    }

    public function test_a_prep_list_says_how_the_fish_is_cut_how_heavy_and_where_the_rest_goes(): void
    {
        $this->dinner(10, 0);
        $this->shift('09:00', '17:00')->assertOk();
        Carbon::setTestNow(self::FRIDAY.' 08:00:00');
        $this->received('4210 g', ['state' => 'gutted']);
        $of = PrepDay::of(self::FRIDAY, Carbon::now()->toDateTimeImmutable(), app(Tonight::class));
        $plan = $of->plan([], 0.05);
        self::assertNotNull($plan);
        $lines = (new PrepList($of, $plan))->of($this->ann);
        self::assertSame([], (new PrepList($of, $plan))->of(null));
        self::assertStringContainsString('Break down 1 Hake, no. 1, about 4210 g (9 lb', $lines[0]->title);
        $details = implode("\n", $lines[0]->details);
        foreach (['Two fillets', 'skin: ', 'White stock: ', 'freezing record'] as $said) {
            self::assertStringContainsString($said, $details);
        }
        self::assertStringContainsString('180 g (6.', $lines[1]->details[0]);
        $hours = array_map(fn (PrepLine $one): float => $one->start, $lines);
        self::assertSame($hours, array_values(Arr::sort($hours)));
        $pdf = $this->get('/api/plan/prep/'.self::FRIDAY.'/list.pdf')->assertOk();
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $first = ['es' => 'Despiezar 1 Merluza, n.º 1, unos', 'fr' => 'Lever 1 Merlu, n° 1, environ'];
        foreach ($first as $language => $said) {
            Person::query()->update(['language' => $language]);
            self::assertStringContainsString(
                $said,
                $this->paperIn($language, '/plan/prep/'.self::FRIDAY.'/list.pdf'),
            );
        }
        $this->get('/api/plan/prep/2026-11-01/list.pdf')->assertStatus(422);
    }

    public function test_shifts_are_those_of_last_week_until_somebody_says_otherwise(): void
    {
        $this->shift('08:00', '16:00')->assertOk()->assertJsonPath('as_on', null);
        $other = $this->person('Ben Elm');
        $this->api('PUT', '/plan/prep/'.self::FRIDAY."/shifts/{$other}", ['from' => '10:00', 'to' => '15:00'])
            ->assertOk()
            ->assertJsonPath('cutters.*.from', [480, 600]);
        $next = '2026-12-04';
        $this->api('GET', "/plan/prep?day={$next}")
            ->assertOk()
            ->assertJsonPath('as_on', 'Friday 27 November')
            ->assertJsonPath('cutters.*.to', [960, 900]);
        $off = ['from' => '08:00', 'to' => '16:00', 'off' => true];
        $this->api('PUT', "/plan/prep/{$next}/shifts/{$this->ann}", $off)
            ->assertOk()
            ->assertJsonPath('as_on', null)
            ->assertJsonPath('cutters.*.off', [true, false]);
        self::assertSame(4, Shift::query()->count());
        $path = '/plan/prep/'.self::FRIDAY."/shifts/{$other}";
        $this->api('PUT', $path, ['from' => '11:00', 'to' => '15:00', 'version' => 0])->assertStatus(409);
    }

    public function test_what_is_done_is_no_work_any_more(): void
    {
        $this->dinner(4, 0);
        $this->shift('09:00', '17:00', self::FRIDAY)->assertOk();
        Carbon::setTestNow(self::FRIDAY.' 09:30:00');
        $fish = $this->received();
        $doing = fn (): array => array_map(fn (array $one): mixed => $one['doing'], $this->tasks());
        self::assertSame(['break-down', 'portion', 'pack'], $doing());
        self::assertGreaterThanOrEqual(570, $this->tasks()[0]['start'], 'nobody begins before now');
        $this->weigh($fish, 'side-a', '1480 g')->assertOk();
        $this->weigh($fish, 'side-b', '1470 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        self::assertSame(['portion', 'pack'], $doing());
    }

    public function test_a_cure_over_night_is_begun_the_day_before_and_portioned_on_the_day(): void
    {
        $dish = $this->dinner(20, 0);
        $offer = self::id();
        $this->offer($offer)->assertOk();
        $this->api('PUT', '/plan/orders/'.self::id(), [
            'for_day' => '2026-11-26',
            'lines' => [['offer' => $offer, 'fish' => 6]],
        ])->assertOk();
        $cure = HouseTreatment::query()->where('name', 'Light cure')->value('id');
        Dish::query()->whereKey($dish)->update(['treatment_id' => $cure]);
        $this->shift('08:00', '18:00')->assertOk();
        $this->shift('08:00', '18:00', '2026-11-26')->assertOk();
        $on = fn (string $day): array => array_values(array_unique((array) $this->api('GET', "/plan/prep?day={$day}")
            ->assertOk()
            ->json('tasks.*.doing')));
        self::assertSame(['receive', 'break-down', 'make-up', 'stand'], $on('2026-11-26'));
        self::assertSame(['portion', 'pack'], $on(self::FRIDAY));
        // A cure of two days should have been begun on Wednesday; it is begun on the first day there is.
        $long = HouseTreatment::query()->where('name', 'Long cure')->value('id');
        Dish::query()->whereKey($dish)->update(['treatment_id' => $long]);
        Carbon::setTestNow('2026-11-26 07:00:00');
        self::assertSame(['receive', 'break-down', 'make-up', 'stand'], $on('2026-11-26'));
    }

    public function test_what_makes_no_sense_is_refused_where_it_stands(): void
    {
        $this->shift('16:00', '08:00')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/to');
        $this->shift('08:00', '16:00', '2026-11-20')->assertStatus(422);
        $this->api('GET', '/plan/prep?day=2027-11-20')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/day');
        $this->api('GET', '/plan/prep?day=someday')->assertNotFound();
        $this->api('PUT', '/plan/prep/'.self::FRIDAY.'/pins', ['task' => 'x', 'at' => 2000])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/at');
        $this->api('PUT', '/plan/prep/'.self::FRIDAY.'/pins', ['task' => 'x', 'cutter' => self::id()])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/cutter');
        $nobody = self::id();
        $this->api('PUT', '/plan/prep/'.self::FRIDAY."/shifts/{$nobody}", ['from' => '08:00', 'to' => '16:00'])
            ->assertNotFound();
        self::assertSame(0, Shift::query()->count() + PrepPin::query()->count());
    }

    public function test_forty_fish_of_four_lots_ask_little_of_the_database(): void
    {
        $this->dinner(100, 12);
        $this->shift('08:00', '18:00')->assertOk();
        for ($i = 0; $i < 6; $i++) {
            $this->received();
        }
        self::assertSame(6, Fish::query()->count());
        $this->assertAsksAtMost(45, fn () => $this->api('GET', self::DAY)->assertOk());
    }
}
