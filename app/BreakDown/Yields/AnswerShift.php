<?php

declare(strict_types=1);

namespace App\BreakDown\Yields;

use App\BreakDown\Method\HowCut;
use App\Catalogue\Methods;
use App\Fish\Fish;
use App\Kitchen\Database\Remembered;
use Sectum\BreakDown\Method\AnswerCosts;
use Sectum\BreakDown\Method\Answered;
use Sectum\Fish\Rung;

/** How many points more a fish would have kept, had it been cut by the answers this one is cut by. */
final class AnswerShift
{
    private readonly ?AnswerCosts $now;

    /** @var array<string, AnswerCosts> by the answers, as they are kept */
    private array $costs = [];

    private function __construct(private readonly Fish $fish, private readonly ?HowCut $cut)
    {
        $this->now = $cut === null ? null : $this->costsOf($cut, $cut->answered);
    }

    /** Worked out once for all the rungs of a fish. */
    public static function of(Fish $fish): self
    {
        $about = json_encode([$fish->method, $fish->state, $fish->choices], JSON_THROW_ON_ERROR);

        return Remembered::of(
            "answer shift:{$fish->id}:{$about}",
            ['yield_records', ...Methods::TABLES],
            fn (): self => new self($fish, HowCut::of($fish)),
        );
    }

    /**
     * @param  array<string, string>  $choices  of the other fish; none for the usual answers
     * @return float points of the fish as bought; 0 while nobody chose a method
     */
    public function points(Rung $rung, array $choices): float
    {
        if ($this->cut === null || $this->now === null) {
            return 0.0;
        }
        $key = (string) json_encode($choices);
        $this->costs[$key] ??= $this->costsOf($this->cut, $this->cut->had($choices));

        return $this->costs[$key]->downTo($rung) - $this->now->downTo($rung);
    }

    private function costsOf(HowCut $cut, Answered $answered): AnswerCosts
    {
        $costs = [];
        foreach ($cut->method->options($answered) as [$question, $option]) {
            if ($option->part !== null) {
                $ours = KeepYields::lostSo($this->fish, $question, $option);
                $costs[] = [$option->part, $ours->isEnough() ? $ours->meanPct : $option->costsPct];
            }
        }

        return new AnswerCosts($costs);
    }
}
