<?php

declare(strict_types=1);

namespace Sectum\Practise\Order;

use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepOrder as Rule;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;

/**
 * The steps of a method, shuffled, and the cautions of some of them beside two that belong elsewhere.
 *
 * What may swap may swap: steps are held against the rules of what comes first, and against what is cut from what.
 * The order counts three quarters and the cautions one; without cautions the order counts for all.
 */
final readonly class OrderDrill
{
    private const ORDER_COUNTS = 0.75;

    /** Steps asked for their caution, at most. */
    private const CAUTIONS = 3;

    /** Fewer steps, or fewer rules between them, and there is nothing to get wrong. */
    private const FEWEST_STEPS = 5;

    private const FEWEST_RULES = 6;

    /**
     * @param  array<string, Step>  $steps  by the letter they are shown under, in the order they are shown
     * @param  list<string>  $right  letters in an order that keeps every rule
     * @param  list<Reason>  $rules
     * @param  array<string, non-empty-list<string>>  $cautions  three to choose from, by letter of the step asked
     */
    private function __construct(
        public array $steps,
        public array $right,
        public array $rules,
        public array $cautions,
    ) {
    }

    /**
     * @param  list<Step>  $steps  of the method under its answers, in an order that keeps the rules
     * @param  list<Rule>  $rules  of what comes first
     * @param  array<string, string>  $answers  what the rules' conditions are held against
     *
     * @throws BadDrill when there is too little in it to practise
     */
    public static function drawn(Dice $dice, array $steps, array $rules, array $answers): self
    {
        $letters = array_map(fn (int $i): string => chr(ord('a') + $i), array_keys($steps));
        $right = $dice->for('order')->shuffled($letters);
        $held = self::held($steps, $right, $rules, $answers);
        count($steps) >= self::FEWEST_STEPS && count($held) >= self::FEWEST_RULES ||
            throw new BadDrill('This method has too few steps to be put in order.', count($steps), '/subject');
        $shown = array_combine($right, $steps);
        ksort($shown);

        return new self($shown, $right, $held, self::cautions($dice->for('cautions'), $shown));
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<string>  $letters
     * @param  list<Rule>  $rules
     * @param  array<string, string>  $answers
     * @return list<Reason>
     */
    private static function held(array $steps, array $letters, array $rules, array $answers): array
    {
        $held = [];
        foreach ($steps as $i => $first) {
            foreach ($steps as $j => $then) {
                if ($i === $j) {
                    continue;
                }
                foreach ($rules as $rule) {
                    if (
                        $rule->first === $first->action &&
                        $rule->next === $then->action &&
                        $rule->when->holds($answers)
                    ) {
                        $held[] = new Reason(new Before($letters[$i], $letters[$j]), $rule->why);
                        break;
                    }
                }
            }
        }

        return $held;
    }

    /**
     * @param  array<string, Step>  $steps
     * @return array<string, non-empty-list<string>>
     */
    private static function cautions(Dice $dice, array $steps): array
    {
        $all = array_values(array_unique(array_map(fn (Step $step): string => $step->caution, $steps)));
        $all = array_values(array_filter($all, fn (string $caution): bool => $caution !== ''));
        if (count($all) < 3) {
            return [];
        }
        $asked = $dice->shuffled(
            array_keys(array_filter($steps, fn (Step $step): bool => $step->caution !== '')),
        );
        $cautions = [];
        foreach (array_slice($asked, 0, self::CAUTIONS) as $letter) {
            $right = $steps[$letter]->caution;
            [$one, $other] = $dice->shuffled(array_values(array_diff($all, [$right])));
            $cautions[$letter] = $dice->shuffled([$right, $one, $other]);
        }
        ksort($cautions);

        return $cautions;
    }

    /**
     * @param  list<string>  $order  every letter once
     * @param  array<string, string>  $cautions  the caution chosen, by letter of each step asked
     *
     * @throws BadDrill when a step is missing, twice, or unknown, or a caution was none of those to choose from
     */
    public function judged(array $order, array $cautions): OrderResult
    {
        foreach ($order as $i => $letter) {
            isset($this->steps[$letter]) ||
                throw new BadDrill('One of these steps is not of this drill.', $letter, "/order/{$i}");
        }
        count($order) === count($this->steps) && count(array_unique($order)) === count($order) ||
            throw new BadDrill('Put every step in its place, each once.', $order, '/order');
        foreach ($this->cautions as $letter => $choices) {
            in_array($cautions[$letter] ?? null, $choices, true) ||
                throw new BadDrill('Choose a caution for each step that asks for one.', null, "/cautions/{$letter}");
        }
        $held = StepOrder::of($order, array_map(fn (Reason $rule): Before => $rule->before, $this->rules));
        $place = array_flip($order);
        $broken = array_values(array_filter(
            $this->rules,
            fn (Reason $rule): bool => $place[$rule->before->then] < $place[$rule->before->first],
        ));
        $right = array_map(fn (string $letter): string => $this->steps[$letter]->caution, array_keys($this->cautions));
        $right = array_combine(array_keys($this->cautions), $right);
        $found = count(array_intersect_assoc(array_intersect_key($cautions, $right), $right));
        $score = $right === []
            ? $held->scorePct
            : self::ORDER_COUNTS * $held->scorePct + (1 - self::ORDER_COUNTS) * 100 * ($found / count($right));

        return new OrderResult($score, $held->scorePct, $broken, $right);
    }

    /** What somebody scores who throws dice: half of the pairs, and one caution of three. */
    public function byChance(): float
    {
        return $this->cautions === []
            ? 50.0
            : self::ORDER_COUNTS * 50 + ((1 - self::ORDER_COUNTS) * 100) / 3;
    }
}
