<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** From the kilos bought to the kilos on plates, over many fish; every figure is the sum of those of its fish. */
final readonly class Walk
{
    /** @param  list<WalkLine>  $lines  in the order of the steps; their masses add up to what was bought */
    private function __construct(public Mass $bought, public Money $paid, public array $lines)
    {
    }

    /** @param  list<WalkedFish>  $fish */
    public static function of(array $fish, BestDone $best, Currency $currency): self
    {
        $codes = array_map(fn (WalkStep $step): string => $step->value, WalkStep::cases());
        $mg = $bestMg = array_fill_keys($codes, 0);
        $money = array_fill_keys($codes, Money::zero($currency));
        $known = array_fill_keys($codes, false);
        $bought = 0;
        $paid = Money::zero($currency);
        foreach ($fish as $one) {
            $bought += $one->walk->whole->milligrams;
            $paid = $paid->plus($one->paid);
            $bySteps = $one->paidBySteps();
            foreach (WalkStep::cases() as $step) {
                $code = $step->value;
                $own = $one->walk->at($step)->milligrams;
                $share = $best->share($one->kind, $step);
                $mg[$code] += $own;
                $money[$code] = $money[$code]->plus($bySteps[$code]);
                // Where too few fish are known the fish is its own best.
                $bestMg[$code] += $share === null ? $own : (int) round($share * $one->walk->whole->milligrams);
                $known[$code] = $known[$code] || $share !== null;
            }
        }
        $lines = [];
        foreach ($fish === [] ? [] : WalkStep::cases() as $step) {
            $code = $step->value;
            $lines[] = new WalkLine(
                $step,
                Mass::ofMilligrams($mg[$code]),
                $money[$code],
                $known[$code] ? Mass::ofMilligrams($bestMg[$code]) : null,
            );
        }

        return new self(Mass::ofMilligrams($bought), $paid, $lines);
    }

    public function at(WalkStep $step): ?WalkLine
    {
        foreach ($this->lines as $line) {
            if ($line->step === $step) {
                return $line;
            }
        }

        return null;
    }
}
