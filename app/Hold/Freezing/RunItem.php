<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Fish\Fish;
use App\Hold\Things\OfAThing;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Freezing\FrozenLife;

/**
 * One thing in a freezing run: a whole fish, a side, a portion, or a tray of portions.
 *
 * @property string $id
 * @property string $run_id
 * @property string|null $piece_id
 * @property string|null $batch_id a tray of portions
 * @property string $added_at ISO 8601, when it went in
 * @property string $added_by
 * @property string|null $out_at
 * @property string|null $out_why
 * @property string|null $out_by
 * @property FreezeRule|null $rule_met the first of the rules asked that its record meets; null while it meets none
 * @property string|null $met_at when it met it
 * @property-read FreezingRun $run
 * @property-read Person|null $remover
 */
final class RunItem extends Record
{
    use OfAThing;

    protected $table = 'run_items';

    /** @return BelongsTo<FreezingRun, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(FreezingRun::class, 'run_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function remover(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'out_by');
    }

    /**
     * The first of its fish to be past its best.
     *
     * @param  list<Fish>  $fish  it is of
     */
    public function bestBefore(array $fish): DateTimeImmutable
    {
        $frozen = Moment::day($this->added_at);
        $days = array_map(
            fn (Fish $one): DateTimeImmutable => FrozenLife::bestBefore($one->species->fat, $frozen),
            $fish,
        );

        return $days === [] ? $frozen : min($days);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rule_met' => FreezeRule::class];
    }
}
