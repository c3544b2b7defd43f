<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** A treatment as the house does it: what goes in, for how long, and what it should do to the weight. */
final readonly class Treatment
{
    /**
     * @param  float|null  $strengthPct  of a timed brine, percent of its mass
     * @param  float|null  $brineRatio  brine, or water of an even brine, by the mass of the fish
     * @param  float|null  $saltPct  strewn, percent of the fish
     * @param  float|null  $sugarPct  strewn, percent of the fish
     * @param  float|null  $targetPct  salt the fish should end with
     * @param  float  $minutesFrom  the window: no earlier, 0 or more
     * @param  float  $minutes  as a rule
     * @param  float  $minutesTo  no later
     * @param  float|null  $turnEvery  minutes; null where it is not turned
     * @param  array<string, float>  $aromatics  percent of the fish, by name
     * @param  float  $changePct  expected change of the weight; below 0 for a loss
     * @param  float  $changeSd  its spread, one standard deviation, above 0
     *
     * @throws BadHold which names the figure
     */
    public function __construct(
        public TreatmentKind $kind,
        public ?float $strengthPct,
        public ?float $brineRatio,
        public ?float $saltPct,
        public ?float $sugarPct,
        public ?float $targetPct,
        public float $minutesFrom,
        public float $minutes,
        public float $minutesTo,
        public ?float $turnEvery,
        public array $aromatics,
        public float $changePct,
        public float $changeSd,
    ) {
        ($minutesFrom >= 0 && $minutesFrom <= $minutes && $minutes <= $minutesTo) ||
            throw new BadHold('The usual time lies between the shortest and the longest.', $minutes, '/minutes');
        $minutesTo > 0 || throw new BadHold('It takes longer than nothing.', $minutesTo, '/minutes_to');
        $changeSd > 0 || throw new BadHold('A spread is above nothing.', $changeSd, '/change_sd');
        ($turnEvery === null || $turnEvery > 0) ||
            throw new BadHold('It is turned every so many minutes.', $turnEvery, '/turn_every');
        if ($kind->isBrine()) {
            ($brineRatio !== null && $brineRatio > 0 && $brineRatio <= 20) ||
                throw new BadHold('Brine is up to 20 times the weight of the fish.', $brineRatio, '/brine_ratio');
        }
        if ($kind === TreatmentKind::TimedBrine) {
            new Strength($strengthPct ?? 0.0);
        }
        if ($kind === TreatmentKind::EvenBrine) {
            $targetPct !== null || throw new BadHold('Say how salty the fish should end.', $targetPct, '/target_pct');
        }
        if ($kind->isStrewn()) {
            ($saltPct !== null && $saltPct > 0 && $saltPct <= 100) ||
                throw new BadHold('Salt is above 0 and up to 100 % of the fish.', $saltPct, '/salt_pct');
        }
    }
}
