<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Measure\Temperature;

final readonly class ProbeController
{
    public function show(Probe $probe): JsonResponse
    {
        return self::answer(fn (): ProbeSample => $probe->sample());
    }

    /** Only the demo kitchen has a fish one can stick it into from the page. */
    public function stick(Request $request, DemoProbe $probe): JsonResponse
    {
        config('sectum.demo') === true || throw Fault::notThere('This probe is a real one: stick it into the fish.');
        $typed = Fields::of($request)->maybeString('core');
        $core = $typed === null ? null : Fault::at('/core', fn (): Temperature => Temperature::parse($typed));

        return self::answer(function () use ($core, $probe): ProbeSample {
            $core === null ? $probe->pull() : $probe->stick($core);

            return $probe->sample();
        });
    }

    /** @param  callable(): ProbeSample  $ask */
    private static function answer(callable $ask): JsonResponse
    {
        try {
            $sample = $ask();
        } catch (DeviceAway) {
            throw Fault::away('The probe is not answering. Type the temperature instead.');
        }

        return new JsonResponse([
            'tenths' => $sample->shown->tenths,
            'text' => $sample->shown->print(),
            'steady' => $sample->steady,
        ]);
    }
}
