<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Log\Complaint\ComplaintKind;

/**
 * What a guest said, and of which tray, fish or dish.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property ComplaintKind $kind
 * @property string $said
 * @property string $table_no
 * @property int $guests that it is about
 * @property string $day the kitchen day it was served
 * @property string|null $dish_id
 * @property string|null $tray_id
 * @property string|null $fish_id
 * @property string $written_by
 * @property string $written_at ISO 8601
 * @property int $version
 * @property-read Person $writer
 * @property-read Collection<int, ComplaintEntry> $entries
 */
final class Complaint extends Record
{
    protected $table = 'complaints';

    protected $attributes = ['version' => 1, 'table_no' => '', 'guests' => 1];

    /** @return BelongsTo<Person, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'written_by');
    }

    /** @return HasMany<ComplaintEntry, $this> */
    public function entries(): HasMany
    {
        $entries = $this->hasMany(ComplaintEntry::class);
        $entries->orderBy('written_at')->orderBy('id');

        return $entries;
    }

    /** Why trays are held by it. */
    public function why(): string
    {
        return "complaint {$this->number}";
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ComplaintKind::class];
    }
}
