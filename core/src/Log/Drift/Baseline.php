<?php

declare(strict_types=1);

namespace Sectum\Log\Drift;

/**
 * What something gave before its chart began: the expectation of its chart, frozen. A hand that always leaves two
 * points on the frame has not changed.
 */
final readonly class Baseline
{
    /** Fewer tell no spread. */
    public const FEWEST = 8;

    private function __construct(private float $mean, private float $scale, private int $known)
    {
    }

    /**
     * @param  list<float>  $before  what it gave, each against what was expected of it
     * @return self|null null when too few are known, or all are the same
     */
    public static function of(array $before): ?self
    {
        $n = count($before);
        if ($n < self::FEWEST) {
            return null;
        }
        $mean = array_sum($before) / $n;
        $squares = array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $before));

        return $squares > 0 ? new self($mean, sqrt(($squares / ($n - 1)) * (1 + 1 / $n)), $n) : null;
    }

    public function z(float $seen): float
    {
        return Ewma::z($seen, $this->mean, $this->scale, $this->known - 1);
    }

    /** How alike two are off because the mean before is not known exactly. */
    public function shared(): float
    {
        return 1 / ($this->known + 1);
    }
}
