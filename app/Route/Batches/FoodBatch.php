<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use App\Route\Bins\BinWithdrawal;
use App\Route\Recipes\Recipe;
use Brick\Math\BigRational;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\Allergen;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Route\Batches\Returned;
use Sectum\Route\Batches\Standing;

/**
 * A batch of something made of what lay in the bins.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property string $recipe_id
 * @property array<string, mixed> $recipe as it stood when it was made
 * @property list<float> $pots litres
 * @property string $made_by
 * @property string $made_at ISO 8601
 * @property string $use_by the last day
 * @property string $why_then
 * @property string|null $yield_milli thousandths of a litre or a kilo that came of it; null while it is being made
 * @property string|null $gone "used" or "discarded"; null while it is there
 * @property string|null $gone_why
 * @property string|null $gone_at
 * @property int $version
 * @property-read Person $maker
 * @property-read Collection<int, BinWithdrawal> $went
 * @property-read Collection<int, CoolingReading> $coolings
 * @property-read Collection<int, BatchDrawn> $draws
 * @property-read Collection<int, BatchDrawn> $drawnIn
 */
final class FoodBatch extends Record
{
    protected $table = 'makings';

    /** @return Builder<self> those of a recipe that are there and were measured, with all that tells what is left */
    public static function measured(string $recipe): Builder
    {
        return self::query()
            ->with(['went', 'draws', 'drawnIn'])
            ->where('recipe_id', $recipe)
            ->whereNull('gone')
            ->whereNotNull('yield_milli');
    }

    /** @return BelongsTo<Person, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'made_by');
    }

    /** @return HasMany<BinWithdrawal, $this> what went into it */
    public function went(): HasMany
    {
        $went = $this->hasMany(BinWithdrawal::class, 'making_id');
        $went->orderBy('id');

        return $went;
    }

    /** @return HasMany<CoolingReading, $this> */
    public function coolings(): HasMany
    {
        $coolings = $this->hasMany(CoolingReading::class, 'making_id');
        $coolings->orderBy('taken_at')->orderBy('id');

        return $coolings;
    }

    /** @return HasMany<BatchDrawn, $this> what was drawn from it, what was taken back among it */
    public function draws(): HasMany
    {
        $draws = $this->hasMany(BatchDrawn::class, 'making_id');
        $draws->orderBy('drawn_at')->orderBy('id');

        return $draws;
    }

    /** @return HasMany<BatchDrawn, $this> what was drawn from other batches for it */
    public function drawnIn(): HasMany
    {
        return $this->hasMany(BatchDrawn::class, 'into_id');
    }

    /** What is left of it; nothing while nobody said how much it made. */
    public function standing(): Standing
    {
        $currency = Settings::load()->currency;

        return new Standing(
            $this->id,
            Moment::at($this->use_by),
            (int) $this->yield_milli,
            $this->draws->sum(fn (BatchDrawn $one): int => $one->milli),
            $this->cost(),
            Money::ofMinor($this->draws->sum(fn (BatchDrawn $one): int => $one->minor), $currency),
        );
    }

    /** What went into it was worth in its bins, or cost in the batches it was drawn from. */
    public function cost(): Money
    {
        return Settings::load()->money(
            $this->went->sum(fn (BinWithdrawal $one): int => $one->minor) +
                $this->drawnIn->sum(fn (BatchDrawn $one): int => $one->minor),
        );
    }

    /**
     * Fish, what its ingredients carry, and what the batches carry that were drawn on for it.
     *
     * @return non-empty-list<Allergen>
     */
    public function allergens(int $deep = 4): array
    {
        $more = [];
        if ($deep > 0 && $this->drawnIn->isNotEmpty()) {
            $from = self::query()
                ->with('drawnIn')
                ->whereKey($this->drawnIn->pluck('making_id')->unique()->all())
                ->get();
            foreach ($from as $one) {
                array_push($more, ...$one->allergens($deep - 1));
            }
        }

        return $this->asMade()->recipe()->allergens($more);
    }

    public static function inFull(string $id): self
    {
        return self::query()
            ->with([
                'maker',
                'went.deposit.fish.species',
                'went.deposit.piece',
                'coolings.person',
                'draws.person',
                'drawnIn',
            ])
            ->findOrFail($id);
    }

    /** As it was made. */
    public function asMade(): Recipe
    {
        return new Recipe($this->recipe);
    }

    public function mass(): Mass
    {
        return Mass::ofMilligrams($this->went->sum(fn (BinWithdrawal $one): int => $one->mass_mg));
    }

    /** What it brought, dealt back over what went in; null while nobody said how much it made. */
    public function returned(): ?Returned
    {
        return $this->yield_milli === null || $this->went->isEmpty()
            ? null
            : Returned::of(
                BigRational::nd((int) $this->yield_milli, 1000),
                Settings::load()->money($this->asMade()->value_minor),
                array_map(fn (BinWithdrawal $one): Mass => $one->mass(), array_values($this->went->all())),
            );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recipe' => 'array', 'pots' => 'array'];
    }
}
