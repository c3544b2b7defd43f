<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\School;

/** What each way to cut would make of a fillet, side by side. */
final readonly class WaysToCutView
{
    /** @return list<Answer> */
    public static function of(FilletPlan $plan, Words $words, Settings $prices): array
    {
        $schools = [];
        foreach (School::cases() as $school) {
            $by = $plan->by($school);
            if ($by !== null) {
                $schools[] = [
                    'school' => $school->value,
                    'portions' => array_sum($by->counts),
                    'each' => self::each($by, $words),
                    'left_over' => $words->text($plan->leftAfter($by->portions())),
                    'worth' => $prices->money((int) round($by->value))->print(),
                ];
            }
        }

        return $schools;
    }

    private static function each(PortionPlan $by, Words $words): string
    {
        $masses = array_map(
            fn (PlannedPiece $piece): string => $words->text(Mass::ofGrams($piece->massGrams)),
            $by->portions(),
        );

        return implode(', ', array_unique($masses));
    }
}
