<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;
use Sectum\Measure\Mass;

/** What a treatment takes for fish of a weight and thickness, and how salty it comes out over time. */
final readonly class TreatmentPlan
{
    /** Points of the curve. */
    private const POINTS = 40;

    /**
     * @param  list<Ingredient>  $ingredients  in the order they are weighed in
     * @param  list<SaltAt>  $curve  salt of the fish over the longest time; empty where salt does not come from a brine
     * @param  float|null  $minutesToTarget  null without a target, or where it is never reached
     * @param  float|null  $ceilingPct  salt were it left in for good
     * @param  float|null  $hoursToEven  when the salt is even through it
     */
    private function __construct(
        public array $ingredients,
        public array $curve,
        public ?float $minutesToTarget,
        public ?float $ceilingPct,
        public ?float $hoursToEven,
    ) {
    }

    /**
     * @param  Mass  $fish  above zero
     * @param  float|null  $thicknessMm  of the thickest; null while nobody measured it: then no curve
     * @param  int  $faces  open ones, 1 or 2
     * @param  Strength|null  $measured  of the brine, by a hydrometer; null to make it as the treatment says
     *
     * @throws BadHold which names the figure
     */
    public static function of(
        Treatment $treatment,
        Mass $fish,
        ?float $thicknessMm,
        int $faces,
        ?Strength $measured = null,
    ): self {
        $of = new FishWater($fish->grams());
        $slab = $thicknessMm === null ? null : new Slab($thicknessMm, $faces);
        $more = [];
        foreach ($treatment->aromatics as $name => $pct) {
            $more[] = new Ingredient($name, self::grams(($fish->grams() * $pct) / 100));
        }
        if ($treatment->kind === TreatmentKind::TimedBrine) {
            return self::timed($treatment, $of, $slab, $measured, $more);
        }
        if ($treatment->kind === TreatmentKind::EvenBrine) {
            $water = ($treatment->brineRatio ?? 0.0) * $fish->grams();
            $even = EvenBrine::of($of, $slab ?? new Slab(30.0, 2), $treatment->targetPct ?? 0.0, $water);

            return new self(
                [
                    new Ingredient('water', self::grams($water)),
                    new Ingredient('salt', self::grams($even->saltGrams)),
                    ...$more,
                ],
                [],
                null,
                $treatment->targetPct,
                $slab === null ? null : $even->hoursTo95,
            );
        }
        if ($treatment->kind->isStrewn()) {
            $cure = DryCure::of(
                $of,
                $slab ?? new Slab(30.0, 2),
                $treatment->saltPct ?? 0.0,
                $treatment->sugarPct ?? 0.0,
            );
            $sugar = $cure->sugarGrams > 0 ? [new Ingredient('sugar', self::grams($cure->sugarGrams))] : [];

            return new self(
                [new Ingredient('salt', self::grams($cure->saltGrams)), ...$sugar, ...$more],
                [],
                null,
                null,
                $slab === null ? null : $cure->hoursTo95,
            );
        }

        return new self($more, [], null, null, null);
    }

    /** @param  list<Ingredient>  $more */
    private static function timed(
        Treatment $treatment,
        FishWater $fish,
        ?Slab $slab,
        ?Strength $measured,
        array $more,
    ): self {
        $strength = $measured ?? new Strength($treatment->strengthPct ?? 0.0);
        $brine = ($treatment->brineRatio ?? 0.0) * $fish->grams;
        $after = fn (Slab $as, float $minutes, ?float $target): TimedBrine => TimedBrine::of(
            $fish,
            $as,
            $strength,
            $brine,
            $minutes,
            $target,
        );
        $usual = $after($slab ?? new Slab(30.0, 2), $treatment->minutes, $treatment->targetPct);
        $curve = [];
        for ($i = 0; $slab !== null && $i <= self::POINTS; $i++) {
            $minutes = ($treatment->minutesTo * $i) / self::POINTS;
            // When the target is reached is asked once: it is the dear part of the sum.
            $at = $after($slab, $minutes, null);
            $curve[] = new SaltAt($minutes, $at->fishSaltPct, $at->lowPct, $at->highPct);
        }

        return new self(
            [
                new Ingredient('water', self::grams($usual->waterGrams)),
                new Ingredient('salt', self::grams($usual->saltGrams)),
                ...$more,
            ],
            $curve,
            $slab === null ? null : $usual->minutesToTarget,
            $usual->ceilingPct,
            null,
        );
    }

    private static function grams(float $grams): Mass
    {
        return Mass::ofMilligrams((int) round($grams * 1000));
    }
}
