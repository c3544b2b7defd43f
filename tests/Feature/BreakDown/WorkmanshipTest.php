<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\BreakDown\Workmanship\SideWork;
use App\Fish\Fish;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class WorkmanshipTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    private function twoSides(string $a = '1500 g', string $b = '1490 g'): string
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', $a)->assertOk();
        $this->weigh($fish, 'side-b', $b)->assertOk();

        return $fish;
    }

    /** @return TestResponse<Response> */
    private function seen(string $fish): TestResponse
    {
        return $this->api('GET', "/breakdown/fish/{$fish}/workmanship")->assertOk();
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function judge(string $fish, array $what, ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/breakdown/fish/{$fish}/workmanship/".($act ?? self::id()), $what);
    }

    public function test_who_weighed_a_side_cut_it_until_somebody_says_otherwise(): void
    {
        $fish = $this->twoSides();
        $me = $this->seen($fish)
            ->assertJsonPath('sides.0.by_default', true)
            ->json('sides.0.cut_by.id');
        $piece = $this->seen($fish)->json('sides.1.piece');
        self::assertNotSame($this->cutter->id, $me);
        $this->judge($fish, ['piece' => $piece, 'cut_by' => $this->cutter->id])
            ->assertOk()
            ->assertJsonPath('sides.0.cut_by.id', $me)
            ->assertJsonPath('sides.1.cut_by.id', $this->cutter->id)
            ->assertJsonPath('sides.1.by_default', false);
        // The marks are another's word and leave who cut it alone.
        $this->judge($fish, ['piece' => $piece, 'marks' => ['torn' => 1]])
            ->assertOk()
            ->assertJsonPath('sides.1.cut_by.id', $this->cutter->id)
            ->assertJsonPath('sides.1.marks', [
                ['mark' => 'hack', 'grade' => null],
                ['mark' => 'torn', 'grade' => 1],
                ['mark' => 'broken', 'grade' => null],
            ]);
    }

    public function test_the_last_word_on_each_mark_counts_and_none_is_lost(): void
    {
        $fish = $this->twoSides();
        $piece = $this->seen($fish)->json('sides.0.piece');
        $act = self::id();
        $this->judge($fish, ['piece' => $piece, 'marks' => ['hack' => 3]], $act)->assertOk();
        $this->judge($fish, ['piece' => $piece, 'marks' => ['hack' => 3]], $act)->assertOk();
        $this->judge($fish, ['piece' => $piece, 'marks' => ['hack' => 1]])
            ->assertOk()
            ->assertJsonPath('sides.0.marks.0.grade', 1);
        self::assertSame(2, SideWork::query()->count());
        $this->done($fish, 'breakdown')->assertOk();
        $this->api('GET', "/log/fish/{$fish}")->assertOk()->assertJsonPath('workmanship.0.marks.0.grade', 1);
        $this->expectException(QueryException::class);
        SideWork::query()->delete();
    }

    public function test_what_cannot_be_judged_is_refused_where_it_was_said(): void
    {
        $fish = $this->twoSides();
        $whole = Fish::onTheBench($fish)->whole()->id;
        $piece = $this->seen($fish)->json('sides.0.piece');
        foreach ([
            [['piece' => $whole, 'marks' => ['hack' => 1]], '/piece'],
            [['piece' => $piece], '/marks'],
            [['piece' => $piece, 'marks' => ['hack' => 4]], '/marks/hack'],
            [['piece' => $piece, 'cut_by' => self::id()], '/cut_by'],
        ] as [$what, $where]) {
            self::assertSame($where, $this->judge($fish, $what)->assertStatus(422)->json('errors.0.pointer'));
        }
        self::assertSame(0, SideWork::query()->count());
    }

    public function test_the_next_fish_of_the_same_hand_is_told_in_what_the_last_fell_short(): void
    {
        $last = $this->twoSides('1600 g', '1400 g');
        $piece = $this->seen($last)->json('sides.0.piece');
        $this->judge($last, ['piece' => $piece, 'marks' => ['broken' => 2]])->assertOk();
        self::assertSame([], $this->seen($last)->json('fell_short'));
        $this->done($last, 'breakdown')->assertOk();
        $next = $this->received();
        self::assertSame(
            ['sides-unlike', 'broken-bones'],
            $this->seen($next)->json('fell_short.*.code'),
        );
        // It was not this one's fish; and a flatfish is opened otherwise.
        $flat = $this->received('2 kg', ['species' => $this->species('Brill')]);
        self::assertSame([], $this->seen($flat)->json('fell_short'));
        $this->actingAs($this->cutter);
        self::assertSame([], $this->seen($next)->json('fell_short'));
    }
}
