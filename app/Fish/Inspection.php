<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Receive\Rigor;
use Sectum\Receive\Verdict;

/**
 * Somebody looked at, smelled and felt fish of a line.
 *
 * @property string $id
 * @property string $line_id
 * @property list<string> $fish ids of the fish it is about
 * @property array<string, int> $grades by attribute, 0 to 3
 * @property list<string> $missing_signs of its kind
 * @property int|null $celsius_tenths at the core
 * @property string|null $measured "probe" or "typed"
 * @property Rigor $rigor
 * @property string $note
 * @property Verdict $verdict
 * @property int $demerits
 * @property int $of_most
 * @property list<string> $reasons
 * @property string $inspected_by
 * @property string $inspected_at ISO 8601
 * @property-read Person $inspector
 * @property-read DeliveryLine $line
 */
final class Inspection extends Record
{
    protected $table = 'inspections';

    /** @return BelongsTo<DeliveryLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(DeliveryLine::class, 'line_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function inspector(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'inspected_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'fish' => 'array',
            'grades' => 'array',
            'missing_signs' => 'array',
            'reasons' => 'array',
            'rigor' => Rigor::class,
            'verdict' => Verdict::class,
        ];
    }
}
