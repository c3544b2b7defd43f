<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Hold\Freezing\FreezeCheck;
use Sectum\Hold\Freezing\FreezeRecord;
use Sectum\Hold\Freezing\RuleMet;
use Sectum\Hold\Point;

/** `freeze-check`: does the record meet a rule for raw service? */
final readonly class FreezeCheckComputation implements Computation
{
    public static function name(): string
    {
        return 'freeze-check';
    }

    public function answer(Fields $request): array
    {
        $probes = ['air_c' => [], 'core_c' => []];
        foreach ($request->list('readings') as $i => $reading) {
            foreach (array_keys($probes) as $probe) {
                $celsius = $reading->maybeNumber($probe);
                if ($celsius !== null) {
                    $probes[$probe][] = Fault::at(
                        "/readings/{$i}/{$probe}",
                        fn (): Point => new Point($reading->number('minute'), $celsius),
                    );
                }
            }
        }
        $check = FreezeCheck::of(
            new FreezeRecord(
                $probes['air_c'],
                $probes['core_c'],
                $request->number('accuracy_c', 0.5),
                $request->number('max_gap_minutes', 60),
                $request->maybeNumber('loaded_minute'),
                $request->maybeNumber('solid_minute'),
            ),
        );

        return ['solid_minute' => $check->solidMinute, 'rules' => array_map(self::rule(...), $check->rules)];
    }

    /** @return array<string, mixed> */
    private static function rule(RuleMet $rule): array
    {
        return [
            'met' => $rule->met,
            'longest_minutes' => $rule->longestMinutes,
            'needed_minutes' => $rule->rule->neededMinutes(),
            'met_minute' => $rule->metMinute,
            'missing' => $rule->missing === null
                ? null
                : [
                    'code' => $rule->missing->code->value,
                    'from_minute' => $rule->missing->from,
                    'to_minute' => $rule->missing->to,
                ],
        ];
    }
}
