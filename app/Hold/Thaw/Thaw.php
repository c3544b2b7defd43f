<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Hold\Freezing\RunItem;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Hold\Freezing\CoreTime;
use Sectum\Hold\Freezing\Surroundings;

/**
 * Something that was frozen here thaws: planned backwards from when it is needed, started, finished.
 *
 * @property string $id
 * @property int $number
 * @property string $item_id what was frozen
 * @property Surroundings $how
 * @property float|null $thick_mm
 * @property int $ambient_tenths how warm it is where it thaws
 * @property string|null $needed_at ISO 8601
 * @property string $planned_by
 * @property string $planned_at
 * @property string|null $started_at
 * @property bool $opened whether a pack without air was opened first
 * @property int|null $before_mg
 * @property string|null $finished_at
 * @property int|null $core_tenths
 * @property string|null $measured probe or typed
 * @property int|null $after_mg
 * @property string|null $finished_by
 * @property int $version
 * @property-read RunItem $item
 * @property-read Person $planner
 */
final class Thaw extends Record
{
    protected $table = 'thaws';

    protected $attributes = ['opened' => false, 'version' => 1];

    /** @return BelongsTo<RunItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(RunItem::class, 'item_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function planner(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'planned_by');
    }

    /** Hours until the middle has thawed, an estimate; null while nobody measured how thick it is. */
    public function hours(): ?float
    {
        return $this->thick_mm === null
            ? null
            : CoreTime::hours($this->how, $this->thick_mm, $this->ambient_tenths / 10);
    }

    /** When it has to begin to be thawed when it is needed; null where nobody can say. */
    public function beginBy(): ?DateTimeImmutable
    {
        $hours = $this->hours();

        return $hours === null || $this->needed_at === null
            ? null
            : Moment::at($this->needed_at)->sub(new DateInterval('PT'.(int) ceil(60 * $hours).'M'));
    }

    /** When it should have thawed; null while it has not begun. */
    public function thawedBy(): ?DateTimeImmutable
    {
        $hours = $this->hours();

        return $hours === null || $this->started_at === null
            ? null
            : Moment::at($this->started_at)->add(new DateInterval('PT'.(int) ceil(60 * $hours).'M'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['how' => Surroundings::class, 'opened' => 'boolean'];
    }
}
