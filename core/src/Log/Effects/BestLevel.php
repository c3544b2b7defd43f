<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Math\StudentMixture;

/**
 * What all fish would gain, were they cut as the level that gives most: a difference against all others by what they
 * cut, with its own uncertainty. Levels of few fish are no example.
 */
final readonly class BestLevel
{
    /** Fish a level is an example from. Estimate. */
    public const FEWEST = 8;

    /**
     * A level against all fish of its factor, by what each level cut.
     *
     * @param  array<string, int>  $counts  fish by level
     */
    public static function againstAll(Spreads $spreads, array $counts, string $level): StudentMixture
    {
        $all = max(1, array_sum($counts));
        $weights = array_map(fn (int $count): float => -$count / $all, $counts);
        $weights[$level] = ($weights[$level] ?? 0.0) + 1.0;

        return $spreads->combined($weights);
    }

    private function __construct(public string $level, public StudentMixture $gain)
    {
    }

    /**
     * @param  array<string, int>  $counts  fish by level
     * @return self|null null while no two levels have enough fish
     */
    public static function of(Spreads $spreads, array $counts): ?self
    {
        $enough = array_filter($counts, fn (int $count): bool => $count >= self::FEWEST);
        if (count($enough) < 2) {
            return null;
        }
        $best = null;
        $most = -INF;
        foreach (array_keys($enough) as $level) {
            $mean = $spreads->combined([$level => 1.0])->mean;
            if ($mean > $most) {
                [$best, $most] = [$level, $mean];
            }
        }

        return $best === null ? null : new self($best, self::againstAll($spreads, $counts, $best));
    }
}
