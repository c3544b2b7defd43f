<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use Brick\Math\BigRational;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Fish\Allergen;
use Sectum\Fish\FatGrade;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Band;
use Sectum\Portion\Kind;
use Sectum\Portion\Priority;
use Sectum\Portion\Serve\Loss;
use Sectum\Portion\Serve\Lost;
use Sectum\Portion\Serve\PieceBand;
use Sectum\Portion\Serve\Prep;
use Sectum\Portion\Serve\ServiceClass;
use Sectum\Portion\Stretch;
use Sectum\Portion\Worth;

/**
 * A dish portions are cut for: its weight, its band, what of the fish suits it, and the rest of its plate.
 *
 * @property string $id
 * @property int $number the house's running number, 1 or more
 * @property string $name
 * @property int $target_mg
 * @property int $minus_mg
 * @property int $plus_mg
 * @property string|null $species_id which fish it is of; null for any
 * @property Stretch $stretch where on the fish it is cut
 * @property string $fat_grades of lots that suit it, a space between; empty for any
 * @property ServiceClass $service how it is served
 * @property string $preparations what is done to a portion, in order, a space between
 * @property list<array{by: string, pct: float|int}> $losses what that takes off it, in order
 * @property int $per_plate pieces to a plate, 1 to 3; the band is the plate's
 * @property string|null $size_of the dish it is another size of
 * @property int $share_pct of the orders of that dish, 0 to 100
 * @property string|null $treatment_id what its fish stands in before it is served; null for nothing
 * @property string $allergens of what stands on the plate besides the fish, a space between
 * @property int $slant_deg between knife and board, 90 straight down
 * @property float|null $thin_mm thinnest a piece may be anywhere
 * @property float|null $thick_mm thickest
 * @property float|null $evenness thinnest over thickest within a piece
 * @property Priority $priority
 * @property int|null $value_minor what a portion is worth, typed; null to work it out from the price
 * @property int $sides_minor
 * @property string $surcharge_pct a decimal
 * @property int|null $price_minor with tax
 * @property string|null $target_cost_pct a decimal
 * @property string|null $retired_at when it was taken off the list
 * @property int $version
 * @property-read Species|null $species
 */
final class Dish extends Record
{
    protected $table = 'dishes';

    protected $attributes = [
        'stretch' => 'anywhere',
        'service' => 'cooked',
        'preparations' => '',
        'losses' => '[]',
        'fat_grades' => '',
        'per_plate' => 1,
        'share_pct' => 0,
        'allergens' => '',
        'slant_deg' => 90,
        'priority' => 'usual',
        'number' => 0,
    ];

    protected static function booted(): void
    {
        self::creating(function (Dish $dish): void {
            $dish->number = $dish->number > 0 ? $dish->number : self::nextNumber();
        });
    }

    /** @return Collection<string, self> every dish there ever was, by id */
    public static function known(): Collection
    {
        return Remembered::of(
            'dishes',
            ['dishes'],
            fn (): Collection => self::query()->get()->keyBy(fn (self $one): string => $one->id),
        );
    }

    public static function of(?string $id): ?self
    {
        return $id === null ? null : self::known()->get($id);
    }

    /** @return Collection<int, self> those that are still cut for, heaviest first */
    public static function onTheList(): Collection
    {
        return self::known()
            ->whereNull('retired_at')
            ->sortBy([['target_mg', 'desc'], ['name', 'asc']])
            ->values();
    }

    /** @return Collection<int, self> those a kind of fish is cut for: its own, and those of any fish; heaviest first */
    public static function cutFor(string $species): Collection
    {
        return self::onTheList()
            ->whereIn('species_id', [null, $species])
            ->values();
    }

    /** @return Builder<self> those that are still cut for, heaviest first */
    public static function served(): Builder
    {
        $served = self::query()->whereNull('retired_at');
        $served->orderByDesc('target_mg')->orderBy('name');

        return $served;
    }

    /** @return Builder<self> those a kind of fish is cut for: its own, and those of any fish */
    public static function servedOf(string $species): Builder
    {
        return self::served()->where(
            fn (Builder $query) => $query->whereNull('species_id')->orWhere('species_id', $species),
        );
    }

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @throws Fault at the field when it is not on the list any more */
    public static function chosen(string $id, string $pointer = '/dish'): self
    {
        $dish = self::of($id);

        return $dish !== null && $dish->retired_at === null
            ? $dish
            : throw Fault::inField($pointer, 'This dish is not on the list any more. Choose another.');
    }

    /** Whether a lot so fat is what it wants; a dish that names none takes any. */
    public function suits(FatGrade $lot): bool
    {
        return $this->fat_grades === '' || in_array($lot->value, explode(' ', $this->fat_grades), true);
    }

    /** @return list<Allergen> fish, and what else stands on the plate */
    public function allergens(): array
    {
        return [
            Allergen::Fish,
            ...array_values(array_filter(array_map(Allergen::tryFrom(...), explode(' ', $this->allergens)))),
        ];
    }

    /** @return list<self> what is served of it in other sizes */
    public function sizes(): array
    {
        return array_values(self::onTheList()->where('size_of', $this->id)->all());
    }

    /** As a guest gets it. */
    public function plateBand(): Band
    {
        return Band::of(
            Mass::ofMilligrams($this->target_mg),
            Mass::ofMilligrams($this->minus_mg),
            Mass::ofMilligrams($this->plus_mg),
        );
    }

    /** As it is cut and weighed: heavier by what its preparation takes off it. */
    public function band(): Band
    {
        return Lost::onTheBoard($this->plateBand(), $this->lost());
    }

    /** What one piece of it may weigh as it is cut; the portion itself where one piece makes a plate. */
    public function each(): Band
    {
        return PieceBand::of($this->band(), $this->per_plate);
    }

    /** @return list<Loss> in the order they are lost */
    public function lost(): array
    {
        return array_map(fn (array $one): Loss => new Loss($one['by'], (float) $one['pct']), $this->losses);
    }

    /** @return list<Prep> in order */
    public function preps(): array
    {
        return array_values(array_filter(array_map(Prep::tryFrom(...), explode(' ', $this->preparations))));
    }

    /** What the menu takes for it, with tax; null when nobody said. */
    public function price(Settings $settings): ?Money
    {
        return $this->price_minor === null ? null : $settings->money($this->price_minor);
    }

    /** What one portion is worth to the house. */
    public function worth(Settings $settings): Money
    {
        $price = $this->price($settings);
        if ($this->value_minor !== null || $price === null) {
            return $settings->money($this->value_minor ?? 0);
        }

        return Worth::of($price, BigRational::of($settings->taxPct), $settings->money($this->sides_minor));
    }

    /**
     * As the planner takes it, under its id; worth in minor units.
     *
     * @param  int|null  $max  at most so many of them
     */
    public function kind(Settings $settings, ?int $max = null): Kind
    {
        $reach = $this->stretch->reach();
        $band = $this->each();

        return new Kind(
            $this->exists ? $this->id : '',
            $band->target->milligrams / 1000,
            $band->minus->milligrams / 1000,
            $band->plus->milligrams / 1000,
            $this->worth($settings)->minor / $this->per_plate,
            $max,
            $this->thin_mm,
            $this->thick_mm,
            $this->evenness,
            $reach->from,
            $reach->to,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'service' => ServiceClass::class,
            'losses' => 'array',
            'stretch' => Stretch::class,
            'priority' => Priority::class,
            'thin_mm' => 'float',
            'thick_mm' => 'float',
            'evenness' => 'float',
        ];
    }
}
