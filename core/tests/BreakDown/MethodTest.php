<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Method\BadMethod;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepPart;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

final class MethodTest extends TestCase
{
    /** @param  array<string, string>  $choices */
    private static function step(int $number, string $parts, array $choices = []): Step
    {
        return new Step(
            $number,
            $choices,
            "step {$number}",
            '',
            array_map(
                StepPart::parse(...),
                array_values(array_filter(explode(' ', $parts), fn (string $part): bool => $part !== '')),
            ),
            '',
            '',
            '',
            '',
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
                self::step(2, 'head collar', ['head' => 'first']),
                self::step(3, 'fillet fillet'),
                self::step(4, 'fillet fillet'),
                self::step(5, 'head collar', ['head' => 'last']),
                self::step(6, ''),
                self::step(7, 'frame scrapings'),
                self::step(8, 'pin-bones<fillet', ['bones' => 'pulled']),
            ],
            [
                'head' => new Question('head', 'Head', [
                    new Option('first', 'Off first', '', null, 0, true),
                    new Option('last', 'Left on', '', null, 0, false),
                ]),
                'bones' => new Question('bones', 'Pin bones', [
                    new Option('pulled', 'Pulled', '', Part::PinBones, 0.2, false),
                    new Option('left', 'Left', '', null, 0, true),
                ]),
            ],
        );
    }

    public function test_a_school_is_the_steps_its_answers_leave(): void
    {
        $method = self::method();
        self::assertSame(['head' => 'first', 'bones' => 'left'], $method->chosen([]));
        $numbers = fn (string ...$given): array => array_map(
            fn (Step $step): int => $step->number,
            $method->stepsFor(
                $method->chosen(array_combine(array_map(strval(...), array_keys($given)), array_values($given))),
                StateBought::Round,
            ),
        );
        self::assertSame([1, 2, 3, 4, 6, 7], $numbers());
        self::assertSame([1, 3, 4, 5, 6, 7, 8], $numbers(head: 'last', bones: 'pulled'));
        self::assertSame(
            [1, 3, 4, 6, 7],
            array_map(
                fn (Step $step): int => $step->number,
                $method->stepsFor($method->chosen([]), StateBought::Headless),
            ),
            'no head to take off',
        );
        self::assertSame(
            6 * 60,
            Method::secondsFor($method->stepsFor($method->chosen([]), StateBought::Round), Mass::ofGrams(2500)),
        );
        try {
            $method->chosen(['head' => 'gone']);
            self::fail('It was taken.');
        } catch (BadMethod $bad) {
            self::assertSame('/choices/head', $bad->pointer());
        }
    }

    public function test_whoever_weighs_in_any_order_is_followed(): void
    {
        $steps = self::method()->stepsFor(self::method()->chosen([]), StateBought::Round);
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
