<?php

declare(strict_types=1);

namespace Tests\Feature\Practise;

use App\Catalogue\CatalogueStep;
use App\Practise\Drill\Drill;
use App\Practise\Drill\Plays;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Sectum\Practise\Level;
use Sectum\Practise\Skill;
use Tests\AsksAtMost;

final class DrillsTest extends PractiseKitchen
{
    use AsksAtMost;

    /** @return iterable<string, array{Skill}> */
    public static function skills(): iterable
    {
        foreach (Skill::cases() as $skill) {
            yield $skill->value => [$skill];
        }
    }

    /** What only the answer to a drill has, by name: none of it may be in anything sent before. */
    private const SECRET = [
        'right', 'broken', 'whys', 'bones', 'missed', 'found', 'weighs', 'off_pct', 'guess', 'best_cm', 'possible',
        'grades', 'decides', 'reasons', 'kind_said', 'points', 'why', 'may', 'sheets.0.kind', 'ruling', 'brier',
    ];

    #[DataProvider('skills')]
    public function test_each_subject_is_drawn_without_its_answer_and_answered_in_full(Skill $skill): void
    {
        $this->level(Level::Fourth);
        foreach (Plays::subjects($skill, Level::Fourth) as $subject) {
            $drawn = $this->draw($skill, ['subject' => $subject])->assertOk();
            self::assertNull($drawn->json('result'));
            self::assertNull($drawn->json('score_pct'));
            $task = (array) $drawn->json("task.{$skill->value}");
            // What may be chosen is not what was chosen.
            unset($task['rulings'], $task['bins'], $task['verdicts']);
            $keys = self::keys($task);
            self::assertSame([], array_values(array_intersect($keys, self::SECRET)), "{$skill->value} {$subject}");
            $drill = $this->drill($drawn);
            $answered = $this->answer($drill, $this->rightAnswer($drill))->assertOk();
            self::assertSame(100, (int) round((float) $answered->json('score_pct')), "{$skill->value} {$subject}");
            self::assertNotNull($answered->json("result.{$skill->value}"));
            self::assertSame(
                $answered->json('result'),
                $this->api('GET', "/practise/{$skill->value}/{$drill->seed}")->assertOk()->json('result'),
                'seen again by its address',
            );
        }
    }

    /**
     * @param  array<mixed>  $of
     * @return list<string>
     */
    private static function keys(array $of): array
    {
        $keys = [];
        array_walk_recursive($of, function (mixed $value, int|string $key) use (&$keys): void {
            $keys[] = (string) $key;
        });
        foreach ($of as $key => $value) {
            $keys[] = (string) $key;
            if (is_array($value)) {
                array_push($keys, ...self::keys($value));
            }
        }

        return array_values(array_unique($keys));
    }

    public function test_weights_are_in_nothing_that_is_sent_before_they_are_said(): void
    {
        $drawn = $this->draw(Skill::Weight, ['subject' => 'portion']);
        $drill = $this->drill($drawn);
        $sent = (string) $drawn->getContent().
            $this->api('GET', "/practise/weight/{$drill->seed}")->getContent();
        foreach ($this->rightAnswer($drill)['guesses'] ?? [] as $true) {
            $grams = (string) (int) $true;
            self::assertDoesNotMatchRegularExpression('/[:,\[" ]'.$grams.'[,\]"} ]/', $sent);
        }
    }

    public function test_what_a_finger_feels_tells_of_the_bones_under_it_and_of_no_other(): void
    {
        $drill = $this->drill($this->draw(Skill::Bones, ['subject' => 'short']));
        $this->move($drill, 1, ['stroke' => [[0, 0.05], [0.3, 0.05]], 'seconds' => 3])->assertOk();
        $felt = $this->move($drill, 2, ['stroke' => [[0.9, 0.05], [1, 0.05]], 'seconds' => 3])->assertOk();
        foreach ((array) $felt->json('moves.0.said.felt') as $at) {
            self::assertIsArray($at);
            self::assertLessThan(0.33, $at[0]);
        }
        self::assertSame([], $felt->json('moves.1.said.felt'));
        $again = $this->move($drill, 1, ['stroke' => [[0, 0.05], [0.3, 0.05]], 'seconds' => 3])->assertOk();
        self::assertSame($felt->json('moves'), $again->json('moves'), 'sent twice it is one stroke');
        $this->move($drill, 1, ['stroke' => [[0.5, 0], [0.6, 0]], 'seconds' => 3])->assertConflict();
        $this->move($drill, 4, ['stroke' => [[0, 0], [1, 0]], 'seconds' => 3])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/number');
        $this->move($drill, 3, ['seconds' => 1])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/stroke');
        $this->move($drill, 3, ['stroke' => [[0, 0], [1.2, 0]]])->assertUnprocessable();
    }

