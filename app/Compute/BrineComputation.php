<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Hold\Treatment\DryCure;
use Sectum\Hold\Treatment\EvenBrine;
use Sectum\Hold\Treatment\FishWater;
use Sectum\Hold\Treatment\Slab;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\TimedBrine;

/** `brine`: how much salt, how long? */
final readonly class BrineComputation implements Computation
{
    public static function name(): string
    {
        return 'brine';
    }

    public function answer(Fields $request): array
    {
        $fish = new FishWater(
            $request->number('fish_g'),
            $request->number('fish_water_pct', FishWater::USUAL_PCT),
        );
        $slab = new Slab(
            $request->number('thickness_mm'),
            $request->int('faces', 2),
            $request->number('diffusivity_m2_s', Slab::DIFFUSIVITY),
        );

        return match ($request->string('mode')) {
            'timed' => self::timed($request, $fish, $slab),
            'equilibrium' => self::even($request, $fish, $slab),
            default => self::dry($request, $fish, $slab),
        };
    }

    /** @return array<string, float|null> */
    private static function timed(Fields $request, FishWater $fish, Slab $slab): array
    {
        $brine = TimedBrine::of(
            $fish,
            $slab,
            new Strength($request->number('strength_pct')),
            $request->number('brine_g'),
            $request->number('minutes'),
            $request->maybeNumber('target_pct'),
        );

        return [
            'salt_g' => $brine->saltGrams,
            'water_g' => $brine->waterGrams,
            'salometer_deg' => $brine->salometerDegrees,
            'fish_salt_pct' => $brine->fishSaltPct,
            'low_pct' => $brine->lowPct,
            'high_pct' => $brine->highPct,
            'ceiling_pct' => $brine->ceilingPct,
            'minutes_to_target' => $brine->minutesToTarget,
        ];
    }

    /** @return array<string, float> */
    private static function even(Fields $request, FishWater $fish, Slab $slab): array
    {
        $brine = EvenBrine::of($fish, $slab, $request->number('target_pct'), $request->number('water_g'));

        return [
            'salt_g' => $brine->saltGrams,
            'thumb_g' => $brine->thumbGrams,
            'thumb_fish_pct' => $brine->thumbFishPct,
            'hours_to_95' => $brine->hoursTo95,
        ];
    }

    /** @return array<string, float> */
    private static function dry(Fields $request, FishWater $fish, Slab $slab): array
    {
        $cure = DryCure::of($fish, $slab, $request->number('target_pct'), $request->number('sugar_pct', 0));

        return ['salt_g' => $cure->saltGrams, 'sugar_g' => $cure->sugarGrams, 'hours_to_95' => $cure->hoursTo95];
    }
}
