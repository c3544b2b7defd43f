<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\BreakDown\Yields\KeepYields;
use App\Catalogue\Methods;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use Sectum\BreakDown\Method\Answered;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepPart;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;

/** The method a fish is cut by: where the cutter stands, what comes next, and what each choice costs on this fish. */
final readonly class MethodView
{
    private function __construct(
        private Fish $fish,
        private Words $words,
        private HowCut $cut,
        private Mass $whole,
        private int $seconds,
    ) {
    }

    /** @return Answer */
    public static function of(Fish $fish, Words $words): array
    {
        $cut = HowCut::of($fish);
        $methods = Methods::forFish($fish->species->form, $fish->state);

        return [
            'methods' => $methods,
            'method' => $cut === null ? null : self::cut($fish, $words, $cut)->whole(),
        ];
    }

    private static function cut(Fish $fish, Words $words, HowCut $cut): self
    {
        $whole = $fish->mass();

        return new self($fish, $words, $cut, $whole, Method::secondsFor($cut->steps, $whole));
    }

    /** @return Answer */
    private function whole(): array
    {
        return [
            'method' => $this->cut->method->code,
            'name' => $this->cut->method->name,
            'why' => $this->cut->method->why,
            'at' => self::at($this->fish, $this->cut->steps),
            'steps' => array_map($this->step(...), $this->cut->steps),
            'seconds' => $this->seconds * $this->fish->count,
            'begun_s' => $this->fish->begun_at === null
                    ? null
                    : max(0, now()->getTimestamp() - Moment::at($this->fish->begun_at)->getTimestamp()),
            'step_s' => self::secondsAtThisStep($this->fish),
            'questions' => $this->questions(),
        ];
    }

    /** @return Answer */
    private function step(Step $step): array
    {
        return [
            'number' => $step->number,
            'action' => $step->action,
            'doing' => $step->doing,
            'why' => $step->why,
            'parts' => array_map(
                fn (StepPart $part): array => [
                    'part' => $part->part->value,
                    'name' => $part->part->spoken(),
                    'from' => self::from($this->fish, $part),
                ],
                $step->parts,
            ),
            'place' => $step->place,
            'tools' => $step->tools,
            'caution' => $step->caution,
            'inspect' => $step->inspect,
            'cue' => $step->cue->sign,
            'mistake' => $step->cue->mistake,
            'mistake_costs' => $step->cue->costs,
            'drawing' => $step->cue->drawing,
            'seconds' => $step->secondsFor($this->whole) * $this->fish->count,
        ];
    }

    /** @return list<Answer> those that leave a choice on this fish */
    private function questions(): array
    {
        $shown = [];
        foreach ($this->cut->answered->chosen as $code => $chosen) {
            $question = $this->cut->method->questions[$code];
            $options = array_values(
                array_filter(
                    $question->options,
                    fn (Option $option): bool => $this->cut->method->clash(
                        $code,
                        $option->code,
                        $this->cut->answered->facts,
                    ) === null,
                ),
            );
            if (count($options) > 1) {
                $shown[] = [
                    'question' => $code,
                    'asks' => $question->asks,
                    'chosen' => $chosen,
                    'options' => array_map(
                        fn (Option $option): array => $this->option($question, $option),
                        $options,
                    ),
                ];
            }
        }

        return $shown;
    }

    /** @return Answer */
    private function option(Question $question, Option $option): array
    {
        $chosen = $this->cut->answered->chosen;
        $isChosen = $chosen[$question->code] === $option->code;
        $then = $isChosen
            ? $this->cut->answered
            : $this->cut->method->answered(
                [...$chosen, $question->code => $option->code],
                $this->cut->answered->facts,
                $question->code,
            );
        $more = $isChosen
            ? 0
            : Method::secondsFor($this->cut->method->stepsUnder($then, $this->fish->state), $this->whole) -
                $this->seconds;

        return [
            'option' => $option->code,
            'name' => $option->name,
            'why' => $option->why,
            'costs' => $this->costs($question, $option),
            'becomes' => $option->becomes?->value,
            'more_s' => $more * $this->fish->count,
            'moves' => $this->moves($then),
        ];
    }

    /** What else would have to be answered otherwise, and why: "Head: off first. The guts hang on the head." */
    private function moves(Answered $then): ?string
    {
        foreach ($then->moved as $code => $why) {
            $question = $this->cut->method->questions[$code];
            $name = $question->option($then->chosen[$code] ?? '')?->name;
            if ($name !== null) {
                return "{$question->asks}: ".lcfirst($name).'. '.$this->words->say(new Message($why->reason));
            }
        }

        return null;
    }

    /** @param  list<Step>  $steps */
    public static function at(Fish $fish, array $steps): int
    {
        return Method::at(
            $steps,
            $fish->steps_said,
            array_values(
                $fish->pieces
                    ->filter(fn (Piece $piece): bool => $piece->part !== Part::Whole && $piece->reading() !== null)
                    ->map(fn (Piece $piece): Part => $piece->part)
                    ->all(),
            ),
        );
    }

    /** The piece on the board a part of a step comes off, when the method says and it lies there. */
    private static function from(Fish $fish, StepPart $part): ?string
    {
        return $part->from === null || $part->from === 'fillet'
            ? null
            : $fish->pieces->first(
                fn (Piece $piece): bool => $piece->part->value === $part->from && $piece->reading() !== null,
            )?->id;
    }

    /** "about 60 g; our 12 fish: 52 g": the starting figure on this fish, and what the house's own fish lost so. */
    private function costs(Question $question, Option $option): string
    {
        if ($option->part === null || $option->costsPct <= 0) {
            return 'costs nothing';
        }
        $ours = KeepYields::lostSo($this->fish, $question, $option);
        $start = 'about '.$this->words->text(Mass::ofGrams(($this->whole->grams() * $option->costsPct) / 100));

        return $ours->isEnough()
            ? "{$start}; our {$ours->fishes} fish: ".
                $this->words->text(Mass::ofGrams(($this->whole->grams() * $ours->meanPct) / 100))
            : $start;
    }

    private static function secondsAtThisStep(Fish $fish): ?int
    {
        $from = $fish->last_step_at ?? $fish->begun_at;

        return $from === null ? null : max(0, now()->getTimestamp() - Moment::at($from)->getTimestamp());
    }
}
