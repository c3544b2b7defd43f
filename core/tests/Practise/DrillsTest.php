<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Method\Condition;
use Sectum\BreakDown\Method\Cue;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepOrder as Rule;
use Sectum\Fish\PinBoneRow;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Bones\BonesDrill;
use Sectum\Practise\Bones\PinBone;
use Sectum\Practise\Bones\Touch;
use Sectum\Practise\Cuts\CutsDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Order\OrderDrill;
use Sectum\Practise\Weigh\PieceToWeigh;
use Sectum\Practise\Weigh\SizeBand;
use Sectum\Practise\Weigh\WeighDrill;
use Sectum\Practise\Weigh\WeighedKind;

final class DrillsTest extends TestCase
{
    private function dice(int $number): Dice
    {
        return Dice::of(Dice::seed($number));
    }

    /** @param  callable(): mixed  $ask */
    private function refusedAt(string $pointer, callable $ask): void
    {
        try {
            $ask();
        } catch (BadDrill $bad) {
            self::assertSame($pointer, $bad->pointer());

            return;
        }
        self::fail("Nothing was refused at {$pointer}.");
    }

    private function order(int $seed): OrderDrill
    {
        $step = fn (int $i, string $name): Step => new Step(
            $i,
            $name,
            Condition::parse(''),
            $name,
            '',
            [],
            '',
            '',
            "mind the {$name}",
            '',
            new Cue('', '', ''),
            10,
            0,
        );
        $names = ['scale', 'head', 'side-a', 'side-b', 'ribs'];
        $rules = [];
        foreach ($names as $i => $first) {
            foreach (array_slice($names, $i + 1) as $next) {
                $rules[] = new Rule($first, $next, Condition::parse(''), "{$first} before {$next}");
            }
        }
        // A rule that does not hold under these answers breaks nothing.
        $rules[] = new Rule('ribs', 'scale', Condition::parse('head:last'), 'never here');

        return OrderDrill::drawn(
            $this->dice($seed),
            array_map($step, array_keys($names), $names),
            $rules,
            ['head' => 'first'],
        );
    }

    public function test_a_broken_rule_is_answered_with_its_reason_and_letters_tell_nothing(): void
    {
        $drill = $this->order(3);
        self::assertSame(['a', 'b', 'c', 'd', 'e'], array_keys($drill->steps));
        $right = [];
        foreach (array_keys($drill->cautions) as $letter) {
            $right[$letter] = $drill->steps[$letter]->caution;
        }
        self::assertSame(100.0, $drill->judged($drill->right, $right)->scorePct);
        // Head, first side, scale, second side, ribs: the handbook's worked order, two pairs of ten broken.
        [$scale, $head, $a, $b, $ribs] = $drill->right;
        $result = $drill->judged([$head, $a, $scale, $b, $ribs], $right);
        self::assertSame(80.0, $result->orderPct);
        self::assertEqualsWithDelta(0.75 * 80 + 25, $result->scorePct, 1e-9);
        self::assertSame(
            ['scale before head', 'scale before side-a'],
            array_map(fn ($reason): string => $reason->why, $result->broken),
        );
        $firsts = array_map(fn (int $seed): string => $this->order($seed)->right[0], range(1, 60));
        self::assertCount(5, array_unique($firsts), 'any letter may be the first step');
    }

    public function test_an_order_with_a_step_missing_twice_or_unknown_is_no_answer(): void
    {
        $drill = $this->order(3);
        $cautions = array_map(fn (array $three): string => $three[0], $drill->cautions);
        $this->refusedAt('/order', fn () => $drill->judged(['a', 'b', 'c', 'd'], $cautions));
        $this->refusedAt('/order', fn () => $drill->judged(['a', 'b', 'c', 'd', 'd'], $cautions));
        $this->refusedAt('/order/4', fn () => $drill->judged(['a', 'b', 'c', 'd', 'x'], $cautions));
        $letter = array_key_first($cautions);
        $this->refusedAt("/cautions/{$letter}", fn () => $drill->judged($drill->right, [$letter => 'mind the gap']));
        $this->refusedAt('/subject', fn () => OrderDrill::drawn($this->dice(1), [], [], []));
    }

