<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Hold\Exposure\Exposure;
use Sectum\Hold\Point;

/** `exposure`: how long was it warm? */
final readonly class ExposureComputation implements Computation
{
    public static function name(): string
    {
        return 'exposure';
    }

    public function answer(Fields $request): array
    {
        $log = [];
        foreach ($request->list('log') as $i => $reading) {
            $celsius = $reading->maybeNumber('c');
            if ($celsius !== null) {
                $log[] = Fault::at(
                    "/log/{$i}/c",
                    fn (): Point => new Point($reading->number('minute'), $celsius),
                );
            }
        }
        $exposure = Exposure::of(
            $log,
            $request->number('accuracy_c', 0.5),
            $request->number('max_gap_minutes', 60),
            $request->maybeNumber('until_minute'),
            $request->number('before_minutes', 0),
            $request->bool('before_hot'),
        );

        return [
            'minutes_above' => $exposure->minutesAbove,
            'warmest_c' => $exposure->warmestC,
            'limit_minutes' => $exposure->limitMinutes,
            'left_minutes' => $exposure->leftMinutes,
            'verdict' => $exposure->verdict->value,
        ];
    }
}
