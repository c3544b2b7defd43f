<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Catalogue\Species;
use App\Catalogue\SpeciesYield;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\UnitSystem;
use Sectum\Portion\Band;
use Sectum\Portion\Serve\Loss;
use Sectum\Portion\Serve\Prep;
use Sectum\Portion\Serve\Served;
use Sectum\Portion\Serve\ServiceClass;

/** The head chef writes a dish down, or changes it. */
final readonly class StoreDish
{
    public function __invoke(string $id, Fields $fields, Person $person): Dish
    {
        $person->mustSeePrices();
        $settings = Settings::load();
        $species = $fields->maybeString('species');
        if ($species !== null && ! Species::query()->whereKey($species)->exists()) {
            throw Fault::inField('/species', 'There is no such fish in the catalogue.');
        }
        $values = [
            'species_id' => $species,
            ...self::cut($fields, $person->units),
            ...self::size($fields, $id),
            ...self::served($fields, $species),
            ...self::plate($fields, $settings->currency),
        ];
        $name = trim($fields->string('name'));
        // What the planner makes of it, so that a kind that can never suit is refused here and not at the board.
        Fault::within('', fn () => (new Dish($values))->kind($settings));

        return DB::connection()->transaction(function () use ($id, $fields, $values, $name): Dish {
            if (Dish::query()->where('name', $name)->where('id', '!=', $id)->exists()) {
                throw Fault::inField('/name', "There is already a dish called {$name}.");
            }
            $dish = Dish::query()->find($id);
            if ($dish === null) {
                return Dish::query()->create(['id' => $id, 'version' => 1, ...$values]);
            }
            $dish->fill($values);
            if (! $dish->isDirty()) {
                return $dish;
            }
            if ($fields->maybeInt('version') !== $dish->version) {
                throw Fault::conflict("{$dish->name} was changed on another screen.", [
                    'yours' => $fields->maybeInt('version'),
                    'current' => $dish->version,
                ]);
            }
            $dish->version++;
            $dish->save();

            return $dish;
        });
    }

    /**
     * @return array<string, string|int|float|bool|null> the columns of how it is cut
     */
    private static function cut(Fields $fields, UnitSystem $units): array
    {
        $mass = fn (string $name): Mass => Fault::at(
            "/{$name}",
            fn (): Mass => self::massOrNothing($fields->string($name), $units),
        );
        [$target, $minus, $plus] = [$mass('target'), $mass('minus'), $mass('plus')];
        Fault::at('/minus', fn (): Band => Band::of($target, $minus, $plus));

        return [
            'name' => trim($fields->string('name')),
            'target_mg' => $target->milligrams,
            'minus_mg' => $minus->milligrams,
            'plus_mg' => $plus->milligrams,
            'stretch' => $fields->maybeString('stretch') ?? 'anywhere',
            'fat_grades' => $fields->has('fat_grades') ? implode(' ', $fields->strings('fat_grades')) : '',
            'per_plate' => $fields->int('per_plate', 1),
            'treatment_id' => self::treatment($fields->maybeString('treatment')),
            'allergens' => $fields->has('allergens') ? implode(' ', $fields->strings('allergens')) : '',
            'slant_deg' => $fields->int('slant_deg', 90),
            'thin_mm' => $fields->maybeNumber('min_thickness_mm'),
            'thick_mm' => $fields->maybeNumber('max_thickness_mm'),
            'evenness' => $fields->maybeNumber('min_evenness'),
            'priority' => $fields->maybeString('priority') ?? 'usual',
        ];
    }

    /** What its fish stands in before it is served, of those the house has. */
    private static function treatment(?string $id): ?string
    {
        return $id === null || DB::table('treatments')->where('id', $id)->whereNull('retired_at')->exists()
            ? $id
            : throw Fault::inField('/treatment', 'The house does not have this treatment.');
    }

    /**
     * Of which dish it is another size, and which share of its orders.
     *
     * @return array{size_of: string|null, share_pct: int}
     */
    private static function size(Fields $fields, string $id): array
    {
        $of = $fields->maybeString('size_of');
        $share = $fields->int('share_pct', 0);
        if ($of === null) {
            return ['size_of' => null, 'share_pct' => 0];
        }
        $main = Dish::chosen($of, '/size_of');
        ($main->id !== $id && $main->size_of === null && Dish::query()->where('size_of', $id)->doesntExist()) ||
            throw Fault::inField('/size_of', 'A size belongs to a dish that is no size of another.');
        $others = array_sum(
            array_map(fn (Dish $size): int => $size->id === $id ? 0 : $size->share_pct, $main->sizes()),
        );
        $share + $others <= 100 ||
            throw Fault::inField('/share_pct', "The sizes of {$main->name} have more than all of its orders.");

        return ['size_of' => $main->id, 'share_pct' => $share];
    }

    /**
     * How it is served, what is done to it, and what that takes off a portion.
     *
     * @return array{service: string, preparations: string, losses: list<array{by: string, pct: float}>}
     */
    private static function served(Fields $fields, ?string $species): array
    {
        $served = Fault::within('', fn (): Served => Served::of(
            array_map(Prep::from(...), $fields->has('preparations') ? $fields->strings('preparations') : []),
            ServiceClass::from($fields->maybeString('service') ?? ServiceClass::Cooked->value),
            $species === null ? null : self::skinPct($species),
        ));

        return [
            'service' => $served->class->value,
            'preparations' => implode(' ', array_map(fn (Prep $prep): string => $prep->value, $served->preps)),
            'losses' => array_map(
                fn (Loss $loss): array => ['by' => $loss->by, 'pct' => $loss->pct],
                $served->losses,
            ),
        ];
    }

    /** The skin's share of a trimmed fillet of a kind, as it usually comes; null when the catalogue does not know. */
    private static function skinPct(string $species): ?float
    {
        $kind = Species::query()->with('yields')->find($species);
        if ($kind === null) {
            return null;
        }
        $skin = $kind->expected($kind->usual_state)[Part::Skin->value] ?? null;
        $fillets = $kind->yields->first(
            fn (SpeciesYield $yield): bool => $yield->state === $kind->usual_state && $yield->rung === Rung::Trimmed,
        );

        return $skin === null || $fillets === null || $fillets->mean_pct <= 0 || $skin->meanPct <= 0
            ? null
            : round((100 * $skin->meanPct) / $fillets->mean_pct, 1);
    }

    /**
     * @return array{sides_minor: int, surcharge_pct: string, price_minor: int|null, value_minor: int|null,
     *     target_cost_pct: string|null}
     */
    private static function plate(Fields $fields, Currency $currency): array
    {
        $money = fn (string $name): ?int => $fields->has($name)
            ? Fault::at("/{$name}", fn (): int => Money::parse($fields->string($name), $currency)->minor)
            : null;
        $price = $money('price');
        if ($price !== null && $price <= 0) {
            throw Fault::inField('/price', 'A menu price is more than nothing.');
        }

        return [
            'sides_minor' => $money('sides') ?? 0,
            'surcharge_pct' => json_encode($fields->number('surcharge_pct', 0), JSON_THROW_ON_ERROR),
            'price_minor' => $price,
            'value_minor' => $money('value'),
            'target_cost_pct' => $fields->has('target_cost_pct')
                ? json_encode($fields->number('target_cost_pct'), JSON_THROW_ON_ERROR)
                : null,
        ];
    }

    private static function massOrNothing(string $typed, UnitSystem $units): Mass
    {
        return preg_match('/^0+(\.0+)?( ?[a-z]+)?$/', trim(strtolower($typed))) === 1
            ? Mass::zero()
            : Mass::parse($typed, $units);
    }
}
