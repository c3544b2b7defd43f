<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Hold\Kept\HeldLot;
use App\Hold\Kept\KeptTray;
use App\Log\Complaint\ComplaintEntry;

final class ComplaintTest extends LogKitchen
{
    private string $fish;

    private string $dish;

    /** @var list<string> */
    private array $trays = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->fish = $this->routed();
        $bench = $this->api('GET', "/portion/fish/{$this->fish}");
        $dish = $bench->json('dish');
        self::assertIsString($dish);
        $this->dish = $dish;
        foreach ([[0, 1], [2, 3]] as [$a, $b]) {
            $this->trays[] = $tray = self::id();
            $this->api('PUT', "/portion/batches/{$tray}", [
                'dish' => $dish,
                'pieces' => [$bench->json("portions.{$a}.piece"), $bench->json("portions.{$b}.piece")],
            ])->assertOk();
        }
    }

    /** @param  array<string, mixed>  $more */
    private function complain(string $kind, array $more = []): string
    {
        $id = self::id();
        $this->api('PUT', "/log/complaints/{$id}", ['kind' => $kind, 'said' => 'A bone in the middle', ...$more])
            ->assertOk();

        return $id;
    }

    private function serve(): int
    {
        return $this->api('PUT', "/hold/kept/dishes/{$this->dish}/out/".self::id(), ['how' => 'served', 'count' => 1])
            ->getStatusCode();
    }

    public function test_siblings_are_found_and_held_until_somebody_lets_them_go(): void
    {
        self::assertSame(200, $this->serve());
        $id = $this->complain('bone', ['tray' => $this->trays[0], 'table' => '7']);
        $one = $this->api('GET', "/log/complaints/{$id}")->assertOk();
        self::assertSame([$this->fish], $one->json('fish.*.fish'));
        self::assertCount(2, (array) $one->json('siblings'));
        self::assertSame(['complaint 1', 'complaint 1'], $one->json('siblings.*.held'));
        self::assertSame('Head', $one->json('fish.0.cutter'));
        self::assertNotSame([], $one->json('fish.0.checks'));
        self::assertSame(422, $this->serve(), 'nothing of it is served');
        $this->api('PUT', "/hold/kept/dishes/{$this->dish}/out/".self::id(), [
            'how' => 'served',
            'count' => 1,
            'lot' => $this->trays[1],
        ])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/lot');
        self::assertSame(
            ['complaint 1', 'complaint 1'],
            $this->api('GET', '/hold/kept')->json('dishes.0.trays.*.held'),
        );
        $step = fn (array $body) => $this->api('PUT', "/log/complaints/{$id}/steps/".self::id(), $body);
        $step(['what' => 'released'])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/text');
        $step(['what' => 'released', 'text' => 'All gone over again'])->assertOk();
        self::assertSame(200, $this->serve());
        self::assertSame(
            ['held', 'released'],
            array_map(fn (ComplaintEntry $one): string => $one->what->value, ComplaintEntry::query()->get()->all()),
        );
        $this->paper("/log/complaints/{$id}/report.pdf", 'A bone in the middle');
    }

    public function test_of_a_dish_and_a_day_the_trays_are_those_that_were_served(): void
    {
        $this->serve();
        $id = $this->complain('quality', ['dish' => $this->dish]);
        $one = $this->api('GET', "/log/complaints/{$id}")->assertOk();
        self::assertCount(1, (array) $one->json('trays'));
        self::assertSame([null, null], $one->json('siblings.*.held'), 'quality holds nothing by itself');
        $this->api('PUT', "/log/complaints/{$id}/steps/".self::id(), ['what' => 'held'])->assertOk();
        self::assertSame(2, HeldLot::rows()->whereNull('released_at')->count());
        $this->api('PUT', "/log/complaints/{$id}/steps/".self::id(), ['what' => 'answered', 'text' => ''])
            ->assertUnprocessable();
        $this->api('PUT', "/log/complaints/{$id}/steps/".self::id(), ['what' => 'closed'])->assertOk();
        $this->api('GET', '/log/complaints')->assertJsonPath('0.open', false);
    }

    public function test_what_is_frozen_out_of_a_held_tray_is_held_too(): void
    {
        $lot = KeptTray::query()->where('tray_id', $this->trays[0])->firstOrFail();
        $frozen = KeptTray::query()->create([
            'id' => self::id(),
            'from_id' => $lot->id,
            'dish_id' => $this->dish,
            'state' => 'frozen',
            'count' => 1,
            'until' => '2027-01-01',
            'why_then' => '',
            'cut_on' => '2026-11-26',
            'put_by' => $this->chef->id,
            'put_at' => '2026-11-26T13:00:00.000Z',
        ]);
        $this->complain('illness', ['fish' => $this->fish]);
        self::assertNotNull(HeldLot::why($frozen->id));
    }

    public function test_bad_input_is_said_where_it_was_entered_and_nothing_is_written(): void
    {
        $id = self::id();
        $body = ['kind' => 'bone', 'said' => 'A bone'];
        $this->api('PUT', "/log/complaints/{$id}", $body)->assertJsonPath('errors.0.pointer', '/dish');
        $this->api('PUT', "/log/complaints/{$id}", [...$body, 'tray' => self::id()])
            ->assertJsonPath('errors.0.pointer', '/tray');
        $this->api('PUT', "/log/complaints/{$id}", [...$body, 'dish' => $this->dish, 'day' => '2026-12-24'])
            ->assertJsonPath('errors.0.pointer', '/day');
        $this->api('GET', '/log/complaints')->assertJsonPath('', null)->assertJsonCount(0);
        $this->api('GET', "/log/complaints/{$id}")->assertNotFound();
        $this->api('PUT', "/log/complaints/{$id}", [...$body, 'dish' => $this->dish])->assertOk();
        $this->api('PUT', "/log/complaints/{$id}", [...$body, 'said' => 'Two bones', 'dish' => $this->dish])
            ->assertConflict();
    }

    public function test_the_card_says_where_it_comes_from_and_no_price(): void
    {
        $card = $this->api('GET', "/log/origin?dish={$this->dish}")->assertOk();
        self::assertSame('Merluccius merluccius', $card->json('cards.0.lines.0.scientific'));
        self::assertSame(['Head'], $card->json('cards.0.lines.0.hands'));
        $this->api('GET', "/log/origin?tray={$this->trays[0]}")->assertOk()->assertJsonCount(1, 'cards');
        $this->api('GET', '/log/origin')->assertOk()->assertJsonPath('cards', []);
        $this->api('GET', '/log/origin?tray='.self::id())->assertNotFound();
        $page = (string) $this->get("/api/log/origin/page.html?dish={$this->dish}")->assertOk()->getContent();
        self::assertStringContainsString('Hake (Merluccius merluccius)', $page);
        self::assertStringNotContainsString('€', $page);
        self::assertStringNotContainsString('http', $page, 'nothing is fetched from anywhere');
        $this->paper("/log/origin/card.pdf?dish={$this->dish}");
        $this->actingAs($this->cutter);
        $this->api('GET', "/log/origin?dish={$this->dish}")->assertOk();
    }
}
