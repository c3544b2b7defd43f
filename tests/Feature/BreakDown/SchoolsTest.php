<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\Catalogue\Methods;
use Database\Seed\Csv;
use PHPUnit\Framework\Attributes\DataProvider;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\Method\Answered;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Reconcile;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Tests\TestCase;

/** Every answer to every question, on every body form that may be asked it. */
final class SchoolsTest extends TestCase
{
    /** What a fish has once; a step list that takes it twice is wrong. */
    private const ONCE = ['head', 'guts', 'gills', 'roe', 'frame', 'side-a', 'side-b', 'eyed-side', 'blind-side'];

    /** Fillets off the whole fish, by method. */
    private const FILLETS = [
        'round-two' => 2,
        'quartered' => 2,
        'pelagic-loins' => 4,
        'flat-four' => 4,
        'flat-whole-width' => 2,
        'flat-seven' => 4,
        'tail-loins' => 2,
        'many-boned' => 2,
        'small-ungutted' => 2,
        'steaks' => 1,
    ];

    /** @return iterable<string, array{string}> */
    public static function methods(): iterable
    {
        foreach (array_keys(self::FILLETS) as $method) {
            yield $method => [$method];
        }
    }

    private static function method(string $code): Method
    {
        return Methods::of($code) ?? self::fail("{$code} is not there.");
    }

    #[DataProvider('methods')]
    public function test_all_pairs_of_answers_make_a_whole_step_list_or_are_excluded_for_a_reason(string $code): void
    {
        $method = self::method($code);
        $walked = 0;
        foreach ($method->form->states() as $state) {
            if (! Methods::suits($code, $state)) {
                continue;
            }
            foreach ([['large', 'short'], ['none', 'none'], ['small', 'many']] as [$scales, $row]) {
                $facts = [
                    'method' => $code,
                    'state' => $state->value,
                    'scales-of' => $scales,
                    'pin-row' => $row,
                ];
                foreach (self::pairs($method) as $pair) {
                    $answered = $method->answered($pair, $facts, (string) array_key_last($pair));
                    foreach ($pair as $question => $option) {
                        self::assertTrue(
                            ($answered->chosen[$question] ?? $option) === $option || isset($answered->moved[$question]),
                            "{$question}:{$option} was changed without a reason",
                        );
                    }
                    $fault = self::fault($method, $answered, $state);
                    self::assertNull($fault, "{$code}, {$state->value}, ".json_encode($pair).": {$fault}");
                    $walked++;
                }
            }
        }
        self::assertGreaterThan(500, $walked);
    }

    /** @return iterable<array<string, string>> */
    private static function pairs(Method $method): iterable
    {
        $questions = array_values($method->questions);
        foreach ($questions as $i => $one) {
            foreach (array_slice($questions, $i + 1) as $other) {
                foreach ($one->options as $a) {
                    foreach ($other->options as $b) {
                        yield [$one->code => $a->code, $other->code => $b->code];
                    }
                }
            }
        }
    }

    /** What is wrong with the step list; null when nothing is. */
    public static function fault(Method $method, Answered $answered, StateBought $state): ?string
    {
        $steps = $method->stepsFor($answered, $state);
        $actions = array_map(fn (Step $step): string => $step->action, $steps);
        $taken = [];
        foreach ($steps as $step) {
            foreach ($step->parts as $part) {
                $from = $part->from;
                if ($from === 'fillet' && ! self::hasFillet($taken)) {
                    return "{$step->doing}: no fillet yet";
                }
                if ($from !== null && $from !== 'fillet' && ! in_array($from, $taken, true)) {
                    return "{$step->doing}: no {$from} yet";
                }
                $taken[] = $part->part->value;
            }
        }
        $times = array_count_values($taken);
        foreach (self::ONCE as $part) {
            if (($times[$part] ?? 0) > 1) {
                return "{$part} comes off {$times[$part]} times";
            }
        }
        $off = array_map(fn (Part $part): string => $part->value, $state->alreadyOff());
        $isSide = $state === StateBought::Side || $state === StateBought::BoneInSide;

        return match (true) {
            array_intersect($off, $taken) !== [] => 'takes off what was off',
            end($actions) !== 'tidy' => 'does not end with tidying',
            in_array('head', $off, true) === in_array('head', $taken, true) => 'the head',
            in_array('guts', $off, true) === in_array('guts', $taken, true) => 'the guts',
            ! $isSide && self::fillets($method, $taken) !== self::FILLETS[$method->form->value === 'tail'
                ? 'tail-loins'
                : $answered->facts['method']] => 'the fillets',
            $isSide && ! self::hasFillet($taken) => 'no fillet of a side',
            $answered->facts['method'] !== 'steaks' && count(array_keys($actions, 'skin', true)) !== 1 => 'the skin',
            default => self::outOfOrder($method, $answered, $actions),
        };
    }

    /** @param  list<string>  $taken */
    private static function hasFillet(array $taken): bool
    {
        return array_filter($taken, fn (string $part): bool => Part::from($part)->isFillet()) !== [];
    }

