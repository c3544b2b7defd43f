<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Log\Effects\Difference;
use Sectum\Log\Effects\Effect;
use Sectum\Log\Effects\Effects;
use Sectum\Log\Effects\FactorEffects;
use Sectum\Log\Effects\Seen;

/** `effects`: the hand, the supplier, the method, or just the fish? */
final readonly class EffectsComputation implements Computation
{
    /** What makes a group; every other word of a record is a factor. */
    private const GROUP = ['group', 'species', 'state', 'rung'];

    public static function name(): string
    {
        return 'effects';
    }

    public function answer(Fields $request): array
    {
        $records = $factors = [];
        foreach ($request->list('records') as $i => $one) {
            $texts = self::texts($one);
            $levels = array_diff_key($texts, array_flip(self::GROUP));
            $factors += $levels;
            $records[] = Fault::within("/records/{$i}", fn (): Seen => Seen::yielding(
                implode(', ', array_intersect_key($texts, array_flip(self::GROUP))),
                $one->number('mass_g'),
                $one->number('yield_pct'),
                $levels,
            ));
        }
        $told = Effects::of($records, $request->has('factors') ? $request->strings('factors') : array_keys($factors));
        $of = fn (callable $make): array => array_combine(
            array_map(fn (FactorEffects $one): string => $one->factor, $told->factors),
            array_map($make, $told->factors),
        );

        return [
            'residual_sd_pct' => $told->restSdPct,
            'sd_pct' => $of(fn (FactorEffects $one): float => $one->sdPct),
            'slope_pct' => $told->slopePct,
            'groups' => $told->groups,
            'effects' => $of(fn (FactorEffects $one): array => array_column(
                array_map(fn (Effect $effect): array => [
                    $effect->level,
                    ['effect_pct' => $effect->pct, 'sd_pct' => $effect->sdPct, 'records' => $effect->records],
                ], $one->effects),
                1,
                0,
            )),
            'differences' => $of(fn (FactorEffects $one): array => array_map(fn (Difference $pair): array => [
                'a' => $pair->a,
                'b' => $pair->b,
                'difference_pct' => $pair->pct,
                'sd_pct' => $pair->sdPct,
            ], $one->differences)),
            'left_out' => $told->leftOut,
        ];
    }

    /** @return array<string, string> the words of a record by name */
    private static function texts(Fields $record): array
    {
        $texts = [];
        foreach ($record->all() as $name => $value) {
            if (is_string($value)) {
                $texts[(string) $name] = $value;
            }
        }

        return $texts;
    }
}
