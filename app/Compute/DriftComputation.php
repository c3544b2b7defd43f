<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Log\Drift\Ewma;

/** `drift`: has something changed? */
final readonly class DriftComputation implements Computation
{
    public static function name(): string
    {
        return 'drift';
    }

    public function answer(Fields $request): array
    {
        $z = $request->has('z') ? $request->numberList('z') : [];
        if (! $request->has('z')) {
            foreach ($request->list('records') as $i => $one) {
                $z[] = Fault::within("/records/{$i}", fn (): float => Ewma::z(
                    $one->number('measured_pct'),
                    $one->number('mean_pct'),
                    $one->number('scale_pct'),
                    $one->number('df'),
                ));
            }
        }
        $chart = Fault::within('', fn (): Ewma => Ewma::of(
            $z,
            $request->number('lambda', Ewma::LAMBDA),
            $request->number('width', Ewma::WIDTH),
        ));

        return ['z' => $z, 'ewma' => $chart->means, 'limits' => $chart->limits, 'signals' => $chart->signals];
    }
}
