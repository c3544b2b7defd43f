<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Practise\Gate\Gate;

/**
 * A signature of the head chef for what somebody may do alone; it stands until it is taken back.
 *
 * @property string $id
 * @property string $person_id
 * @property Gate $gate
 * @property list<string> $evidence what it was signed on, as it was said then
 * @property string $signed_by
 * @property string $signed_at
 * @property string|null $taken_back_at
 * @property string|null $taken_back_by
 * @property string $why it was taken back
 * @property-read Person $signer
 */
final class GateSign extends Record
{
    protected $table = 'gate_signs';

    /** @return BelongsTo<Person, $this> */
    public function signer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'signed_by');
    }

    /** @return Builder<self> those that stand */
    public static function standing(): Builder
    {
        return self::query()->whereNull('taken_back_at');
    }

    public static function stands(Gate $gate, Person $person): bool
    {
        return self::standing()->where('person_id', $person->id)->where('gate', $gate)->exists();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gate' => Gate::class, 'evidence' => 'array'];
    }
}
