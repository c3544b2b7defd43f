<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use App\Receive\Inspection\InspectionView;
use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\Rigor;

/** `freshness`: how much life is left in a fish, and what to do with it. */
final readonly class FreshnessComputation implements Computation
{
    public static function name(): string
    {
        return 'freshness';
    }

    public function answer(Fields $request): array
    {
        $core = $request->maybeNumber('core_c');
        $mass = $request->maybeNumber('mass_g');

        return InspectionView::verdict(
            Freshness::of(
                new LooksAndFeel(
                    array_map(intval(...), $request->numbers('grades')),
                    FatClass::from($request->string('fat')),
                    StateBought::from($request->string('state')),
                    $request->bool('histamine'),
                    $core === null ? null : Temperature::ofCelsius($core),
                    $request->maybeNumber('days_since_landed'),
                    Rigor::from($request->maybeString('rigor') ?? Rigor::Passed->value),
                    $mass === null ? null : Mass::ofGrams($mass),
                    $request->number('warmest_c', Freshness::WARMEST),
                ),
            ),
        );
    }
}
