<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\TreatmentPlan;
use Sectum\Measure\Mass;

/**
 * A treatment that is done once, to some fish: made up, running, ended, weighed.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property string $treatment_id
 * @property array<string, mixed> $made_as the treatment as it was then
 * @property int $before_mg
 * @property float|null $thick_mm of the thickest; null while nobody measured it
 * @property int $faces open ones, 1 or 2
 * @property float|null $measured_pct of its brine, by a hydrometer
 * @property string|null $brine_of the treating whose brine is used again
 * @property string $begun_by
 * @property string $begun_at ISO 8601
 * @property string|null $started_at when the clock began
 * @property string|null $ended_at
 * @property string|null $ended_by
 * @property string $ended_why
 * @property int|null $after_mg
 * @property string|null $weighed_at
 * @property int $version
 * @property-read Person $beginner
 * @property-read Collection<int, TreatedThing> $things
 * @property-read Collection<int, TreatingMark> $marks
 */
final class Treating extends Record
{
    protected $table = 'treatings';

    /** @return BelongsTo<Person, $this> */
    public function beginner(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'begun_by');
    }

    /** @return HasMany<TreatedThing, $this> */
    public function things(): HasMany
    {
        return $this->hasMany(TreatedThing::class);
    }

    /** @return HasMany<TreatingMark, $this> */
    public function marks(): HasMany
    {
        $marks = $this->hasMany(TreatingMark::class);
        $marks->orderBy('done_at')->orderBy('id');

        return $marks;
    }

    /** The treatment as it was when it was begun: what the house changes later changes nothing here. */
    public function asMade(): HouseTreatment
    {
        return (new HouseTreatment())->forceFill($this->made_as);
    }

    public function before(): Mass
    {
        return Mass::ofMilligrams($this->before_mg);
    }

    public function plan(): TreatmentPlan
    {
        return TreatmentPlan::of(
            $this->asMade()->treatment(),
            $this->before(),
            $this->thick_mm,
            $this->faces,
            $this->measured_pct === null ? null : new Strength($this->measured_pct),
        );
    }

    /** When so many minutes of it are over; null while its clock has not begun. */
    public function at(float $minutes): ?DateTimeImmutable
    {
        return $this->started_at === null
            ? null
            : Moment::at($this->started_at)->add(new DateInterval('PT'.(int) round(60 * $minutes).'S'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_as' => 'array'];
    }
}
