<?php

declare(strict_types=1);

namespace Sectum\Practise\Next;

use Sectum\Math\StudentT;

/**
 * Where somebody stands in a skill: the mean of his last drills, and how wide the doubt is. Steady when nineteen of
 * twenty such means lie above what is asked.
 */
final readonly class Standing
{
    /** Drills that count: what was long ago says little. Estimate. */
    private const LAST = 12;

    private const FEWEST = 4;

    /** Percent the mean lies above, at least. Estimate. */
    public const STEADY = 75.0;

    /** Scores of one drill scatter no less than this, points. Estimate. */
    private const LEAST_SD = 4.0;

    private const ONE_SIDED = 0.95;

    private function __construct(
        public Progress $progress,
        public int $drills,
        public ?float $meanPct,
        public ?float $lowPct,
        public ?float $highPct,
    ) {
    }

    /**
     * @param  list<float>  $scores  0 to 100, the first first
     * @param  bool  $signed  whether the head chef signed for it
     * @param  bool  $above  whether somebody is above the level it belongs to: once steady there, it is passed
     */
    public static function of(array $scores, bool $signed, bool $above = false): self
    {
        $last = array_slice($scores, -self::LAST);
        $n = count($last);
        if ($n === 0) {
            return new self($signed ? Progress::Passed : Progress::Fresh, 0, null, null, null);
        }
        $mean = array_sum($last) / $n;
        $band = $n < self::FEWEST ? null : self::band($last, $mean);
        $steady = $band !== null && $mean - $band >= self::STEADY;

        return new self(
            match (true) {
                $signed, $above && $steady => Progress::Passed,
                $steady => Progress::Steady,
                default => Progress::Practised,
            },
            count($scores),
            $mean,
            $band === null ? null : max(0.0, $mean - $band),
            $band === null ? null : min(100.0, $mean + $band),
        );
    }

    public function isSteady(): bool
    {
        return $this->progress === Progress::Steady || $this->progress === Progress::Passed;
    }

    /** @param  non-empty-list<float>  $last */
    private static function band(array $last, float $mean): float
    {
        $n = count($last);
        $squares = array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $last));
        $sd = max(self::LEAST_SD, sqrt($squares / ($n - 1)));

        return ((new StudentT($n - 1))->quantile(self::ONE_SIDED) * $sd) / sqrt($n);
    }
}
