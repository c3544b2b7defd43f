<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\QueryException;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;

/**
 * A weight once taken. Never changed and never deleted: the database refuses both.
 *
 * @property string $id
 * @property string $piece_id
 * @property int $mass_mg net
 * @property int $tare_mg what the scale had taken off
 * @property int $resolution_mg
 * @property int $seq the order in which readings came to be; what a clock said decides nothing
 * @property string $source "pan" or "typed"
 * @property string|null $typed as it was typed
 * @property string $taken_by
 * @property string $taken_at when it was weighed; kept in universal time
 * @property string|null $sent_at when it came to be known here, later where it waited
 * @property UnitSystem|null $units in which the scale was read
 * @property-read string|null $taken_by_name where it was read from its piece
 * @property-read int|null $is_taken_back 1 or 0, where it was read from its piece
 * @property-read Person $person
 * @property-read ReadingVoid|null $void
 * @property-read Piece $piece
 */
final class Reading extends Record
{
    /** What the readings of a piece are read with: who took each, and whether it was taken back. */
    public const SAID_OF_IT = '(select name from people where people.id = readings.taken_by) as taken_by_name, '.
        'exists(select 1 from reading_voids where reading_voids.reading_id = readings.id) as is_taken_back';

    protected $table = 'readings';

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'taken_by');
    }

    /** @return HasOne<ReadingVoid, $this> */
    public function void(): HasOne
    {
        /** @var TakenBack<$this> $takenBack */
        $takenBack = new TakenBack(ReadingVoid::query(), $this, 'reading_voids.reading_id', 'id');

        return $takenBack;
    }

    /**
     * With how each that was taken back was.
     *
     * @param  string  $fish  their ids, a list in JSON
     * @return array<string, list<self>> by piece, in the order in which they came to be
     */
    public static function ofFish(string $fish): array
    {
        $readings = self::selected(
            'select readings.*, '.self::SAID_OF_IT.' from readings where piece_id in '.
                '(select id from pieces where fish_id in (select value from json_each(?))) order by seq',
            [$fish],
        );
        $readings->filter(fn (self $one): bool => $one->is_taken_back === 1)->loadMissing('void');
        $found = [];
        foreach ($readings as $one) {
            if ($one->is_taken_back === 0) {
                $one->setRelation('void', null);
            }
            $found[$one->piece_id][] = $one;
        }

        return $found;
    }

    /** Who took it, by name. */
    public function by(): string
    {
        return $this->taken_by_name ?? $this->person->name;
    }

    /**
     * Writes it and lays it on its piece, so that the fish in hand need not be read again.
     *
     * @throws QueryException when there is a reading of that id
     */
    public function takenOf(Piece $piece, Person $person): self
    {
        $this->seq = self::last() + 1;
        $this->written();
        self::lastIs($this->seq);
        $this->setRelation('void', null)->setRelation('person', $person)->setRelation('piece', $piece);
        $piece->setRelation('readings', $piece->readings->push($this));

        return $this;
    }

    /** It stays on record with the reason, and counts for nothing. */
    public function takeBack(string $reason, Person $person, DateTimeInterface $at): void
    {
        $this->setRelation(
            'void',
            $this->void()->create([
                'reason' => $reason,
                'voided_by' => $person->id,
                'voided_at' => Moment::written($at),
            ]),
        );
    }

    /** Which in the order of all readings was the latest; 0 before the first. */
    public static function last(): int
    {
        return Remembered::of('last reading', ['readings'], function (): int {
            $last = self::query()->max('seq');

            return is_numeric($last) ? (int) $last : 0;
        });
    }

    /** It was asked besides, or is the one just written. */
    public static function lastIs(int $seq): void
    {
        Remembered::put('last reading', ['readings'], $seq);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['units' => UnitSystem::class];
    }

    public function mass(): Mass
    {
        return Mass::ofMilligrams($this->mass_mg);
    }

    public function resolution(): Mass
    {
        return Mass::ofMilligrams($this->resolution_mg);
    }
}
