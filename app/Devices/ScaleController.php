<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Measure\Mass;

final readonly class ScaleController
{
    public function show(Request $request, Scale $scale): JsonResponse
    {
        return $this->answer($request, fn (): ScaleSample => $scale->sample());
    }

    public function tare(Request $request, Scale $scale): JsonResponse
    {
        return $this->answer($request, fn (): ScaleSample => $scale->tare());
    }

    /** Only the demo kitchen has a pan one can reach into from the page. */
    public function pan(Request $request, DemoPan $pan): JsonResponse
    {
        config('sectum.demo') === true || throw Fault::notThere('This scale is a real one: put the fish on it.');
        $put = Fields::of($request)->maybeString('put');
        $mass =
            $put === null ? null : Fault::at('/put', fn (): Mass => Mass::parse($put, Person::of($request)->units));

        return $this->answer($request, function () use ($mass, $request, $pan): ScaleSample {
            $mass === null ? (Fields::of($request)->bool('nudge') ? $pan->nudge() : $pan->clear()) : $pan->put($mass);

            return $pan->sample();
        });
    }

    /** @param  callable(): ScaleSample  $ask */
    private function answer(Request $request, callable $ask): JsonResponse
    {
        try {
            $sample = $ask();
        } catch (DeviceAway) {
            throw Fault::away(
                'The scale is not answering. Type the weight instead; it is looked for every few seconds.',
            );
        }
        $at = (int) (1000 * microtime(true));
        $words = new Words(Person::of($request)->units, Settings::load()->scaleStep);

        return new JsonResponse([
            'at_ms' => $at,
            'mass_mg' => $sample->net->milligrams,
            'text' => $words->text($sample->net),
            'tare_mg' => $sample->tare->milligrams,
            'tare' => $words->text($sample->tare),
            'resolution_mg' => $sample->resolution->milligrams,
            'steady' => $sample->steady,
            'overload' => $sample->overload,
            'empty' => ! $sample->net->isPositive(),
        ]);
    }
}