    public function test_bones_run_as_far_and_are_as_many_as_their_species_has_them(): void
    {
        $drills = array_map(
            fn (int $seed): BonesDrill => BonesDrill::drawn($this->dice($seed), PinBoneRow::Short, 16, 2.5, 55),
            range(1, 400),
        );
        $count = array_map(fn (BonesDrill $drill): int => count($drill->bones), $drills);
        $far = array_map(fn (BonesDrill $drill): float => $drill->bones[count($drill->bones) - 1]->along, $drills);
        self::assertEqualsWithDelta(16, array_sum($count) / 400, 0.5);
        self::assertEqualsWithDelta(0.55, array_sum($far) / 400, 0.015);
        self::assertGreaterThan(min($count) + 6, max($count));
        $many = BonesDrill::drawn($this->dice(1), PinBoneRow::ManyBoned, 70, 10, 95);
        $across = array_map(fn (PinBone $bone): float => $bone->across, $many->bones);
        self::assertGreaterThan(0.6, max($across) - min($across), 'rows between the muscles, not one');
        $this->refusedAt('/subject', fn () => BonesDrill::drawn($this->dice(1), PinBoneRow::None, 0, 0, 0));
    }

    public function test_a_finger_feels_what_lies_under_it_more_surely_when_slow_and_the_same_again(): void
    {
        $slow = $fast = $beside = $bones = 0;
        for ($seed = 1; $seed <= 200; $seed++) {
            $drill = BonesDrill::drawn($this->dice($seed), PinBoneRow::Short, 16, 2.5, 55);
            $bones += count($drill->bones);
            $stroke = fn (float $across, float $seconds): array => $drill->felt(
                new Touch(0, $across),
                new Touch(1, $across),
                $seconds,
                1,
            );
            $slow += count($stroke(0.04, 6));
            $fast += count($stroke(0.04, 1));
            $beside += count($stroke(-0.9, 6));
            self::assertEquals($stroke(0.04, 6), $stroke(0.04, 6));
        }
        self::assertGreaterThan(0.75 * $bones, $slow);
        self::assertLessThan(0.65 * $bones, $fast);
        self::assertSame(0, $beside);
    }

    public function test_a_bone_counts_once_and_a_tap_beside_takes_half_a_bone_away(): void
    {
        $drill = BonesDrill::drawn($this->dice(5), PinBoneRow::Short, 16, 2.5, 55);
        $taps = array_map(fn (PinBone $bone): Touch => new Touch($bone->along, $bone->across), $drill->bones);
        $n = count($taps);
        $twice = $drill->judged([...$taps, $taps[0], $taps[0]]);
        self::assertEqualsWithDelta(100 * (1 - 1 / $n), $twice->scorePct, 1e-9);
        self::assertSame([$n, 0, [$n, $n + 1]], [$twice->found(), count($twice->missed), $twice->beside]);
        $none = $drill->judged([]);
        self::assertSame([0.0, $n], [$none->scorePct, count($none->missed)]);
        self::assertSame(0.0, $drill->judged(array_fill(0, 40, new Touch(0.99, 0.9)))->scorePct, 'never below nothing');
        $this->refusedAt('/taps', fn () => $drill->judged(array_fill(0, 251, $taps[0])));
        $this->refusedAt('/along', fn () => new Touch(1.01, 0));
        $this->refusedAt('/across', fn () => new Touch(0.5, -1.01));
    }

