<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Measure\Temperature;
use Sectum\Route\Batches\CoreReading;

/**
 * How hot a batch was, at a time. Never changed.
 *
 * @property string $id
 * @property string $making_id
 * @property int $celsius_tenths
 * @property string $measured "probe" or "typed"
 * @property string $taken_by
 * @property string $taken_at ISO 8601
 * @property-read Person $person
 * @property-read FoodBatch $making
 */
final class CoolingReading extends Record
{
    protected $table = 'cooling_readings';

    /** @return BelongsTo<FoodBatch, $this> */
    public function making(): BelongsTo
    {
        return $this->belongsTo(FoodBatch::class, 'making_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'taken_by');
    }

    public function core(): CoreReading
    {
        return new CoreReading(Moment::at($this->taken_at), $this->temperature());
    }

    public function temperature(): Temperature
    {
        return Temperature::ofCelsius($this->celsius_tenths / 10);
    }
}
