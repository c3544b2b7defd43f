<?php

declare(strict_types=1);

namespace App\Receive\Inspection;

use App\Catalogue\FreshnessWeight;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\Photo;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Hazard;
use Sectum\Measure\Temperature;
use Sectum\Receive\Attribute;
use Sectum\Receive\Freshness;
use Sectum\Receive\Identity;
use Sectum\Receive\Rigor;
use Sectum\Receive\SoldDone;
use Sectum\Receive\Verdict;
use Sectum\Receive\VerdictHeld;

/** What is looked at on the fish of a line, each grade in words, and what the grades come to. */
final readonly class InspectionView
{
    /** @return Answer */
    public static function of(DeliveryLine $line, Words $words): array
    {
        $histamine = $line->species->has(Hazard::Histamine);
        $warmest = $histamine
            ? min(Freshness::WARMEST_HISTAMINE, Settings::load()->warmest->celsius())
            : Settings::load()->warmest->celsius();

        $weights = FreshnessWeight::of($line->species);

        return [
            'delivery' => $line->delivery_id,
            'open' => $line->delivery->open,
            'title' => $line->species->name,
            'supplier' => $line->delivery->supplier->name,
            'state' => $line->state->value,
            'cautions' => array_map(fn (Hazard $hazard): string => $hazard->caution(), $line->species->hazardList()),
            'signs' => $line->species->signs(),
            'sold_done' => array_column(SoldDone::claimedBy($line->state), 'value'),
            'look_alikes' => array_values(array_filter(
                explode('|', $line->species->look_alikes),
                fn (string $name): bool => $name !== '',
            )),
            'handling' => $line->species->handling,
            'fat_grade' => $line->fat_grade?->value,
            'fat_grades' => array_map(
                fn (FatGrade $grade): array => ['grade' => $grade->value, 'says' => $grade->spoken()],
                FatGrade::cases(),
            ),
            'held' => array_map(
                fn (VerdictHeld $one): array => [
                    'verdict' => $one->verdict->value,
                    'lots' => $one->lots,
                    'held' => $one->held,
                ],
                app(VerdictRecord::class)->all(),
            ),
            'warmest' => Temperature::ofCelsius($warmest)->print(),
            'rule' => $histamine ? 'FDA hazards guide, histamine group' : Settings::load()->coldRule,
            'attributes' => array_map(
                fn (Attribute $attribute): array => [
                    'attribute' => $attribute->value,
                    'name' => $attribute->spoken(),
                    'fatal' => $attribute->isFatalAtWorst(),
                    'weight' => $weights[$attribute->value] ?? 1.0,
                    'grades' => $attribute->grades(),
                ],
                Attribute::shownBy($line->state),
            ),
            'rigor' => array_map(
                fn (Rigor $rigor): array => ['rigor' => $rigor->value, 'name' => $rigor->spoken()],
                Rigor::cases(),
            ),
            'fish' => array_values(
                $line->fish
                    ->filter(fn (Fish $fish): bool => ! $fish->isCut())
                    ->map(
                        fn (Fish $fish): array => [
                            'id' => $fish->id,
                            'number' => $fish->number,
                            'count' => $fish->count,
                            'mass' => $words->mass($fish->mass()),
                            'verdict' => $fish->verdict?->value,
                        ],
                    )
                    ->all(),
            ),
            'photos' => array_map(fn (Photo $photo): array => $photo->view(), array_values($line->photos->all())),
        ];
    }

    /** @return Answer */
    public static function verdict(Freshness $fresh, ?Identity $identity = null): array
    {
        $verdict = $identity?->judged($fresh->verdict) ?? $fresh->verdict;

        return [
            'verdict' => $verdict->value,
            'spoken' => $verdict->spoken(),
            'demerits' => $fresh->demerits,
            'of_most' => $fresh->ofMost,
            'days_on_ice' => round($fresh->daysOnIce, 1),
            'days_on_ice_sd' => round($fresh->daysOnIceSd, 1),
            'days_left' => round($fresh->daysLeft, 1),
            'days_left_low' => round($fresh->daysLeftLow, 1),
            'days_left_high' => round($fresh->daysLeftHigh, 1),
            'raw_days_left' => round($fresh->rawDaysLeft, 1),
            'rest_hours' => $fresh->restHours,
            'reasons' => self::reasons($fresh, $identity),
        ];
    }

    /** @return list<string> a doubtful fish is told so first; what speaks for its freshness is no reason then */
    public static function reasons(Freshness $fresh, ?Identity $identity): array
    {
        $doubt = $identity?->doubt();

        return $doubt === null
            ? $fresh->reasons
            : [Words::ofReader()->say($doubt), ...$fresh->verdict === Verdict::Accept ? [] : $fresh->reasons];
    }
}
