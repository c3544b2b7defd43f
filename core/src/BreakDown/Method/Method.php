<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Message;

/**
 * A method of breaking a fish down: the steps its body form may ask for, the questions on which kitchens differ, which
 * answers make sense together, and which step comes before which.
 */
final readonly class Method
{
    /** @var array<string, list<Exclusion>> by question: when it is not asked at all */
    private array $unasking;

    /** @var array<string, list<Exclusion>> by question: those that an answer to it could call up */
    private array $clashing;

    /**
     * @param  list<Step>  $steps  in the order of habit
     * @param  array<string, Question>  $questions  by code, in the order they come up
     * @param  list<Exclusion>  $exclusions
     * @param  list<StepOrder>  $orders
     */
    public function __construct(
        public string $code,
        public string $name,
        public BodyForm $form,
        public string $why,
        public array $steps,
        public array $questions,
        public array $exclusions = [],
        public array $orders = [],
    ) {
        $unasking = [];
        $clashing = [];
        foreach ($exclusions as $exclusion) {
            if ($exclusion->option === null) {
                $unasking[$exclusion->question][] = $exclusion;

                continue;
            }
            foreach (array_unique([$exclusion->question, ...$exclusion->when->questions()]) as $about) {
                $clashing[$about][] = $exclusion;
            }
        }
        $this->unasking = $unasking;
        $this->clashing = $clashing;
    }

    /**
     * Every question answered: as the kitchen chose, else as is usual; an answer that makes no sense beside one decided
     * before it gives way. The question just asked is decided first.
     *
     * @param  array<string, string>  $given
     * @param  array<string, string>  $facts  what is so without being asked: the state it was bought in, its scales …
     *
     * @throws BadMethod when an answer is none of the question's
     */
    public function answered(array $given, array $facts, ?string $asked = null): Answered
    {
        foreach ($given as $code => $option) {
            if (($this->questions[$code] ?? null)?->option($option) === null) {
                throw new BadMethod('That is not a choice of this method.', $option, "/choices/{$code}");
            }
        }
        $moved = [];
        $decided = $facts;
        $inOrder = array_keys([...array_intersect_key($given, $this->questions), ...$this->questions]);
        if ($asked !== null && isset($this->questions[$asked])) {
            $inOrder = array_unique([$asked, ...$inOrder]);
        }
        foreach ($inOrder as $code) {
            if ($this->unasked($code, $decided) !== null) {
                continue;
            }
            $wanted = $given[$code] ?? null;
            $why = $wanted === null ? null : $this->clash($code, $wanted, $decided);
            $option = $wanted !== null && $why === null ? $wanted : $this->firstThatFits($code, $decided);
            if ($why !== null) {
                $moved[$code] = $why;
            }
            if ($option !== null) {
                $decided[$code] = $option;
            }
        }
        $chosen = [];
        foreach (array_keys($this->questions) as $code) {
            if (isset($decided[$code]) && $this->unasked($code, $decided) === null) {
                $chosen[$code] = $decided[$code];
            }
        }

        return new Answered($chosen, $moved, $facts);
    }

    /** @return list<array{Question, Option}> each question that is asked, with its answer */
    public function options(Answered $answered): array
    {
        $options = [];
        foreach ($answered->chosen as $code => $chosen) {
            $option = $this->questions[$code]->option($chosen);
            if ($option !== null) {
                $options[] = [$this->questions[$code], $option];
            }
        }

        return $options;
    }

    /**
     * Why a question is not asked.
     *
     * @param  array<string, string>  $decided
     */
    public function unasked(string $question, array $decided): ?Exclusion
    {
        foreach ($this->unasking[$question] ?? [] as $exclusion) {
            if ($exclusion->when->holds($decided)) {
                return $exclusion;
            }
        }

        return null;
    }

    /**
     * What keeps this answer from standing beside those decided, which stand together; null when nothing does.
     *
     * @param  array<string, string>  $decided
     */
    public function clash(string $question, string $option, array $decided): ?Exclusion
    {
        $with = [...$decided, $question => $option];
        foreach ($this->clashing[$question] ?? [] as $exclusion) {
            if (
                ($with[$exclusion->question] ?? null) === $exclusion->option &&
                $exclusion->when->holds($with) &&
                $this->unasked($exclusion->question, $with) === null
            ) {
                return $exclusion;
            }
        }

        return null;
    }

    /** @param  array<string, string>  $decided */
    private function firstThatFits(string $question, array $decided): ?string
    {
        foreach ($this->questions[$question]->inOrder() as $option) {
            if ($this->clash($question, $option->code, $decided) === null) {
                return $option->code;
            }
        }

        return null;
    }

    /**
     * The steps these answers ask for, in an order that keeps every rule of what comes first, and else that of habit;
     * without those whose main part was off before the fish was bought.
     *
     * @return list<Step>
     */
    public function stepsFor(Answered $answered, StateBought $state): array
    {
        return $this->inOrder($this->stepsUnder($answered, $state), $answered->all());
    }

    /**
     * The same in the order of habit: enough where only their time or their parts are asked for.
     *
     * @return list<Step>
     */
    public function stepsUnder(Answered $answered, StateBought $state): array
    {
        $off = $state->alreadyOff();
        $all = $answered->all();
        $steps = [];
        foreach ($this->steps as $step) {
            $place = Part::tryFrom($step->place);
            $main = $step->parts[0]->part ?? null;
            if (
                $step->when->holds($all) &&
                ($main === null || ! in_array($main, $off, true)) &&
                ($place === null || ! $place->isFillet() || ! in_array($place, $off, true))
            ) {
                $steps[] = $step->cutTo($all, $off);
            }
        }

        return $steps;
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<string, string>  $all
     * @return list<Step>
     */
    private function inOrder(array $steps, array $all): array
    {
        $orders = array_values(array_filter($this->orders, fn (StepOrder $order): bool => $order->when->holds($all)));
        $left = array_count_values(array_map(fn (Step $step): string => $step->action, $steps));
        $sorted = [];
        while ($steps !== []) {
            $next = 0;
            foreach ($steps as $i => $step) {
                if (! self::waits($step, $orders, $left)) {
                    $next = $i;
                    break;
                }
            }
            // Rules that contradict one another leave habit to decide; those of the catalogue never do.
            $left[$steps[$next]->action]--;
            array_push($sorted, ...array_splice($steps, $next, 1));
        }

        return $sorted;
    }

    /**
     * @param  list<StepOrder>  $orders
     * @param  array<string, int>  $left  steps not placed yet, by kind
     */
    private static function waits(Step $step, array $orders, array $left): bool
    {
        foreach ($orders as $order) {
            if ($order->next === $step->action && ($left[$order->first] ?? 0) > 0) {
                return true;
            }
        }

        return false;
    }

    /**
     * Holds a written order of steps against the rules that hold whatever is answered, and looks whether each part has
     * something to be cut from.
     *
     * @param  array<string, string>  $facts
     *
     * @throws BadMethod at the step that cannot stand where it is
     */
    public function mustBeCuttable(array $facts): void
    {
        foreach ($this->steps as $i => $step) {
            foreach (array_slice($this->steps, 0, $i) as $before) {
                foreach ($this->orders as $order) {
                    if (
                        $order->when->questions() === [] &&
                        $order->first === $step->action &&
                        $order->next === $before->action
                    ) {
                        throw new BadMethod(
                            new Message(BadOrder::WrongWayRound, [
                                'first' => $step->doing,
                                'next' => $before->doing,
                                'why' => $order->why,
                            ]),
                            $step->doing,
                            "/steps/{$i}/doing",
                        );
                    }
                }
            }
        }
        $this->mustLeaveAFillet($facts);
    }

    /**
     * Each answer by itself, the others as is usual.
     *
     * @param  array<string, string>  $facts
     */
    private function mustLeaveAFillet(array $facts): void
    {
        $this->mustBeTakenFromSomething($this->answered([], $facts), '', '');
        foreach ($this->questions as $question) {
            foreach ($question->options as $option) {
                $this->mustBeTakenFromSomething(
                    $this->answered([$question->code => $option->code], $facts, $question->code),
                    $question->asks,
                    $option->name,
                );
            }
        }
    }

    private function mustBeTakenFromSomething(Answered $answered, string $asks, string $option): void
    {
        $taken = [];
        foreach ($this->stepsFor($answered, StateBought::Round) as $step) {
            foreach ($step->parts as $part) {
                $from = $part->from;
                $stands =
                    $from === null ||
                    ($from === 'fillet'
                        ? array_filter($taken, fn (Part $one): bool => $one->isFillet()) !== []
                        : in_array(Part::from($from), $taken, true));
                if (! $stands) {
                    $i = array_search($step->number, array_column($this->steps, 'number'), true);
                    throw new BadMethod(
                        new Message(BadOrder::NothingToCutFrom, [
                            'part' => $part->part,
                            'from' => $from === 'fillet' ? 'a fillet' : Part::from($from),
                        ]),
                        $part->part->value,
                        "/steps/{$i}/parts",
                    );
                }
            }
            array_push($taken, ...array_map(fn (StepPart $part): Part => $part->part, $step->parts));
        }
        if (array_filter($taken, fn (Part $one): bool => $one->isFillet()) === []) {
            throw new BadMethod(
                new Message(BadOrder::NoFillet, ['asks' => $asks, 'option' => $option]),
                $option,
                '/steps',
            );
        }
    }

    /**
     * Where the cutter stands: the first step not done yet, behind every step of which something was weighed and behind
     * where somebody said "next". Whoever weighs in any order is followed, not corrected.
     *
     * @param  list<Step>  $steps  those of the method
     * @param  int  $said  steps somebody said are done, from the first
     * @param  list<Part>  $weighed  parts weighed so far, once for each piece
     * @return int place among the steps, from 0; their number when all are done
     */
    public static function at(array $steps, int $said, array $weighed): int
    {
        $left = array_count_values(array_map(fn (Part $part): string => $part->value, $weighed));
        $at = max(0, $said);
        foreach ($steps as $i => $step) {
            $found = 0;
            foreach ($step->parts as $part) {
                $code = $part->part->value;
                if (($left[$code] ?? 0) > 0) {
                    $left[$code]--;
                    $found++;
                }
            }
            if ($found > 0) {
                // Scrapings, roe and the like may stay away; a fillet of the step may not.
                $fillets = count(array_filter($step->parts, fn (StepPart $part): bool => $part->part->isFillet()));
                $at = max($at, $found >= max(1, $fillets) ? $i + 1 : $i);
            }
        }

        return min($at, count($steps));
    }

    /**
     * Usual seconds of the whole fish in this method.
     *
     * @param  list<Step>  $steps
     */
    public static function secondsFor(array $steps, Mass $whole): int
    {
        return array_sum(array_map(fn (Step $step): int => $step->secondsFor($whole), $steps));
    }
}
