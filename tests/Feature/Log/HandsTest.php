<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\Ledger\LoggedFish;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** A cutter reads no money and nobody else's figures. */
final class HandsTest extends LogKitchen
{
    public function test_a_cutter_finds_himself_and_nobody_else(): void
    {
        $this->told();
        $this->actingAs($this->cutter);
        $own = ['Cutter'];
        self::assertSame($own, $this->api('GET', '/log/cutters')->assertOk()->json('cutters.*.name'));
        $this->api('GET', "/log/cutters/{$this->cutter->id}")->assertOk()->assertJsonPath('name', 'Cutter');
        $this->api('GET', "/log/cutters/{$this->chef->id}")->assertForbidden();
        $this->api('GET', "/log?cutter={$this->chef->id}")->assertForbidden();
        $this->api('GET', '/log?q=by+Head')->assertJsonPath('total', 0);
        self::assertSame($own, $this->api('GET', '/log/by/cutter')->json('levels.*.name'));
        $this->api('GET', "/log/effects/pair?factor=cutter&a={$this->cutter->id}&b={$this->chef->id}")
            ->assertForbidden();
        $hands = collect((array) $this->api('GET', '/log/effects')->json('factors'))->firstWhere('factor', 'cutter');
        self::assertSame($own, array_column((array) data_get($hands, 'levels'), 'name'));
        self::assertNull(data_get($hands, 'best'));
        self::assertNull(data_get($hands, 'levels.0.money'));
        $charts = collect((array) $this->api('GET', '/log/drift')->json('charts'))->where('of', 'cutter');
        self::assertSame($own, array_values($charts->pluck('name')->all()));
        $csv = $this->get('/api/log/table.csv')->streamedContent();
        self::assertStringContainsString('Cutter', $csv);
        self::assertStringNotContainsString('Head', $csv);
        foreach (['week', 'suppliers', 'complaints', 'house'] as $room) {
            $this->api('GET', "/log/{$room}")->assertForbidden();
        }
    }

    public function test_the_marks_on_a_side_are_for_whoever_cut_it(): void
    {
        $fish = $this->routed();
        $work = "/breakdown/fish/{$fish}/workmanship";
        $side = fn (int $i): mixed => $this->api('GET', $work)->json("sides.{$i}.piece");
        foreach ([[0, $this->chef->id], [1, $this->cutter->id]] as [$i, $by]) {
            $this->api('PUT', "/breakdown/fish/{$fish}/workmanship/".self::id(), [
                'piece' => $side($i),
                'cut_by' => $by,
                'marks' => ['hack' => 2],
            ])->assertOk();
        }
        $names = fn (): mixed => $this->api('GET', "/log/fish/{$fish}")->json('workmanship.*.cut_by.name');
        self::assertSame(['Head', 'Cutter'], $names());
        $this->actingAs($this->cutter);
        self::assertSame(['Cutter'], $names());
    }

    public function test_no_route_of_the_log_shows_a_cutter_money(): void
    {
        $this->told(8);
        $this->actingAs($this->cutter);
        $here = ['person' => $this->cutter->id, 'by' => 'supplier', 'step' => 'plates', 'format' => 'json'];
        $asked = 0;
        foreach (Route::getRoutes() as $route) {
            $path = Str::after($route->uri(), 'api');
            if (! in_array('GET', $route->methods(), true) || ! str_starts_with($path, '/log')) {
                continue;
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $m): string => $here[$m[1]] ?? self::id(),
                $path,
            );
            $answer = $this->get("/api{$path}");
            $body = $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\StreamedResponse
                ? $answer->streamedContent()
                : (string) $answer->getContent();
            self::assertStringNotContainsString('€', $body, $path);
            self::assertStringNotContainsString('\u20ac', $body, $path);
            self::assertDoesNotMatchRegularExpression('/"(\w*_)?minor":\s*-?[1-9]/', $body, $path);
            $asked++;
        }
        self::assertGreaterThan(25, $asked);
    }

    public function test_learning_is_told_from_twenty_fish_on(): void
    {
        for ($i = 0; $i < 19; $i++) {
            $this->logged(['yield_pct' => 57.0 - 4 * ($i + 1) ** -0.5 + 0.2 * sin(5 * $i)]);
        }
        $path = "/log/cutters/{$this->cutter->id}";
        $this->api('GET', $path)->assertJsonPath('learning', null)->assertJsonPath('fewest', 20);
        $this->logged(['yield_pct' => 57.0 - 4 * 20 ** -0.5]);
        $curve = $this->api('GET', $path)->assertOk();
        self::assertGreaterThan(1.0, $curve->json('learning.gained.low'));
        self::assertCount(20, (array) $curve->json('learning.curve'));
        $curve->assertJsonPath('pace', null);
    }

    public function test_a_hand_that_changes_is_found_and_one_that_does_not_is_left_alone(): void
    {
        for ($i = 0; $i < 30; $i++) {
            $this->logged(['yield_pct' => 57.0 + 0.8 * sin(9 * $i) - ($i >= 18 ? 2.0 : 0.0), 'cut_on' => sprintf(
                '2026-%02d-%02d',
                $i < 15 ? 10 : 11,
                1 + $i % 15,
            )]);
        }
        $charts = collect((array) $this->api('GET', '/log/drift')->assertOk()->json('charts'));
        $hand = $charts->firstWhere('of', 'cutter');
        self::assertFalse(data_get($hand, 'signal.up'));
        self::assertSame('Wed 4 Nov', data_get($hand, 'signal.since'), 'the nineteenth fish');
        LoggedFish::query()->where('cut_on', '>=', '2026-11-04')->increment('yield_pct', 2.0);
        foreach ((array) $this->api('GET', '/log/drift')->json('charts') as $chart) {
            self::assertNull(data_get($chart, 'signal'), (string) data_get($chart, 'of'));
        }
    }
}
