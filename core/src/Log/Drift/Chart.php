<?php

declare(strict_types=1);

namespace Sectum\Log\Drift;

/** Fish in order, each against what its chart began with, and whether something has changed. */
final readonly class Chart
{
    /** Of what is known, the share a chart begins after. */
    private const BEFORE = 0.34;

    /**
     * @param  int  $before  fish the chart stands on
     * @param  list<float>  $z  of those after
     */
    private function __construct(public int $before, public array $z, public Ewma $mean)
    {
    }

    /**
     * @param  list<float>  $seen  what each gave against what was expected, in order
     * @param  int  $least  it begins after these at the earliest
     */
    public static function of(array $seen, int $least = 0): self
    {
        $before = min(count($seen), max($least, Baseline::FEWEST, (int) ceil(self::BEFORE * count($seen))));
        $base = Baseline::of(array_slice($seen, 0, $before));
        $z = $base === null ? [] : array_map($base->z(...), array_slice($seen, $before));

        return new self($before, $z, Ewma::of($z, shared: $base?->shared() ?? 0.0));
    }

    /** Whether the last fish still stands outside. */
    public function signals(): bool
    {
        return in_array(count($this->z), $this->mean->signals, true);
    }

    /** Which way it went. */
    public function isUp(): bool
    {
        $last = count($this->mean->means) - 1;

        return $last >= 0 && $this->mean->means[$last] > 0;
    }

    /** The first fish since which something is different, counted from 0 after those the chart stands on. */
    public function since(): int
    {
        return $this->z === [] ? 0 : $this->mean->since(count($this->z)) - 1;
    }
}
