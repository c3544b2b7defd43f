<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class CleanDownTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        Carbon::setTestNow('2026-11-27T11:00:00Z');
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function clean(string $fish, array $body = [], ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/breakdown/fish/{$fish}/clean-downs/".($act ?? self::id()), [
            'what' => ['board', 'knife'],
            ...$body,
        ]);
    }

    private function why(string $fish): mixed
    {
        return $this->api('GET', "/breakdown/fish/{$fish}/clean-down")->assertOk()->json('why');
    }

    public function test_another_lot_on_the_board_wants_a_clean_down_until_somebody_did_it(): void
    {
        $hake = $this->received();
        self::assertNull($this->why($hake), 'nothing lay there before');
        $this->weigh($hake, 'head', '650 g')->assertOk();
        self::assertNull($this->why($hake), 'it is its own lot');
        $tuna = $this->received('3000 g', ['species' => $this->species('Yellowfin tuna')]);
        self::assertSame('raw-next', $this->why($tuna));
        $other = $this->received('3000 g', ['species' => $this->species('Hake')]);
        self::assertSame('between-lots', $this->why($other));
        Carbon::setTestNow('2026-11-27T11:10:00Z');
        $act = self::id();
        $done = $this->clean($tuna, ['by' => $this->cutter->id, 'sanitiser_ppm' => 200], $act)
            ->assertOk()
            ->assertJsonPath('why', null)
            ->assertJsonPath('last.by', 'Cutter')
            ->assertJsonPath('last.what', ['board', 'knife']);
        self::assertSame($done->json(), $this->clean($tuna, [
            'by' => $this->cutter->id,
            'sanitiser_ppm' => 200,
        ], $act)->assertOk()->json());
        self::assertSame(1, DB::table('clean_downs')->count());
        $this->clean($tuna, [], $act)->assertConflict();
        self::assertNull($this->why($other));
        self::assertContains(
            'Cutter cleaned down: board, knife; sanitiser 200 ppm.',
            (array) $this->api('GET', "/log/fish/{$tuna}")->json('history.*.what'),
        );
        $table = $this->get('/api/breakdown/clean-downs.csv')->assertOk()->getContent();
        self::assertStringStartsWith("done_at,done_by,what,sanitiser_ppm\r\n", (string) $table);
        self::assertStringContainsString('Cutter,"board knife",200', (string) $table);
        $this->expectException(QueryException::class);
        DB::table('clean_downs')->delete();
    }

    public function test_gall_on_the_board_is_the_gravest_and_yesterdays_fish_is_forgotten(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'head', '650 g')->assertOk();
        $this->api('PUT', "/breakdown/fish/{$fish}/finds/".self::id(), ['kind' => 'gall'])->assertOk();
        self::assertSame('gall-burst', $this->why($fish));
        Carbon::setTestNow('2026-11-28T03:00:00Z');
        self::assertNull($this->why($fish));
    }

    public function test_who_did_it_has_to_be_somebody_here_and_the_strip_is_asked_where_the_house_says_so(): void
    {
        $fish = $this->received();
        $this->clean($fish, ['by' => self::id()])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/by');
        $this->clean($fish, ['what' => []])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/what');
        $this->clean($fish, ['sanitiser_ppm' => 5000])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/sanitiser_ppm');
        $this->api('PUT', '/kitchen/settings/asks_sanitiser', ['value' => '1', 'was' => '0'])->assertOk();
        $this->clean($fish)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/sanitiser_ppm');
        self::assertSame(0, DB::table('clean_downs')->count());
        $this->clean($fish, ['sanitiser_ppm' => 0])->assertOk();
    }

    public function test_how_the_board_stands_costs_few_queries(): void
    {
        $fish = $this->received();
        foreach (range(1, 5) as $i) {
            $this->weigh($this->received(), 'head', '650 g')->assertOk();
        }
        DB::enableQueryLog();
        self::assertSame('between-lots', $this->why($fish));
        self::assertLessThanOrEqual(12, count(DB::getQueryLog()));
    }
}