    public function test_a_cut_is_weighed_and_the_plan_goes_on_from_there(): void
    {
        $drawn = $this->draw(Skill::Cuts, ['subject' => 'long-side']);
        $drill = $this->drill($drawn);
        $next = (float) $drawn->json('task.cuts.next_cm');
        self::assertGreaterThan(0, $next, 'a beginner sees the mark');
        $one = $this->move($drill, 1, ['cm' => $next])->assertOk();
        self::assertSame('square', $one->json('task.cuts.pieces.0.what'));
        self::assertGreaterThan($next, $one->json('task.cuts.next_cm'));
        $this->move($drill, 2, ['cm' => $next - 1])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/cm');
        $kept = (array) $this->api('GET', "/practise/cuts/{$drill->seed}")->json('moves');
        self::assertCount(1, $kept, 'no cut is kept');
        $two = $this->move($drill, 2, ['cm' => $one->json('task.cuts.next_cm')])->assertOk();
        self::assertMatchesRegularExpression('/^\d+ g$/', (string) $two->json('task.cuts.pieces.1.mass'));
        $this->level(Level::Third);
        self::assertNull($this->draw(Skill::Cuts, ['subject' => 'loin'])->json('task.cuts.next_cm'), 'and no one else');
    }

    public function test_an_answer_is_taken_once(): void
    {
        $drill = $this->drill($this->draw(Skill::Bins));
        $right = $this->rightAnswer($drill);
        $first = $this->answer($drill, $right)->assertOk();
        self::assertSame($first->json(), $this->answer($drill, $right)->assertOk()->json());
        $other = ['bins' => array_fill(0, count($right['bins']), 'discard')];
        $this->answer($drill, $other)->assertConflict()->assertJsonPath('code', 'answered');
        self::assertSame(100, (int) $this->api('GET', "/practise/bins/{$drill->seed}")->json('score_pct'));
        $this->move($this->drill($this->draw(Skill::Bins)), 1, ['cm' => 3])->assertNotFound();
    }

    public function test_a_drill_of_somebody_else_is_answered_by_nobody_else(): void
    {
        $drill = $this->drill($this->draw(Skill::Raw));
        $right = $this->rightAnswer($drill);
        $this->actingAs($this->chef);
        $this->answer($drill, $right)->assertForbidden();
        $this->api('GET', "/practise/raw/{$drill->seed}?person={$this->cutter->id}")->assertNotFound();
        $this->actingAs($this->cutter);
        $this->answer($drill, $right)->assertOk();
        $this->api('GET', "/practise/raw/{$drill->seed}?person={$this->chef->id}")->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('GET', "/practise/raw/{$drill->seed}?person={$this->cutter->id}")
            ->assertOk()
            ->assertJsonPath('score_pct', 100);
    }

    public function test_after_its_time_no_answer_is_taken(): void
    {
        $drill = $this->drill($this->draw(Skill::Sheets));
        $right = $this->rightAnswer($drill);
        $drill->update(['due_at' => '2026-01-01T00:00:00.000Z']);
        $this->answer($drill, $right)->assertConflict()->assertJsonPath('code', 'over');
        $seen = $this->api('GET', "/practise/sheets/{$drill->seed}")->assertOk();
        self::assertTrue($seen->json('over'));
        self::assertNull($seen->json('result'));
    }

    public function test_a_seed_somebody_names_is_practice_and_counts_for_nothing(): void
    {
        $drawn = $this->draw(Skill::Fresh, ['seed' => 'herr1ng5', 'subject' => 'lean'])->assertOk();
        self::assertFalse($drawn->json('counts'));
        $drill = $this->drill($drawn);
        $this->answer($drill, $this->rightAnswer($drill))->assertOk();
        $home = $this->api('GET', '/practise')->assertOk();
        self::assertSame(0, $home->json('me.skills.4.drills'));
        self::assertSame('herr1ng5', $home->json('me.drills.0.seed'));
        $again = $this->draw(Skill::Fresh, ['seed' => 'herr1ng5', 'subject' => 'lean'])->assertOk();
        self::assertSame($drill->id, $again->json('id'), 'the same drill, with its result');
        $id = self::id();
        for ($times = 0; $times < 2; $times++) {
            $sent = $this->api('PUT', "/practise/drills/{$id}", ['skill' => 'fresh', 'seed' => 'herr1ng5']);
            self::assertSame($drill->id, $sent->assertOk()->json('id'), 'sent twice too');
        }
        $this->draw(Skill::Fresh, ['seed' => 'HERRING5'])->assertUnprocessable();
        $this->draw(Skill::Fresh, ['seed' => 'herr'])->assertUnprocessable();
        $this->api('GET', '/practise/fresh/herr1ng6')->assertNotFound();
        $this->api('GET', '/practise/nothing/herr1ng5')->assertNotFound();
        // The same seed for two people is the same drill.
        $this->actingAs($this->chef);
        self::assertSame(
            $drawn->json('task'),
            $this->draw(Skill::Fresh, ['seed' => 'herr1ng5', 'subject' => 'lean'])->json('task'),
        );
    }

