<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/** One cut of the tree: what went on, what came off, and whether that is closed. */
final readonly class Closure
{
    /** A difference is no longer the scale's or the board's doing beyond this many standard deviations. */
    private const BEYOND_SD = 3.0;

    /**
     * @param  string  $parent  the piece that was cut
     * @param  float|null  $lossGrams  process loss between the estimates; null when one is not determined
     * @param  Mass|null  $weighedLoss  what the readings themselves leave; null when one is missing
     * @param  Mass|null  $amount  by how much it is short or over; null when closed or open
     * @param  float|null  $spreads  how much more was lost than a board takes, in its spreads; null when open
     */
    private function __construct(
        public string $parent,
        public ?float $lossGrams,
        public ?Mass $weighedLoss,
        public Verdict $verdict,
        public ?Mass $amount,
        public ?float $spreads = null,
    ) {
    }

    /**
     * @param  list<float|null>  $estimates  grams, by place
     * @return list<self> one for every piece that was cut
     */
    public static function ofAll(CutTree $tree, array $estimates): array
    {
        $closures = [];
        foreach ($tree->children as $i => $children) {
            if ($children !== []) {
                $closures[] = self::of($tree, $i, $children, $estimates);
            }
        }

        return $closures;
    }

    /** "short by 320 g", "closed" … */
    public function said(): string
    {
        return match ($this->verdict) {
            Verdict::Short => 'short by '.($this->amount?->print() ?? ''),
            Verdict::Over => $this->verdict->value.', by '.($this->amount?->print() ?? ''),
            Verdict::Closed, Verdict::Open => $this->verdict->value,
        };
    }

    /**
     * @param  non-empty-list<int>  $children
     * @param  list<float|null>  $estimates
     */
    private static function of(CutTree $tree, int $place, array $children, array $estimates): self
    {
        $piece = $tree->pieces[$place];
        $loss = $estimates[$place] ?? null;
        $left = $piece->reading;
        $noise = ($piece->resolution->grams() / 2) ** 2;
        foreach ($children as $child) {
            $loss = $loss === null || ($estimates[$child] ?? null) === null ? null : $loss - $estimates[$child];
            $reading = $tree->pieces[$child]->reading;
            $left = $left === null || $reading === null ? null : $left->minus($reading);
            $noise += ($tree->pieces[$child]->resolution->grams() / 2) ** 2;
        }
        if ($left === null || $piece->reading === null) {
            return new self($piece->id, $loss, null, Verdict::Open, null);
        }
        $usual = ($tree->loss->meanPct / 100) * $piece->reading->grams();
        $spread = ($tree->loss->sdPct / 100) * $piece->reading->grams();
        $sd = sqrt($spread ** 2 + $noise);
        $off = $sd > 0 ? ($left->grams() - $usual) / $sd : null;
        if ($left->grams() < -self::BEYOND_SD * sqrt($noise)) {
            return new self($piece->id, $loss, $left, Verdict::Over, $left->abs(), $off);
        }
        if ($left->grams() - $usual > self::BEYOND_SD * $sd) {
            return new self($piece->id, $loss, $left, Verdict::Short, Mass::ofGrams($left->grams() - $usual), $off);
        }

        return new self($piece->id, $loss, $left, Verdict::Closed, null, $off);
    }
}
