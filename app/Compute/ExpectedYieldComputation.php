<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Measure\Mass;

/** `expected-yield`: what should this fish have given? */
final readonly class ExpectedYieldComputation implements Computation
{
    public static function name(): string
    {
        return 'expected-yield';
    }

    public function answer(Fields $request): array
    {
        $prior = $request->fields('prior');
        $pct = array_values($request->numbers('records_pct'));
        $grams = array_values($request->numbers('records_g'));
        if ($grams !== [] && count($grams) !== count($pct)) {
            throw Fault::inField('/records_g', 'Give one size for each record, or none.');
        }
        $mass = $request->maybeNumber('mass_g');
        $yield = ExpectedYield::of(
            new StartingYield($prior->number('mean_pct'), $prior->number('sd_pct'), $prior->number('strength')),
            array_map(
                fn (float $one, ?float $whole): YieldRecord => new YieldRecord(
                    $one,
                    $whole === null ? null : Mass::ofGrams($whole),
                ),
                $pct,
                $grams === [] ? array_fill(0, count($pct), null) : $grams,
            ),
            $request->number('level', 0.9),
            $mass === null ? null : Mass::ofGrams($mass),
        );
        $observed = $request->maybeNumber('observed_pct');

        return [
            'mean_pct' => $yield->meanPct,
            'low_pct' => $yield->lowPct,
            'high_pct' => $yield->highPct,
            'scale_pct' => $yield->scalePct,
            'df' => $yield->df,
            'records' => $yield->records,
            'slope_pct' => $yield->slopePct,
            ...$observed === null
                ? []
                : ['tail' => $yield->tail($observed), 'verdict' => $yield->verdict($observed)->value],
        ];
    }
}
