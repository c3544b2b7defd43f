<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\BreakDown\SetUp\BoardSetUp;
use App\Fish\Fish;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Receive\AtTheDoor;

final class SetUpTest extends AtTheDoor
{
    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function setBoard(string $fish, array $what = [], ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/breakdown/fish/{$fish}/set-up/".($act ?? self::id()), [
            'laid' => ['board', 'cloth', 'trays', 'pliers'],
            'knife' => 'flexible',
            ...$what,
        ]);
    }

    /** @return TestResponse<Response> */
    private function board(string $fish): TestResponse
    {
        return $this->api('GET', "/breakdown/fish/{$fish}/set-up")->assertOk();
    }

    public function test_a_board_is_set_up_once_for_a_lot_and_the_next_lot_starts_from_it(): void
    {
        $line = $this->line('Hake');
        [$first, $second] = [self::id(), self::id()];
        $this->weighIn($line, '3 kg', [], $first)->assertOk();
        $this->weighIn($line, '3.1 kg', [], $second)->assertOk();
        $this->close()->assertOk();
        $this->board($first)->assertJsonPath('is_set_up', false)->assertJsonCount(1, 'says');
        $act = self::id();
        $day = now()->subDays(9)->format('Y-m-d');
        $said = ['laid' => ['board', 'trays', 'pliers'], 'knife' => 'stiff', 'sharpened_on' => $day];
        $this->setBoard($first, $said, $act)->assertOk()->assertJsonCount(2, 'says');
        $this->setBoard($first, $said, $act)->assertOk();
        self::assertSame(1, BoardSetUp::query()->count());
        $this->board($second)
            ->assertJsonPath('is_set_up', true)
            ->assertJsonPath('knife', 'stiff')
            ->assertJsonPath('sharpened.stiff', $day);
        // Another lot is another board; what lay there last is offered.
        $other = $this->received();
        $this->board($other)
            ->assertJsonPath('is_set_up', false)
            ->assertJsonPath('laid', ['board', 'trays', 'pliers'])
            ->assertJsonPath('knife', 'stiff');
        $version = Fish::query()->findOrFail($other)->version;
        $this->api('PUT', "/breakdown/fish/{$other}/method", [
            'method' => 'round-two',
            'choices' => ['head-cut' => 'v'],
            'version' => $version,
        ])->assertOk();
        // The method says which knife its first cut wants.
        $this->board($other)->assertJsonPath('knife', 'flexible');
    }

    public function test_what_cannot_be_is_refused_where_it_was_said(): void
    {
        $fish = $this->received();
        foreach ([
            [['knife' => 'bread'], '/knife'],
            [['laid' => ['spoon']], '/laid/0'],
            [['sharpened_on' => now()->addDays(2)->format('Y-m-d')], '/sharpened_on'],
        ] as [$what, $where]) {
            self::assertSame($where, $this->setBoard($fish, $what)->assertStatus(422)->json('errors.0.pointer'));
        }
        self::assertSame(0, BoardSetUp::query()->count());
    }
}
