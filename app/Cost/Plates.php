<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Hold\Kept\Unserved;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Psr\Clock\ClockInterface;
use Sectum\Cost\Plate;
use Sectum\Cost\WhatIf;
use Sectum\Cost\Yielded;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;

/** Every dish as a plate, the dearest first; one of them down to the fish it was cut from; and what it would be if. */
final readonly class Plates
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $lately = $this->lately($settings);
        $plates = [];
        $without = [];
        foreach (Dish::query()->whereNull('retired_at')->orderBy('name')->get() as $dish) {
            $count = $lately->portions($dish->id);
            if ($count === 0) {
                $without[] = ['dish' => $dish->id, 'name' => $dish->name];

                continue;
            }
            $plates[] = [
                ...PlateView::of($dish, Portioned::mean($lately->total($dish->id), $count), $settings, $words),
                'count' => $count,
                'mean_mass' => $words->text(Portioned::meanMass($lately->portionMass($dish->id), $count)),
            ];
        }
        usort($plates, fn (array $a, array $b): int => $b['cost_minor'] <=> $a['cost_minor']);

        return [
            'weeks' => Portioned::WEEKS,
            'plates' => $plates,
            'without' => $without,
            'said' => CostHouse::said($settings),
        ];
    }

    /** @return Answer */
    public function one(Dish $dish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $lately = $this->lately($settings, $dish)->forDish($dish->id);
        $count = $lately->portions($dish->id);
        $total = $lately->total($dish->id);

        return [
            'dish' => $dish->id,
            'name' => $dish->name,
            'weeks' => Portioned::WEEKS,
            'missing' => $count === 0
                    ? 'No portion of this dish was cut in the last '.
                        Portioned::WEEKS.
                        ' weeks, so nobody knows what it costs.'
                    : null,
            'plate' => $count === 0 ? null : PlateView::of($dish, Portioned::mean($total, $count), $settings, $words),
            'count' => $count,
            'total' => $total->print(),
            'total_minor' => $total->minor,
            'fish' => $this->fish($dish, array_reverse($lately->fish), $words),
            'unserved' => $count === 0 ? null : $this->unserved($dish, Portioned::mean($total, $count)),
            'base' => $this->base($dish, $lately, $words, $settings),
        ];
    }

    /**
     * @param  list<CostOfFish>  $costs
     * @return list<Answer>
     */
    private function fish(Dish $dish, array $costs, Words $words): array
    {
        $fish = Fish::query()->with('species')->withAggregate('supplier as supplier_name', 'name');
        $fish = $fish->findMany(array_map(fn (CostOfFish $one): string => $one->fish, $costs))->keyBy('id');
        $rows = [];
        foreach ($costs as $cost) {
            $one = $fish->get($cost->fish);
            $of = $cost->dishes[$dish->id] ?? null;
            if ($one !== null && $of !== null) {
                $rows[] = [
                    'fish' => $one->id,
                    'title' => $one->title(),
                    'supplier' => $one->supplier_name,
                    'on' => Moment::at($one->received_at)->format('D j M'),
                    'count' => $of->count,
                    'mass' => $words->text($of->mass),
                    'total' => $of->total->print(),
                    'minor' => $of->total->minor,
                ];
            }
        }

        return $rows;
    }

    /** @return Answer|null what nobody was served of what was kept, in money; null while all of it was served */
    private function unserved(Dish $dish, Money $portion): ?array
    {
        $since = $this->clock->now()->modify('-'.Portioned::WEEKS.' weeks');
        $kept = Unserved::of($dish->id, Moment::written($since));
        $cost = $portion->times($kept->unserved);

        return $kept->unserved === 0
            ? null
            : [
                'count' => $kept->unserved,
                'served' => $kept->served,
                'cost' => $cost->print(),
                'per_plate' => $kept->served === 0
                    ? null
                    : $cost->multipliedBy(BigRational::nd(1, $kept->served))->print(),
            ];
    }

    /**
     * What if the fish cost something else, gave more, or the portion were lighter.
     *
     * @return Answer
     */
    public function whatIf(Dish $dish, Fields $fields, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $lately = $this->lately($settings, $dish)->forDish($dish->id);
        $now =
            $lately->yielded() ??
            throw Fault::inField('', 'No portion of this dish was cut lately, so there is nothing to compare with.');
        $massNow = Portioned::meanMass($lately->portionMass($dish->id), $lately->portions($dish->id));
        $minor = fn (string $name, BigRational $else): BigRational => $fields->has($name)
            ? Fault::at(
                "/{$name}",
                fn (): BigRational => BigRational::of(
                    Money::parse($fields->string($name), $settings->currency)->minor,
                ),
            )
            : $else;
        $massThen = $fields->has('portion')
            ? Fault::at('/portion', fn (): Mass => Mass::parse($fields->string('portion'), $person->units))
            : $massNow;
        $yield = $fields->maybeNumber('yield_pct');
        $then = Fault::within(
            '',
            fn (): Yielded => Yielded::of(
                $minor('price_per_kg', $now->pricePerKg),
                $now->workPerKg,
                $minor('credit_per_kg', $now->creditPerKg),
                $yield === null ? $now->yieldPct : BigRational::of(BigDecimal::of((string) $yield)),
                $settings->currency,
            ),
        );
        $price = $fields->has('menu_price')
            ? Fault::at(
                '/menu_price',
                fn (): Money => Money::parse($fields->string('menu_price'), $settings->currency),
            )
            : null;
        $price?->minor !== 0 || throw Fault::inField('/menu_price', 'A menu price is more than nothing.');
        $aWeek = $fields->maybeInt('a_week') ?? self::aWeek($lately->portions($dish->id));
        $what = WhatIf::of(
            $now,
            $massNow,
            $then,
            $massThen,
            fn (Money $portion): Plate => PlateView::plate($dish, $portion, $settings, $price),
            $aWeek,
            Portioned::mean($lately->total($dish->id), $lately->portions($dish->id)),
        );
        $nowPlate = PlateView::plate($dish, $what->nowPortion, $settings);
        $side = fn (Money $portion, Plate $plate, Yielded $of): array => [
            'portion' => $portion->print(),
            'plate' => $plate->cost->print(),
            'cost_pct' => $plate->costPct === null ? null : Percent::of($plate->costPct)->print(),
            'contribution' => $plate->contribution?->print(),
            'edible_per_kg' => $of->edible()->perKg->print(),
        ];

        return [
            'now' => $side($what->nowPortion, $nowPlate, $now),
            'then' => $side($what->thenPortion, $what->then, $then),
            'saves_minor' => $what->saves->minor,
            'said' => $this->sentence($what, $massNow, $massThen, $fields, $aWeek, $settings, $words),
        ];
    }

    private function sentence(
        WhatIf $what,
        Mass $massNow,
        Mass $massThen,
        Fields $fields,
        int $aWeek,
        Settings $settings,
        Words $words,
    ): string {
        $lighter = Mass::ofMilligrams((int) (round(($massNow->milligrams - $massThen->milligrams) / 1000) * 1000));
        $changed = array_values(
            array_filter(
                [
                    $fields->has('portion') && $lighter->milligrams !== 0
                        ? $lighter->abs()->print($words->unit).($lighter->isPositive() ? ' lighter' : ' heavier')
                        : '',
                    $fields->has('price_per_kg')
                        ? 'fish at '.Money::parse($fields->string('price_per_kg'), $settings->currency)->print()
                        : '',
                    $fields->has('yield_pct')
                        ? 'a yield of '.Percent::of($fields->number('yield_pct'))->print()
                        : '',
                    $fields->has('credit_per_kg')
                        ? 'trim worth '.
                            Money::parse($fields->string('credit_per_kg'), $settings->currency)->print().
                            ' per kg of fish'
                        : '',
                ],
                fn (string $one): bool => $one !== '',
            ),
        );
        if ($changed === []) {
            return 'Move a figure and see what it does.';
        }
        $amount = fn (Money $saved): string => $settings->money(abs($saved->minor))->print();
        if ($what->saves->minor === 0) {
            return ucfirst(implode(' and ', $changed)).' makes no difference to the plate.';
        }

        return ucfirst(implode(' and ', $changed)).
            ($what->saves->minor > 0 ? ' saves ' : ' costs ').
            $amount($what->saves).
            ' a plate'.
            ($what->aYear === null || $aWeek === 0
                ? '.'
                : ', '.$amount($what->aYear)." a year at {$aWeek} a week.");
    }

    /** @return Answer|null */
    private function base(Dish $dish, Portioned $lately, Words $words, Settings $settings): ?array
    {
        $of = $lately->yielded();
        if ($of === null) {
            return null;
        }
        $mass = Portioned::meanMass($lately->portionMass($dish->id), $lately->portions($dish->id));

        return [
            ...Portioned::figures($of),
            'portion_g' => round($mass->grams(), 1),
            'portion' => $words->text($mass),
            'a_week' => self::aWeek($lately->portions($dish->id)),
            'decimals' => $settings->currency->decimals,
        ];
    }

    private static function aWeek(int $portions): int
    {
        return intdiv($portions + intdiv(Portioned::WEEKS, 2), Portioned::WEEKS);
    }

    private function lately(Settings $settings, ?Dish $dish = null): Portioned
    {
        return Portioned::lately($this->clock->now(), $settings, $dish?->id);
    }
}
