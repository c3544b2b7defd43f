<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Devices\Printed;
use App\Log\Ledger\LoggedFish;
use App\Log\Walk\Period;
use App\Log\Week\KeptWeek;
use App\Log\Week\PrintWeek;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;

final class WeekTest extends LogKitchen
{
    /** Three fish cut in the week: 100 g over target, 50 g left on a frame … each with its grams. */
    private function week(): void
    {
        foreach ([[100, 50], [20, 0], [0, 10]] as $i => [$over, $frame]) {
            $this->logged([
                'cut_on' => '2026-11-2'.(3 + $i),
                'steps' => json_encode([
                    'bones' => 900_000,
                    'over' => $over * 1000,
                    'frame-left' => $frame * 1000,
                    'plates' => 1_100_000 - 1000 * ($over + $frame),
                ]),
            ]);
        }
    }

    public function test_every_figure_is_the_sum_of_those_beneath_it(): void
    {
        $this->week();
        $week = $this->api('GET', '/log/week')->assertOk();
        $walk = $week->json('walk');
        self::assertSame(6_000_000, data_get($walk, 'bought.mg'));
        self::assertSame(6_000_000, array_sum(array_map(
            fn (mixed $step): int => (int) data_get($step, 'mass.mg'),
            (array) data_get($walk, 'steps'),
        )));
        $query = '?from='.data_get($walk, 'from').'&until='.data_get($walk, 'until');
        foreach (['bones', 'over', 'frame-left', 'plates'] as $step) {
            $of = $this->api('GET', "/log/walk/{$step}{$query}")->assertOk();
            $kinds = (array) $of->json('kinds');
            self::assertSame($of->json('mass.mg'), array_sum(array_column(array_column($kinds, 'mass'), 'mg')));
            $one = $this->api('GET', "/log/walk/{$step}{$query}&species={$of->json('kinds.0.species')}")->assertOk();
            $fish = (array) $one->json('fish');
            self::assertCount(3, $fish);
            self::assertSame($one->json('mass.mg'), array_sum(array_column(array_column($fish, 'mass'), 'mg')));
            self::assertSame(
                $one->json('paid'),
                '€'.number_format(array_sum(array_map(
                    fn (mixed $row): float => (float) substr((string) data_get($row, 'paid'), strlen('€')),
                    $fish,
                )), 2, '.', ''),
            );
        }
        self::assertSame(120_000, $this->api('GET', "/log/walk/over{$query}")->json('mass.mg'));
        self::assertSame($week->json('bought.paid'), data_get($walk, 'paid'), 'all that was bought was cut');
        $this->api('GET', '/log/walk/moon')->assertNotFound();
        $this->api('GET', '/log/walk?from=2026-11-20&until=2026-11-01')->assertUnprocessable();
    }

    public function test_a_week_without_fish_says_so(): void
    {
        $this->api('GET', '/log/week?day=2025-01-01')
            ->assertOk()
            ->assertJsonPath('walk.fish', 0)
            ->assertJsonPath('sentences', []);
        $this->get('/api/log/week.pdf?day=2025-01-01')->assertOk()->assertHeader('Content-Type', 'application/pdf');
    }

    public function test_what_was_wasted_makes_a_sentence_with_what_to_try(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->logged([
                'cut_on' => '2026-09-01',
                'steps' => json_encode(['bones' => 900_000, 'plates' => 1_100_000]),
            ]);
        }
        $this->week();
        LoggedFish::query()->where('cut_on', '>', '2026-11')->update(['cost_minor' => 3000]);
        $said = collect((array) $this->api('GET', '/log/week')->assertOk()->json('sentences'))->keyBy('about');
        self::assertStringContainsString('120 g', (string) data_get($said, 'over.what'));
        self::assertNotSame('', data_get($said, 'over.try'));
    }

    public function test_sunday_night_prints_the_week_once_and_keeps_it(): void
    {
        $this->week();
        Carbon::setTestNow('2026-11-30 04:20:00');
        Artisan::call('sectum:week');
        Artisan::call('sectum:week');
        self::assertSame(['2026-11-23'], KeptWeek::query()->pluck('monday')->all());
        self::assertSame(1, Printed::query()->where('title', 'Week 23 to 29 Nov')->count());
        $kept = (string) $this->get('/api/log/week.pdf?day=2026-11-25')->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $kept);
        $this->paper('/log/week.pdf?day=2026-11-17');
        LoggedFish::query()->update(['steps' => json_encode(['plates' => 2_000_000])]);
        self::assertSame($kept, (string) $this->get('/api/log/week.pdf?day=2026-11-25')->getContent(), 'as it was');
        $this->api('GET', '/log/week?day=2026-11-25')->assertJsonPath('kept', true);
        self::assertFalse($this->app->make(PrintWeek::class)(Period::weekOf(Carbon::now()->toImmutable()->subYear())));
    }
}
