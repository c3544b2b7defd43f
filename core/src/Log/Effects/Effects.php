<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Log\BadLog;

/**
 * The hand, the supplier, the method, or just the fish: a linear mixed model of yields.
 *
 * Yield = its group + slope · (ln mass − its mean) + one random effect a factor + rest. The variances are those of
 * restricted maximum likelihood, the effects best linear unbiased predictions, their spread that of the mixed-model
 * equations with the fixed part estimated too (handbook, numbers 14). Solved by the penalised least squares of Bates
 * and others: the random part in units of the rest, so that a variance may be nothing.
 */
final readonly class Effects
{
    /** A variance this small against the rest is none. */
    private const NOTHING = 1e-4;

    /**
     * @param  float  $restSdPct  of a single fish
     * @param  float|null  $slopePct  points a unit of ln mass; null where all weigh the same
     * @param  array<string, float>  $groups  mean of each, at the mean of ln mass
     * @param  list<FactorEffects>  $factors
     * @param  list<string>  $leftOut  factors with a single level
     */
    private function __construct(
        public float $restSdPct,
        public ?float $slopePct,
        public array $groups,
        public array $factors,
        public array $leftOut,
    ) {
    }

    /**
     * @param  list<Seen>  $records
     * @param  list<string>  $factors
     *
     * @throws BadLog when there are too few records to tell anything apart
     */
    public static function of(array $records, array $factors): self
    {
        $model = Design::of($records, $factors);
        $n = count($records);
        if ($n <= $model->fixed() + 1) {
            throw new BadLog('There are too few records to tell anything apart.', $n, '/records');
        }
        $theta = Variances::best($model);
        $fit = $model->fit($theta);
        if ($fit === null) {
            throw new BadLog('These records do not tell their groups and masses apart.', $n, '/records');
        }
        $inverse = $fit->factor->inverse();
        $told = [];
        foreach ($model->factors as $at => $factor) {
            $scale = $theta[$at] < self::NOTHING ? 0.0 : $theta[$at];
            $told[] = self::factor($model, $at, $factor, $scale, $fit, $inverse);
        }
        $groups = [];
        foreach ($model->groups as $group => $column) {
            $groups[$group] = $fit->solution[$column];
        }

        return new self(
            $fit->sd,
            $model->slope === null ? null : $fit->solution[$model->slope],
            $groups,
            $told,
            $model->leftOut,
        );
    }

    /** @param  list<list<float>>  $inverse */
    private static function factor(
        Design $model,
        int $at,
        string $factor,
        float $scale,
        Fit $fit,
        array $inverse,
    ): FactorEffects {
        $columns = $model->levels[$at];
        $unit = $fit->sd * $scale;
        $effects = $differences = [];
        foreach ($columns as $level => $column) {
            $effects[] = new Effect(
                (string) $level,
                $scale * $fit->solution[$column],
                $unit * sqrt($inverse[$column][$column]),
                $model->counts[$column],
            );
        }
        $names = array_keys($columns);
        foreach ($names as $i => $a) {
            foreach ($scale > 0 ? array_slice($names, $i + 1) : [] as $b) {
                [$one, $two] = [$columns[$a], $columns[$b]];
                $variance = $inverse[$one][$one] + $inverse[$two][$two] - 2 * $inverse[$one][$two];
                $differences[] = new Difference(
                    (string) $a,
                    (string) $b,
                    $scale * ($fit->solution[$one] - $fit->solution[$two]),
                    $unit * sqrt(max(0.0, $variance)),
                );
            }
        }

        return new FactorEffects($factor, $unit, $effects, $differences);
    }
}
