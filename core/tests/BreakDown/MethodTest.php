<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Method\BadMethod;
use Sectum\BreakDown\Method\BadOrder;
use Sectum\BreakDown\Method\Condition;
use Sectum\BreakDown\Method\Cue;
use Sectum\BreakDown\Method\Exclusion;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepOrder;
use Sectum\BreakDown\Method\StepPart;
use Sectum\BreakDown\Method\WhyNot;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

final class MethodTest extends TestCase
{
    private static function step(int $number, string $parts, string $when = '', string $action = ''): Step
    {
        return new Step(
            $number,
            $action,
            Condition::parse($when),
            "step {$number}",
            '',
            array_map(StepPart::parse(...), StepPart::listed($parts)),
            '',
            '',
            '',
            '',
            new Cue('', '', ''),
            10,
            20,
        );
    }

    private static function method(): Method
    {
        return new Method(
            'two',
            'Two fillets',
            BodyForm::Round,
            '',
            [
                self::step(1, 'fins'),
                self::step(2, 'head collar', 'head:first'),
                self::step(3, 'fillet fillet'),
                self::step(4, 'fillet fillet'),
                self::step(5, 'head collar', 'head:last'),
                self::step(6, ''),
                self::step(7, 'frame scrapings'),
                self::step(8, 'pin-bones<fillet', 'bones:pulled'),
            ],
            [
                'head' => new Question('head', 'Head', [
                    new Option('first', 'Off first', '', null, 0, null, true),
                    new Option('last', 'Left on', '', null, 0, null, false),
                ]),
                'bones' => new Question('bones', 'Pin bones', [
                    new Option('pulled', 'Pulled', '', Part::PinBones, 0.2, null, false),
                    new Option('left', 'Left', '', null, 0, null, true),
                ]),
            ],
        );
    }

    /**
     * @param  list<Step>  $steps
     * @return list<int>
     */
    private static function numbers(array $steps): array
    {
        return array_map(fn (Step $step): int => $step->number, $steps);
    }

    public function test_a_school_is_the_steps_its_answers_leave(): void
    {
        $method = self::method();
        $usual = $method->answered([], []);
        self::assertSame(['head' => 'first', 'bones' => 'left'], $usual->chosen);
        self::assertSame([1, 2, 3, 4, 6, 7], self::numbers($method->stepsFor($usual, StateBought::Round)));
        $other = $method->answered(['head' => 'last', 'bones' => 'pulled'], []);
        self::assertSame([1, 3, 4, 5, 6, 7, 8], self::numbers($method->stepsFor($other, StateBought::Round)));
        self::assertSame(
            [1, 3, 4, 6, 7],
            self::numbers($method->stepsFor($usual, StateBought::Headless)),
            'no head to take off',
        );
        self::assertSame(
            6 * 60,
            Method::secondsFor($method->stepsFor($usual, StateBought::Round), Mass::ofGrams(2500)),
        );
        try {
            $method->answered(['head' => 'gone'], []);
            self::fail('It was taken.');
        } catch (BadMethod $bad) {
            self::assertSame('/choices/head', $bad->pointer());
        }
    }

    /** A small table: skin and pin bones hang together, the head is no question on a tail. */
    private static function tied(Step ...$steps): Method
    {
        $option = fn (string $code, bool $usual = false): Option => new Option($code, $code, '', null, 0, null, $usual);

        return new Method('tied', '', BodyForm::Round, '', array_values($steps), [
            'head' => new Question('head', 'Head', [$option('first', true), $option('last')]),
            'skin' => new Question('skin', 'Skin', [$option('off', true), $option('on')]),
            'bones' => new Question('bones', 'Bones', [$option('before', true), $option('after')]),
        ], [
            new Exclusion('head', null, Condition::parse('state:tail'), WhyNot::OffAlready),
            new Exclusion('bones', 'after', Condition::parse('skin:on'), WhyNot::SkinStaysOn),
        ], [
            new StepOrder('bones', 'skin', Condition::parse('!bones:after'), 'the skin holds it'),
            new StepOrder('skin', 'bones', Condition::parse('bones:after'), 'the finger finds them'),
            new StepOrder('open', 'skin', Condition::parse(''), 'there is no fillet yet'),
        ]);
    }

    public function test_the_question_asked_last_is_decided_first_and_the_other_answer_gives_way(): void
    {
        $method = self::tied();
        $given = ['skin' => 'on', 'bones' => 'after'];
        $skin = $method->answered($given, [], 'skin');
        self::assertSame(['head' => 'first', 'skin' => 'on', 'bones' => 'before'], $skin->chosen);
        self::assertSame(WhyNot::SkinStaysOn, $skin->moved['bones']->reason);
        $bones = $method->answered($given, [], 'bones');
        self::assertSame(['head' => 'first', 'skin' => 'off', 'bones' => 'after'], $bones->chosen);
        self::assertSame(['skin'], array_keys($bones->moved));
        self::assertSame([], $method->answered(['skin' => 'on'], [])->moved, 'what nobody said gives no way');
        self::assertSame(
            ['skin' => 'off', 'bones' => 'before'],
            $method->answered(['head' => 'last'], ['state' => 'tail'])->chosen,
            'and a question that is not asked has no answer',
        );
    }

