<?php

declare(strict_types=1);

namespace App\Receive\Sourcing;

use App\Catalogue\Species;
use App\Fish\Supplier;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Receive\SourcingRule;

/**
 * Something this house does not buy, with its reason.
 *
 * @property string $id ULID
 * @property string|null $species_id
 * @property string $area
 * @property string $gear
 * @property string|null $supplier_id
 * @property string $reason
 * @property string $written_by
 * @property string $written_at ISO 8601
 * @property string|null $ended_at ISO 8601; null while it holds
 * @property-read Species|null $species
 * @property-read Supplier|null $supplier
 * @property-read Person $writer
 */
final class Sourcing extends Record
{
    protected $table = 'sourcing_rules';

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'written_by');
    }

    public function rule(): SourcingRule
    {
        return new SourcingRule($this->species_id, $this->area, $this->gear, $this->supplier_id, $this->reason);
    }

    /** @return list<string> why the house does not buy something that is offered; none when it does */
    public static function against(string $species, ?string $area, ?string $gear, string $supplier): array
    {
        $rules = Remembered::of(
            'sourcing',
            ['sourcing_rules'],
            fn (): array => array_map(
                fn (self $one): SourcingRule => $one->rule(),
                array_values(self::query()->whereNull('ended_at')->orderBy('id')->get()->all()),
            ),
        );

        return array_values(
            array_map(
                fn (SourcingRule $rule): string => $rule->reason,
                array_filter(
                    $rules,
                    fn (SourcingRule $rule): bool => $rule->meets($species, $area, $gear, $supplier),
                ),
            ),
        );
    }
}