    public function test_a_drawn_piece_weighs_what_its_outline_holds(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            foreach ([WeighedKind::Portion, WeighedKind::Side, WeighedKind::Loin] as $kind) {
                foreach (WeighDrill::drawn($this->dice($seed), $kind)->pieces as $piece) {
                    self::assertGreaterThanOrEqual($kind->lightest(), $piece->mass->grams());
                    self::assertLessThanOrEqual($kind->heaviest(), $piece->mass->grams());
                    $box = 0.0;
                    foreach ($piece->outline as $i => $edge) {
                        $on = $edge->cm - $piece->outline[max(0, $i - 1)]->cm;
                        $box += (1.05 * $edge->wideCm * $edge->mm * $on) / 10;
                    }
                    // A fillet's section is no box: it fills six to nine tenths of one.
                    self::assertGreaterThan(0.45 * $box, $piece->mass->grams(), "{$kind->value} of seed {$seed}");
                    self::assertLessThan(1.4 * $box, $piece->mass->grams(), "{$kind->value} of seed {$seed}");
                }
            }
        }
    }

    public function test_a_guess_is_scored_by_how_far_it_is_off_and_a_slip_of_the_finger_is_none(): void
    {
        $drill = WeighDrill::drawn($this->dice(2), WeighedKind::Portion);
        $off = fn (float $by): array => array_map(
            fn (PieceToWeigh $piece): Mass => Mass::ofMilligrams((int) round($piece->mass->milligrams * $by)),
            $drill->pieces,
        );
        self::assertEqualsWithDelta(60.0, $drill->judged($off(1.1))->scorePct, 0.1);
        self::assertEqualsWithDelta(60.0, $drill->judged($off(0.9))->scorePct, 0.1);
        self::assertSame(0.0, $drill->judged($off(1.3))->scorePct);
        $this->refusedAt('/guesses/0', fn () => $drill->judged($off(11)));
        $this->refusedAt('/guesses/0', fn () => $drill->judged($off(0)));
        $this->refusedAt('/guesses', fn () => $drill->judged(array_slice($off(1), 1)));
        self::assertSame(SizeBand::Under100, SizeBand::of(Mass::ofGrams(99.9)));
        self::assertSame(SizeBand::To200, SizeBand::of(Mass::ofGrams(100)));
        self::assertSame(SizeBand::Over1500, SizeBand::of(Mass::ofGrams(1500)));
    }

    public function test_the_true_side_is_off_its_table_and_the_plan_moves_with_what_was_weighed(): void
    {
        $off = array_map(function (int $seed): float {
            $drill = CutsDrill::drawn($this->dice($seed), 'long-side');
            $marks = CutsDrill::marks($drill->planFrom([]));
            $moved = CutsDrill::marks($drill->planFrom([$marks[0], $marks[1]]));
            self::assertEqualsWithDelta($marks[1], $moved[0], 1e-6, 'from the knife on');

            return abs($drill->weighs([$marks[0]], $marks[1]) / $drill->dish->targetGrams - 1);
        }, range(1, 40));
        self::assertGreaterThan(0.01, array_sum($off) / 40, 'a cut at the table’s mark is not its target');
        self::assertLessThan(0.12, max($off));
        $drill = CutsDrill::drawn($this->dice(40), 'long-side');
        $marks = CutsDrill::marks($drill->planFrom([]));
        $whole = $drill->judged([]);
        self::assertSame([0.0, 0, 0.0], [$whole->scorePct, $whole->portions, $whole->overGrams]);
        $one = $drill->judged([$marks[0]]);
        self::assertSame(0.0, $one->scorePct, 'squared off is no portion');
        $best = $drill->judged(CutsDrill::marks($drill->best()));
        self::assertEqualsWithDelta(100.0, $best->scorePct, 1e-9);
        self::assertSame($best->possible, $best->portions);
        self::assertGreaterThanOrEqual(1.0, $best->evenness);
        $sum = array_sum(array_map(fn ($piece): float => $piece->grams, $best->pieces));
        self::assertLessThanOrEqual($drill->table->massGrams + count($best->pieces), $sum);
    }

    public function test_a_knife_goes_on_towards_the_tail(): void
    {
        $drill = CutsDrill::drawn($this->dice(7), 'loin');
        $this->refusedAt('/cm', fn () => $drill->weighs([5.0], 5.1));
        $this->refusedAt('/cm', fn () => $drill->weighs([5.0], 4.0));
        $this->refusedAt('/cm', fn () => $drill->weighs([], $drill->table->lengthCm + 0.1));
        $this->refusedAt('/cm', fn () => $drill->weighs(array_map(fn (int $i): float => $i, range(1, 30)), 31.0));
        self::assertSame([], $drill->planFrom([1.0, $drill->table->lengthCm - 0.5])->pieces, 'nothing is left to plan');
    }
}
