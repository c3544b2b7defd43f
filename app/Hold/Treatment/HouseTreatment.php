<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Kitchen\Record;
use Sectum\Hold\Treatment\Aim;
use Sectum\Hold\Treatment\Treatment;
use Sectum\Hold\Treatment\TreatmentKind;
use Sectum\Portion\Serve\ServiceClass;

/**
 * A treatment as the house does it: shipped ones, and its own.
 *
 * @property string $id
 * @property string $name
 * @property TreatmentKind $kind
 * @property string $aims a space between
 * @property string $not_for raw-service, cooking: what it does not replace, a space between
 * @property float|null $strength_pct
 * @property float|null $brine_ratio brine by the mass of the fish
 * @property float|null $salt_pct
 * @property float|null $sugar_pct
 * @property float|null $target_pct
 * @property float $minutes_from
 * @property float $minutes
 * @property float $minutes_to
 * @property float|null $turn_every minutes
 * @property bool $rinse
 * @property bool $dry
 * @property array<string, float> $aromatics percent of the fish, by name
 * @property float $change_pct
 * @property float $change_sd
 * @property int $uses how often a brine is used
 * @property ServiceClass|null $service what fish is after it; null where it stays what it was
 * @property string $caution
 * @property string $source
 * @property string|null $retired_at
 * @property int $version
 */
final class HouseTreatment extends Record
{
    protected $table = 'treatments';

    protected $attributes = ['uses' => 1, 'version' => 1];

    public function treatment(): Treatment
    {
        return new Treatment(
            $this->kind,
            $this->strength_pct,
            $this->brine_ratio,
            $this->salt_pct,
            $this->sugar_pct,
            $this->target_pct,
            $this->minutes_from,
            $this->minutes,
            $this->minutes_to,
            $this->turn_every,
            array_map(floatval(...), $this->aromatics),
            $this->change_pct,
            $this->change_sd,
        );
    }

    /** @return list<Aim> */
    public function aims(): array
    {
        return array_values(array_filter(array_map(Aim::tryFrom(...), explode(' ', $this->aims))));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => TreatmentKind::class,
            'aromatics' => 'array',
            'rinse' => 'boolean',
            'dry' => 'boolean',
            'service' => ServiceClass::class,
        ];
    }
}
