<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

/**
 * Weighing every so manieth piece of many, and stopping to weigh all when two in a row are under.
 *
 * Chances are exact: a run of two among so many samples, each under with the same chance.
 */
final readonly class SamplingPlan
{
    /** A batch gone wrong: so many of a hundred are under, and it has to be noticed so often. Our estimates. */
    public const WRONG_PCT = 50;

    private const NOTICED = 0.9;

    /** A batch as it should be: so many of a hundred are under. Our estimate. */
    public const USUAL_PCT = 5;

    private const SELDOMEST = 12;

    /**
     * @param  int  $every  1 weighs all
     * @param  float  $noticedPct  of batches gone wrong that are stopped
     * @param  float  $alarmPct  of good batches that are stopped all the same
     */
    private function __construct(
        public int $every,
        public int $samples,
        public float $noticedPct,
        public float $alarmPct,
    ) {
    }

    /**
     * The fewest samples that still notice a batch gone wrong.
     *
     * @throws BadBatch when there is nothing to weigh
     */
    public static function of(int $pieces): self
    {
        $pieces >= 1 || throw new BadBatch('There is at least one piece to weigh.', $pieces, '/pieces');
        $every = self::SELDOMEST;
        while ($every > 1 && self::stops(intdiv($pieces, $every), self::WRONG_PCT / 100) < self::NOTICED) {
            $every--;
        }
        $samples = intdiv($pieces, $every);

        return new self(
            $every,
            $samples,
            100 * self::stops($samples, self::WRONG_PCT / 100),
            100 * self::stops($samples, self::USUAL_PCT / 100),
        );
    }

    /** The chance of two in a row under among so many samples. */
    public static function stops(int $samples, float $under): float
    {
        // Ways that have not stopped: the last was in the band, or it was under for the first time.
        [$fine, $once] = [1.0, 0.0];
        for ($i = 0; $i < $samples; $i++) {
            [$fine, $once] = [($fine + $once) * (1 - $under), $fine * $under];
        }

        return 1 - $fine - $once;
    }

    /**
     * Whether weights taken so far say to stop and weigh all.
     *
     * @param  list<bool>  $under  in the order they were weighed
     */
    public static function says(array $under): bool
    {
        for ($i = 1; $i < count($under); $i++) {
            if ($under[$i] && $under[$i - 1]) {
                return true;
            }
        }

        return false;
    }
}
