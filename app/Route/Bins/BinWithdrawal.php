<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Kitchen\Database\Table;
use App\Kitchen\Person;
use App\Route\Batches\FoodBatch;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Measure\Mass;
use Sectum\Route\Bins\Leaving;

/**
 * So much of a deposit that left its bin. Never changed; the database refuses more than was put in.
 *
 * @property int $id
 * @property string $act what it was taken out with
 * @property string $deposit_id
 * @property string|null $making_id the batch it went into
 * @property Leaving $how
 * @property int $mass_mg
 * @property int $minor what it was worth in its bin
 * @property string $reason
 * @property string $taken_by
 * @property string $taken_at ISO 8601
 * @property-read BinDeposit $deposit
 * @property-read FoodBatch|null $making
 * @property-read Person $person
 */
final class BinWithdrawal extends Table
{
    protected $table = 'bin_withdrawals';

    /** @return BelongsTo<BinDeposit, $this> */
    public function deposit(): BelongsTo
    {
        return $this->belongsTo(BinDeposit::class, 'deposit_id');
    }

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

    public function mass(): Mass
    {
        return Mass::ofMilligrams($this->mass_mg);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['how' => Leaving::class];
    }
}
