<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Hold\Places\Place;
use App\Hold\Places\TemperatureReading;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Hold\Freezing\FreezeRecord;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Freezing\Wrap;

/**
 * Fish that freezes together in one place, for raw service with proof or to keep.
 *
 * @property string $id
 * @property int $number the house's running number of its record
 * @property string $purpose raw or keep
 * @property string $place_id
 * @property string $rules codes of the rules asked, a space between
 * @property bool $core_probe whether the place's core probe is in it
 * @property int $accuracy_tenths of the probes, added to every reading
 * @property int $max_gap_minutes a longer silence breaks a stretch
 * @property float|null $thick_mm of the thickest
 * @property Wrap $wrap
 * @property string $started_by
 * @property string $loaded_at ISO 8601, when the first of it went in
 * @property string|null $due_at when the next of the rules asked is met if it stays as it is; null when none is
 * @property string|null $solid_at a person's word
 * @property string|null $solid_by
 * @property string|null $ended_at
 * @property string|null $ended_by
 * @property int $version
 * @property-read Place $place
 * @property-read Person $starter
 * @property-read Person|null $solidSayer
 * @property-read Collection<int, RunItem> $items
 */
final class FreezingRun extends Record
{
    protected $table = 'freezing_runs';

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function starter(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'started_by');
    }

    /** @return BelongsTo<Person, $this> */
    public function solidSayer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'solid_by');
    }

    /** @return HasMany<RunItem, $this> */
    public function items(): HasMany
    {
        $items = $this->hasMany(RunItem::class, 'run_id');
        $items->orderBy('added_at')->orderBy('id');

        return $items;
    }

    /** @return list<FreezeRule> those that are asked, in the order of the core */
    public function asked(): array
    {
        $asked = explode(' ', $this->rules);

        return array_values(
            array_filter(FreezeRule::cases(), fn (FreezeRule $rule): bool => in_array($rule->value, $asked, true)),
        );
    }

    /** Seconds since 1970 */
    public function loadedS(): int
    {
        return Moment::at($this->loaded_at)->getTimestamp();
    }

    /**
     * What the probes said of what went in at a moment, in minutes since then. The core probe is in what went in first:
     * it says nothing of what was put beside it later.
     *
     * @param  string  $in  ISO 8601
     * @param  string|null  $out  when it was taken out; null while it is in
     */
    public function record(string $in, ?string $out): FreezeRecord
    {
        $from = Moment::at($in)->getTimestamp();
        $ends = array_filter([$out, $this->ended_at], is_string(...));
        $to = $ends === [] ? null : Moment::at(min($ends))->getTimestamp();
        $points = fn (string $probe): array => TemperatureReading::points(
            $this->place_id,
            $probe,
            // What it said last before it went in tells where it came from.
            $from - 60 * $this->max_gap_minutes,
            $to,
            $from,
        );

        return new FreezeRecord(
            $points('air'),
            $this->core_probe && $in === $this->loaded_at
                ? TemperatureReading::points($this->place_id, 'core', $from, $to)
                : [],
            $this->accuracy_tenths / 10,
            $this->max_gap_minutes,
            0.0,
            $this->solid_at === null ? null : (Moment::at($this->solid_at)->getTimestamp() - $from) / 60,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['core_probe' => 'boolean', 'wrap' => Wrap::class];
    }
}