    /** @param  list<string>  $taken */
    private static function fillets(Method $method, array $taken): int
    {
        $loins = $method->code === 'quartered' ? ['back-loin', 'belly-loin'] : [];

        return count(
            array_filter(
                $taken,
                fn (string $part): bool => Part::from($part)->isFillet() && ! in_array($part, $loins, true),
            ),
        );
    }

    /**
     * Two by two, whatever sorted them.
     *
     * @param  list<string>  $actions
     */
    private static function outOfOrder(Method $method, Answered $answered, array $actions): ?string
    {
        foreach ($method->orders as $order) {
            if (! $order->when->holds($answered->all())) {
                continue;
            }
            $last = array_keys($actions, $order->first, true);
            $first = array_keys($actions, $order->next, true);
            if ($last !== [] && $first !== [] && max($last) > min($first)) {
                return "{$order->next} before {$order->first}: {$order->why}";
            }
        }

        return null;
    }

    #[DataProvider('methods')]
    public function test_what_the_steps_take_off_adds_up_to_the_fish(string $code): void
    {
        $method = self::method($code);
        $state = $method->form->states()[0];
        foreach ($method->questions as $question) {
            foreach ($question->options as $option) {
                $answered = $method->answered(
                    [$question->code => $option->code],
                    ['method' => $code, 'state' => $state->value, 'scales-of' => 'large', 'pin-row' => 'short'],
                    $question->code,
                );
                $tree = self::weighed($method->stepsFor($answered, $state));
                $reconciled = Reconcile::of($tree);
                self::assertSame([], $reconciled->suspects, "{$question->code}:{$option->code}");
                foreach ($tree->pieces as $piece) {
                    self::assertEqualsWithDelta(
                        $piece->reading?->grams(),
                        $reconciled->piece($piece->id)?->grams,
                        1e-6,
                        "{$question->code}:{$option->code}, {$piece->id}",
                    );
                }
            }
        }
    }

    /**
     * The parts on the scale, each a little heavier than the one before; what is cut from a part weighs less than it.
     *
     * @param  list<Step>  $steps
     */
    private static function weighed(array $steps): CutTree
    {
        $grams = [];
        $from = [];
        $fillet = null;
        foreach ($steps as $i => $step) {
            foreach ($step->parts as $j => $part) {
                $id = "{$part->part->value}-{$i}-{$j}";
                $whole = array_filter(
                    array_keys($from),
                    fn (string $one): bool => $part->from !== null && str_starts_with($one, "{$part->from}-"),
                );
                $from[$id] = $part->from === 'fillet' ? $fillet : (array_values($whole)[0] ?? null);
                $grams[$id] = 20 + 5 * count($grams);
                $fillet = $part->part->isFillet() && $from[$id] === null ? $id : $fillet;
            }
        }
        // Whatever is left of a part that was cut on is a piece too.
        foreach (array_filter($from) as $parent) {
            $from["rest-of-{$parent}"] = $parent;
            $grams["rest-of-{$parent}"] = 300;
        }
        foreach (array_reverse(array_keys($from)) as $id) {
            $children = array_keys($from, $id, true);
            if ($children !== []) {
                $grams[$id] = array_sum(array_intersect_key($grams, array_flip($children)));
            }
        }
        $step = Mass::ofGrams(1);
        $all = array_sum(array_intersect_key($grams, array_flip(array_keys($from, null, true))));
        $pieces = [new CutPiece('whole', null, Mass::ofGrams($all), $step, part: Part::Whole)];
        foreach ($from as $id => $parent) {
            $pieces[] = new CutPiece($id, $parent ?? 'whole', Mass::ofGrams($grams[$id]), $step);
        }

        return new CutTree($pieces, new Loss(0, 0.1));
    }

    #[DataProvider('methods')]
    public function test_the_order_of_habit_keeps_every_rule_that_always_holds(string $code): void
    {
        $this->expectNotToPerformAssertions();
        self::method($code)->mustBeCuttable(['method' => $code]);
    }

    public function test_an_exclusion_denies_only_what_is_so_and_names_answers_that_exist(): void
    {
        $facts = ['method', 'state', 'scales-of', 'pin-row'];
        $questions = [];
        foreach (array_keys(self::FILLETS) as $code) {
            foreach (self::method($code)->questions as $question) {
                foreach ($question->options as $option) {
                    $questions[$question->code][] = $option->code;
                }
            }
        }
        $rows = Csv::rows(database_path('catalogue/exclusions.csv'));
        $seen = 0;
        foreach ($rows as $row) {
            self::assertArrayHasKey($row['question'], $questions);
            if ($row['option'] !== '') {
                self::assertContains($row['option'], $questions[$row['question']]);
            }
            foreach (explode(';', $row['choices']) as $clause) {
                [$about, $options] = explode(':', ltrim($clause, '!'));
                if (in_array($about, $facts, true)) {
                    continue;
                }
                self::assertStringStartsNotWith('!', $clause, 'what is not decided yet may be answered so later');
                foreach (explode('|', $options) as $option) {
                    self::assertContains($option, $questions[$about], $clause);
                }
            }
            $seen++;
        }
        self::assertGreaterThan(40, $seen);
    }
}
