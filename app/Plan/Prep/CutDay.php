<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Moment;
use App\Plan\Service\Service;
use App\Plan\Service\ServiceDish;
use App\Portion\Dish\Dish;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Hold\Treatment\TreatmentKind;
use Sectum\Plan\Work\Standing;

/** On which day the fish of a dish is broken down for a service, at the latest, and so by when it is in the house. */
final readonly class CutDay
{
    /** Hours of work between the end of what fillets stand in and the service. Our estimate. */
    private const AFTER_STANDING = 3;

    /** @param  string  $why  that-day, cut-before or stands */
    private function __construct(public string $day, public string $why)
    {
    }

    public static function of(Service $service, ServiceDish $on): self
    {
        if ($on->cut_before > 0) {
            $before = Moment::at($service->day)->modify("-{$on->cut_before} days");

            return new self($before->format('Y-m-d'), 'cut-before');
        }
        $standing = self::standing(Dish::of($on->dish_id));
        if ($standing === null || ! $standing->beforePortions) {
            return new self($service->day, 'that-day');
        }
        $minutes = (int) ceil($standing->minutes) + 60 * self::AFTER_STANDING;
        $day = Moment::date($service->moment()->modify("-{$minutes} minutes"));

        return new self($day, $day < $service->day ? 'stands' : 'that-day');
    }

    /** What the fish of a dish stands in before it is served; null for nothing. */
    public static function standing(?Dish $dish): ?Standing
    {
        $treatment = $dish?->treatment_id === null ? null : self::treatments()->get($dish->treatment_id);

        return $treatment === null
            ? null
            : new Standing($treatment->id, $treatment->minutes, match ($treatment->kind) {
                TreatmentKind::Cure, TreatmentKind::DrySalt, TreatmentKind::EvenBrine, TreatmentKind::Smoke => true,
                TreatmentKind::TimedBrine,
                TreatmentKind::AcidDip,
                TreatmentKind::Marinade,
                TreatmentKind::Dry => false,
            });
    }

    /** @return Collection<string, HouseTreatment> */
    private static function treatments(): Collection
    {
        return Remembered::of(
            'treatments',
            ['treatments'],
            fn (): Collection => HouseTreatment::query()->get()->keyBy(fn (HouseTreatment $one): string => $one->id),
        );
    }
}
