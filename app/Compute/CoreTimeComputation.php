<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Hold\Freezing\CoreTime;
use Sectum\Hold\Freezing\Surroundings;

/** `core-time`: when is the middle frozen, or thawed? */
final readonly class CoreTimeComputation implements Computation
{
    public static function name(): string
    {
        return 'core-time';
    }

    public function answer(Fields $request): array
    {
        $how =
            Surroundings::tryFrom("{$request->string('what')} {$request->string('how')}") ??
            throw Fault::inField('/how', 'Fish freezes in air, a blast or brine, and thaws in air or water.');

        return [
            'hours' => CoreTime::hours(
                $how,
                $request->number('thickness_mm'),
                $request->number('ambient_c'),
                $request->number('wrap_mm', 0),
                $request->number('fish_water_pct', 75),
                $request->number('house_factor', 1),
            ),
        ];
    }
}
