<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Fish\Fish;
use App\Receive\Claims\ClaimEntry;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

final class ClaimTest extends AtTheDoor
{
    private string $ungutted;

    /** Two hake of an invoice for three, one of them not gutted as sold. */
    private function claimed(): void
    {
        $line = $this->line('Hake', ['count' => 3, 'invoiced' => '9.3 kg', 'price' => '9.80']);
        $this->ungutted = self::id();
        $this->weighIn($line, '3100 g', [], $this->ungutted)->assertOk();
        $this->weighIn($line, '3000 g')->assertOk();
        $this->inspect($line, ['fish' => [$this->ungutted], 'not_done' => ['gutted']])->assertOk();
        $this->close()->assertOk();
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function act(array $what, ?string $id = null): TestResponse
    {
        return $this->api('PUT', "/receive/deliveries/{$this->delivery}/claim/".($id ?? self::id()), $what);
    }

    /** @return TestResponse<Response> */
    private function claim(): TestResponse
    {
        return $this->api('GET', "/receive/deliveries/{$this->delivery}/claim")->assertOk();
    }

    private function creditedOnFish(): int
    {
        return Fish::query()->findOrFail($this->ungutted)->credited_minor;
    }

    public function test_a_claim_is_sent_answered_and_credited_and_the_credit_lowers_the_cost_of_its_very_fish(): void
    {
        $this->claimed();
        $kinds = $this->claim()->assertJsonPath('state', 'open')->json('items.*.kind');
        self::assertIsArray($kinds);
        $short = array_search('short', $kinds, true);
        $not = array_search('not as sold', $kinds, true);
        self::assertIsInt($short);
        self::assertIsInt($not);
        $sent = $this->act(['step' => 'sent'])->assertOk()->assertJsonPath('state', 'sent');
        self::assertSame([false, true], [$sent->json("sent.{$short}.carried"), $sent->json("sent.{$not}.carried")]);
        $this->act(['step' => 'answered', 'answer' => 'agreed', 'note' => 'By phone'])
            ->assertOk()
            ->assertJsonPath('state', 'answered')
            ->assertJsonPath('steps.1.note', 'By phone');
        $amounts = array_fill(0, count($kinds), '');
        $amounts[$short] = '31.36';
        $amounts[$not] = '2.50';
        $this->act(['step' => 'credited', 'number' => 'CN-7', 'items' => array_values($amounts)])
            ->assertOk()
            ->assertJsonPath('credited', '€33.86');
        // The kilos that never came are on no fish; the fish that was not gutted costs its 2.50 less.
        self::assertSame(250, $this->creditedOnFish());
        self::assertSame(250, (int) Fish::query()->sum('credited_minor'));

        $this->weigh($this->ungutted, 'side-a', '1000 g')->assertOk();
        $this->weigh($this->ungutted, 'side-b', '1000 g')->assertOk();
        $this->done($this->ungutted, 'breakdown')->assertOk();
        $walk = $this->api('GET', "/cost/fish/{$this->ungutted}")->assertOk()->json('walk');
        self::assertIsArray($walk);
        $minor = array_column($walk, 'minor', 'what');
        self::assertSame(-250, $minor['Credited by the supplier']);
        self::assertSame(
            $minor['Cost of the portions'],
            array_sum($minor) - $minor['Cost of the portions'],
        );
    }

    public function test_the_last_step_may_be_undone_and_then_its_fish_cost_as_before(): void
    {
        $this->claimed();
        $this->act(['step' => 'sent'])->assertOk();
        $credit = self::id();
        $items = array_map(
            fn (mixed $carried): string => $carried === true ? '2.50' : '',
            (array) $this->claim()->json('sent.*.carried'),
        );
        $this->act(['step' => 'credited', 'number' => 'CN-7', 'items' => $items], $credit)->assertOk();
        $this->act(['step' => 'credited', 'number' => 'CN-7', 'items' => $items], $credit)->assertOk();
        self::assertSame(250, $this->creditedOnFish());
        $first = $this->claim()->json('steps.0.id');
        self::assertIsString($first);
        $this->act(['undoes' => $first])->assertConflict();
        $this->act(['undoes' => $credit])->assertOk()->assertJsonPath('state', 'sent');
        $this->act(['undoes' => $credit])->assertConflict();
        self::assertSame(0, $this->creditedOnFish());
        // Its number is free again.
        $this->act(['step' => 'credited', 'number' => 'CN-7', 'items' => $items])->assertOk();
        self::assertSame(250, $this->creditedOnFish());
    }

    public function test_of_two_who_enter_one_credit_note_the_second_is_told_and_nothing_counts_twice(): void
    {
        $this->claimed();
        $this->act(['step' => 'sent'])->assertOk();
        $this->act(['step' => 'sent'])->assertStatus(422);
        $credit = ['step' => 'credited', 'number' => 'CN-7', 'items' => ['', '2.50']];
        $this->act($credit)->assertOk();
        $second = $this->act($credit)->assertStatus(422);
        self::assertSame('/number', $second->json('errors.0.pointer'));
        self::assertSame(2, ClaimEntry::query()->count());
        $this->expectException(QueryException::class);
        ClaimEntry::query()->update(['minor' => 0]);
    }

    public function test_what_cannot_be_is_said_where_it_was_typed(): void
    {
        $this->claimed();
        foreach ([
            [['step' => 'answered', 'answer' => 'agreed'], '/step'],
            [['step' => 'credited', 'number' => 'CN-1', 'items' => ['1.00']], '/step'],
            [['step' => 'paid'], '/step'],
        ] as [$what, $where]) {
            self::assertSame($where, $this->act($what)->assertStatus(422)->json('errors.0.pointer'));
        }
        $this->act(['step' => 'sent'])->assertOk();
        foreach ([
            [['step' => 'answered'], '/answer'],
            [['step' => 'credited', 'items' => ['1.00']], '/number'],
            [['step' => 'credited', 'number' => 'CN-1', 'items' => ['', '']], '/items'],
            [['step' => 'credited', 'number' => 'CN-1', 'items' => ['', 'two']], '/items/1'],
            [['step' => 'credited', 'number' => 'CN-1', 'items' => ['', '9999.00']], '/items/1'],
            [['step' => 'credited', 'number' => 'CN-1', 'items' => ['', '', '', '', '1.00']], '/items'],
        ] as [$what, $where]) {
            self::assertSame($where, $this->act($what)->assertStatus(422)->json('errors.0.pointer'));
        }
        self::assertSame(1, ClaimEntry::query()->count());
        $this->actingAs($this->cutter);
        $this->act(['step' => 'answered', 'answer' => 'agreed'])->assertForbidden();
        self::assertNull($this->claim()->json('claimed'));
    }
}