    public function test_a_method_the_house_changed_meanwhile_is_drawn_anew_and_nothing_counts(): void
    {
        $drill = $this->drill($this->draw(Skill::Order, ['subject' => 'round-two']));
        $right = $this->rightAnswer($drill);
        CatalogueStep::rows()->where('method', 'round-two')->where('action', 'head')->update(['doing' => 'Head away']);
        $this->answer($drill, $right)->assertConflict()->assertJsonPath('code', 'changed-meanwhile');
        self::assertNull($drill->refresh()->answered_at);
        self::assertSame(0, $this->api('GET', '/practise')->json('me.skills.0.drills'));
    }

    /** @return iterable<string, array{Skill, array<string, mixed>, string}> */
    public static function unanswerable(): iterable
    {
        yield 'steps missing' => [Skill::Order, ['order' => ['a']], '/order'];
        yield 'a step nobody showed' => [Skill::Order, ['order' => ['z']], '/order/0'];
        yield 'a tap beside the side' => [Skill::Bones, ['taps' => [[1.5, 0]]], '/taps/0/0'];
        yield 'seven weights for eight' => [Skill::Weight, ['guesses' => array_fill(0, 7, '170')], '/guesses'];
        yield 'a weight that is none' => [Skill::Weight, ['guesses' => ['heavy']], '/guesses/0'];
        yield 'no lot' => [Skill::Fresh, ['lots' => []], '/lots'];
        yield 'a grade of four' => [
            Skill::Fresh,
            ['lots' => [['grades' => ['eyes' => 4], 'verdict' => 'hold', 'decides' => 'eyes', 'sure_pct' => 50]]],
            '/lots/0/grades/eyes',
        ];
        yield 'a weight not on the sheet' => [
            Skill::Sheets,
            ['sheets' => array_fill(0, 5, ['piece' => 'fin of gold', 'kind' => 'unit'])],
            '/sheets/0/piece',
        ];
        yield 'a bin nobody has' => [Skill::Bins, ['bins' => ['cat']], '/bins/0'];
        yield 'one case of eight' => [Skill::Raw, ['cases' => [['may' => true, 'ruling' => 'cooked']]], '/cases'];
    }

    /** @param  array<string, mixed>  $answer */
    #[DataProvider('unanswerable')]
    public function test_half_an_answer_is_said_where_it_lacks_and_nothing_is_kept(
        Skill $skill,
        array $answer,
        string $pointer,
    ): void {
        $drill = $this->drill($this->draw($skill));
        $this->answer($drill, $answer)->assertUnprocessable()->assertJsonPath('errors.0.pointer', $pointer);
        self::assertNull($drill->refresh()->answered_at);
        $this->answer($drill, $this->rightAnswer($drill))->assertOk();
    }

    public function test_of_two_answers_at_once_one_is_taken(): void
    {
        $drill = $this->drill($this->draw(Skill::Bins));
        $right = $this->rightAnswer($drill);
        $this->answer($drill, $right)->assertOk();
        $this->answer($drill, ['bins' => array_reverse($right['bins'])])->assertConflict();
        self::assertSame(1, Drill::query()->whereNotNull('answered_at')->count());
    }

    public function test_ten_minutes_a_day_begin_with_what_is_new_and_come_back_to_what_went_badly(): void
    {
        $today = (array) $this->api('GET', '/practise')->json('today');
        self::assertSame(10, $this->api('GET', '/practise')->json('minutes'));
        self::assertLessThanOrEqual(10, array_sum(array_column($today, 'minutes')));
        self::assertSame('order', $today[0]['skill']);
        $drill = $this->drill($this->draw(Skill::Bins, ['subject' => 'oily']));
        $this->answer($drill, ['bins' => array_fill(0, 10, 'discard')])->assertOk();
        DB::table('drills')->where('id', $drill->id)->update(['day' => '2026-01-02']);
        $first = $this->api('GET', '/practise')->json('today.0');
        self::assertSame(['bins', 'oily', false], [$first['skill'], $first['subject'], $first['new']]);
        // Asked for a drill of a skill, one gets what is weakest of it.
        self::assertNotSame('oily', $this->draw(Skill::Bins)->json('subject'), 'what was never practised comes first');
    }

    public function test_it_asks_little_of_the_database(): void
    {
        for ($i = 0; $i < 6; $i++) {
            $drill = $this->drill($this->draw(Skill::Bins));
            $this->answer($drill, $this->rightAnswer($drill))->assertOk();
        }
        $this->assertAsksAtMost(20, fn () => $this->api('GET', '/practise')->assertOk());
        $this->assertAsksAtMost(20, fn () => $this->draw(Skill::Bins)->assertOk());
        $drill = $this->drill($this->draw(Skill::Bones));
        $this->assertAsksAtMost(
            14,
            fn () => $this->move($drill, 1, ['stroke' => [[0, 0], [1, 0]], 'seconds' => 2])->assertOk(),
        );
        $drill = $this->drill($this->draw(Skill::Bins));
        $right = $this->rightAnswer($drill);
        $this->assertAsksAtMost(20, fn () => $this->answer($drill, $right)->assertOk());
        $this->actingAs($this->chef);
        $this->assertAsksAtMost(24, fn () => $this->api('GET', '/practise')->assertOk());
    }
}