    public function test_steps_follow_the_rules_of_what_comes_first_and_else_habit(): void
    {
        $method = self::tied(
            self::step(1, 'skin<fillet', 'skin:off', 'skin'),
            self::step(2, 'pin-bones<fillet', '', 'bones'),
            self::step(3, 'side-a', '', 'open'),
            self::step(4, 'trim<fillet', '', 'tidy'),
        );
        $numbers = fn (string $when): array => self::numbers(
            $method->stepsFor($method->answered(['bones' => $when], []), StateBought::Round),
        );
        self::assertSame([2, 3, 1, 4], $numbers('before'));
        self::assertSame([3, 1, 2, 4], $numbers('after'));
    }

    public function test_a_written_order_is_held_against_the_rules_that_always_hold(): void
    {
        $side = self::step(2, 'side-a', '', 'open');
        self::tied($side, self::step(3, 'skin<fillet', 'skin:off', 'skin'))->mustBeCuttable([]);
        foreach ([
            [[self::step(1, 'skin<fillet', 'skin:off', 'skin'), $side], '/steps/1/doing', BadOrder::WrongWayRound],
            [[self::step(1, 'ribs<fillet'), $side], '/steps/0/parts', BadOrder::NothingToCutFrom],
            [[$side, self::step(3, 'belly-loin<side-b')], '/steps/1/parts', BadOrder::NothingToCutFrom],
            [[self::step(1, 'fins')], '/steps', BadOrder::NoFillet],
            [[self::step(1, 'side-a', 'skin:off')], '/steps', BadOrder::NoFillet],
        ] as [$steps, $pointer, $code]) {
            try {
                self::tied(...$steps)->mustBeCuttable([]);
                self::fail($code->value.' was taken.');
            } catch (BadMethod $bad) {
                self::assertSame([$pointer, $code], [$bad->pointer(), $bad->said()?->code]);
            }
        }
    }

    public function test_a_condition_is_read_or_refused(): void
    {
        $condition = Condition::parse('skin:on|silver;!state:side;start:one pass');
        self::assertSame(['skin', 'state', 'start'], $condition->questions());
        self::assertTrue($condition->holds(['skin' => 'silver', 'start' => 'one pass']));
        self::assertFalse($condition->holds(['skin' => 'silver', 'start' => 'one pass', 'state' => 'side']));
        self::assertFalse($condition->holds(['start' => 'one pass']), 'not asked is not answered');
        $this->expectException(BadMethod::class);
        Condition::parse('skin');
    }

    public function test_a_part_may_come_off_under_one_answer_only(): void
    {
        $method = self::tied(self::step(1, 'head collar?head:first', '', 'head'));
        $parts = fn (string $head): array => array_map(
            fn (StepPart $part): Part => $part->part,
            $method->stepsFor($method->answered(['head' => $head], []), StateBought::Round)[0]->parts,
        );
        self::assertSame([Part::Head, Part::Collar], $parts('first'));
        self::assertSame([Part::Head], $parts('last'));
    }

    public function test_whoever_weighs_in_any_order_is_followed(): void
    {
        $steps = self::method()->stepsFor(self::method()->answered([], []), StateBought::Round);
        $at = fn (int $said, Part ...$weighed): int => Method::at($steps, $said, array_values($weighed));
        self::assertSame(0, $at(0));
        self::assertSame(1, $at(1));
        self::assertSame(2, $at(0, Part::Head));
        self::assertSame(2, $at(0, Part::Head, Part::Fillet), 'one of two fillets');
        self::assertSame(3, $at(0, Part::Head, Part::Fillet, Part::Fillet));
        self::assertSame(3, $at(0, Part::Fillet, Part::Fillet, Part::Fillet));
        self::assertSame(4, $at(0, Part::Fillet, Part::Fillet, Part::Fillet, Part::Fillet));
        self::assertSame(6, $at(0, Part::Frame), 'scrapings may stay away');
        self::assertSame(6, $at(99));
    }

    public function test_a_part_says_what_it_is_cut_from(): void
    {
        self::assertSame(
            [Part::BackLoin, 'side-a'],
            [StepPart::parse('back-loin<side-a')->part, StepPart::parse('back-loin<side-a')->from],
        );
        $this->expectException(BadMethod::class);
        StepPart::parse('wing<side-a');
    }
}
