<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Route\Bins\Deposit;
use Sectum\Route\Bins\Keeping;

/**
 * One part of one fish put into a bin. Never changed; what leaves it stands in its withdrawals.
 *
 * @property string $id
 * @property string $piece_id
 * @property string $fish_id
 * @property string $species_id
 * @property Bin $bin
 * @property Keeping $keeping
 * @property string|null $from_id the deposit it was moved out of
 * @property int $mass_mg
 * @property int $value_per_kg_minor as it stood when it was put in
 * @property string $lot
 * @property string $until ISO 8601 day, the last one
 * @property string $why_then
 * @property string $put_by
 * @property string $put_at ISO 8601
 * @property-read Piece $piece
 * @property-read Fish $fish
 * @property-read Species $species
 * @property-read Person $person
 * @property-read Collection<int, BinWithdrawal> $withdrawals
 */
final class BinDeposit extends Record
{
    protected $table = 'bin_deposits';

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<Fish, $this> */
    public function fish(): BelongsTo
    {
        return $this->belongsTo(Fish::class);
    }

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'put_by');
    }

    /** @return HasMany<BinWithdrawal, $this> */
    public function withdrawals(): HasMany
    {
        $withdrawals = $this->hasMany(BinWithdrawal::class, 'deposit_id');
        $withdrawals->orderBy('id');

        return $withdrawals;
    }

    /** With what is left of it. */
    public function deposit(): Deposit
    {
        $whole = Deposit::of(
            $this->id,
            $this->bin,
            $this->keeping,
            Mass::ofMilligrams($this->mass_mg),
            Settings::load()->perKg($this->value_per_kg_minor),
            $this->species_id,
            Moment::at($this->until),
            Moment::at($this->put_at),
        );

        return $whole->less(
            Mass::ofMilligrams($this->withdrawals->sum(fn (BinWithdrawal $one): int => $one->mass_mg)),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bin' => Bin::class, 'keeping' => Keeping::class];
    }
}
