<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

/** A method of breaking a fish down: its steps in order, and the questions it leaves open. */
final readonly class Method
{
    /**
     * @param  list<Step>  $steps
     * @param  array<string, Question>  $questions  by code, in the order they come up
     */
    public function __construct(
        public string $code,
        public string $name,
        public BodyForm $form,
        public string $why,
        public array $steps,
        public array $questions,
    ) {
    }

    /**
     * Every question answered: as the kitchen chose, else as is usual.
     *
     * @param  array<string, string>  $given
     * @return array<string, string>
     *
     * @throws BadMethod when an answer is none of the question's
     */
    public function chosen(array $given): array
    {
        foreach ($given as $code => $option) {
            if (($this->questions[$code] ?? null)?->option($option) === null) {
                throw new BadMethod('That is not a choice of this method.', $option, "/choices/{$code}");
            }
        }

        return array_map(
            fn (Question $question): string => $given[$question->code] ?? $question->usual()->code,
            $this->questions,
        );
    }

    /**
     * @param  array<string, string>  $chosen  every question answered
     * @return list<Step> without those whose main part was off before the fish was bought
     */
    public function stepsFor(array $chosen, StateBought $state): array
    {
        $off = $state->alreadyOff();

        return array_values(
            array_filter(
                $this->steps,
                fn (Step $step): bool => $step->belongsTo($chosen) &&
                    ($step->parts === [] || ! in_array($step->parts[0]->part, $off, true)),
            ),
        );
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

    /** @return list<Part> every part one of its steps takes off, once each */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->steps as $step) {
            foreach ($step->parts as $part) {
                $parts[$part->part->value] = $part->part;
            }
        }

        return array_values($parts);
    }
}
