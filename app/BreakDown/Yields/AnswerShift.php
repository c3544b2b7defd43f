<?php

declare(strict_types=1);

namespace App\BreakDown\Yields;

use App\BreakDown\Method\HowCut;
use App\Fish\Fish;
use Sectum\BreakDown\Method\AnswerCosts;
use Sectum\BreakDown\Method\Answered;
use Sectum\Fish\Rung;

/** How many points more a fish would have kept, had it been cut by the answers this one is cut by. */
final class AnswerShift
{
    private readonly ?AnswerCosts $now;

    /** @var array<string, AnswerCosts> by the answers, as they are kept */
    private array $costs = [];

    public function __construct(private readonly Fish $fish, private readonly ?HowCut $cut)
    {
        $this->now = $cut === null ? null : $this->costsOf($cut, $cut->answered);
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
        $this->costs[$key] ??= $this->costsOf(
            $this->cut,
            $this->cut->method->answered(HowCut::known($choices, $this->cut->method), $this->cut->answered->facts),
        );

        return $this->costs[$key]->downTo($rung) - $this->now->downTo($rung);
    }

    private function costsOf(HowCut $cut, Answered $answered): AnswerCosts
    {
        $costs = [];
        foreach ($answered->chosen as $code => $chosen) {
            $question = $cut->method->questions[$code];
            $option = $question->option($chosen);
            if ($option?->part !== null) {
                $ours = KeepYields::lostSo($this->fish, $question, $option);
                $costs[] = [$option->part, $ours->isEnough() ? $ours->meanPct : $option->costsPct];
            }
        }

        return new AnswerCosts($costs);
    }
}
