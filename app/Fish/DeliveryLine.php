<?php

declare(strict_types=1);

namespace App\Fish;

use App\Catalogue\Species;
use App\Kitchen\Record;
use Brick\Math\BigRational;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\FatGrade;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Receive\Found;
use Sectum\Receive\Invoiced;
use Sectum\Receive\PriceUnit;
use Sectum\Receive\RawService;
use Sectum\Receive\SizeGrade;

/**
 * One line of a delivery: what was invoiced, and the trace data that came with it.
 *
 * @property string $id
 * @property string $delivery_id
 * @property int $place
 * @property string $species_id
 * @property StateBought $state
 * @property int|null $count fish as invoiced
 * @property int|null $boxes
 * @property int|null $invoiced_mg
 * @property string|null $price_minor for one unit, a decimal number of minor units
 * @property PriceUnit $price_unit
 * @property FatGrade|null $fat_grade how fat the lot was landed; null while nobody said
 * @property int|null $grade_from_g size sold, one fish
 * @property int|null $grade_to_g
 * @property string|null $lot
 * @property string|null $area catch area or farm
 * @property string|null $gear gear or method
 * @property string|null $landed_on
 * @property string|null $harvested_on
 * @property string|null $vessel vessel or farm site
 * @property string|null $production wild or farmed
 * @property string|null $proof paper for raw service: "farmed feed" or "frozen"
 * @property string|null $gtin
 * @property-read Delivery $delivery
 * @property-read Species $species
 * @property-read Collection<int, Fish> $fish
 * @property-read Collection<int, Inspection> $inspections
 * @property-read Collection<int, Photo> $photos
 */
final class DeliveryLine extends Record
{
    protected $table = 'delivery_lines';

    public const TRACE = [
        'lot',
        'area',
        'gear',
        'landed_on',
        'harvested_on',
        'vessel',
        'production',
        'proof',
        'gtin',
    ];

    /** @return BelongsTo<Delivery, $this> */
    public function delivery(): BelongsTo
    {
        return $this->belongsTo(Delivery::class);
    }

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return HasMany<Fish, $this> those weighed and not taken back */
    public function fish(): HasMany
    {
        $fish = $this->hasMany(Fish::class, 'line_id');
        $fish->where('stage', '!=', Stage::Withdrawn->value)->orderBy('number');

        return $fish;
    }

    /** @return HasMany<Inspection, $this> */
    public function inspections(): HasMany
    {
        $inspections = $this->hasMany(Inspection::class, 'line_id');
        $inspections->orderBy('inspected_at');

        return $inspections;
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class, 'line_id');
    }

    /** With all that weighing in and inspecting need. */
    public static function atTheDoor(string $id): self
    {
        return self::query()
            ->with([
                'delivery.supplier',
                'species',
                'fish.pieces.readings.void',
                'fish.species',
                'fish.supplier',
                'inspections.inspector',
                'photos',
            ])
            ->findOrFail($id);
    }

    /** Days from the water to a moment; null when the line gives no date. */
    public function daysSinceLanded(DateTimeImmutable $now): ?float
    {
        $day = $this->harvested_on ?? $this->landed_on;

        return $day === null
            ? null
            : max(
                0.0,
                ($now->getTimestamp() -
                    (new DateTimeImmutable($day.' 06:00', $now->getTimezone()))->getTimestamp()) /
                    86_400,
            );
    }

    /**
     * The invoice's line beside what was weighed, for the claim.
     *
     * @param  bool  $priced  whether whoever asks may see what it cost
     * @param  int|null  $ordered  minor units a kilo it was ordered at; null without an order
     */
    public function invoiced(bool $priced, ?int $ordered = null): Invoiced
    {
        return new Invoiced(
            $this->species->name,
            $this->invoiced_mg === null ? null : Mass::ofMilligrams($this->invoiced_mg),
            $this->count,
            $this->price_minor === null || ! $priced ? null : BigRational::of($this->price_minor),
            $this->price_unit,
            array_values($this->fish->map($this->found(...))->all()),
            $ordered === null || ! $priced ? null : BigRational::of($ordered),
        );
    }

    /** One weighing of this line as the core counts it. */
    public function found(Fish $fish): Found
    {
        $reading = $fish->whole()->reading();
        $found = new Found($fish->mass(), $fish->count, $reading?->resolution() ?? Mass::zero(), $fish->refused);
        $grade = $this->grade();

        return new Found(
            $found->mass,
            $found->count,
            $found->step,
            $found->refused,
            $grade?->isMissedBy($found->each()) === true ? $grade->print() : null,
            $fish->not_it,
            $fish->id,
        );
    }

    /** The size it was sold as; null when the invoice does not say. */
    public function grade(): ?SizeGrade
    {
        return $this->grade_from_g === null || $this->grade_to_g === null
            ? null
            : SizeGrade::of($this->grade_from_g, $this->grade_to_g);
    }

    public function rawService(): RawService
    {
        return RawService::of($this->species->scientific, $this->species->hazardList(), $this->proof);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => StateBought::class, 'price_unit' => PriceUnit::class, 'fat_grade' => FatGrade::class];
    }
}
