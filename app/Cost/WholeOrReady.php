<?php

declare(strict_types=1);

namespace App\Cost;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Settings;
use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Psr\Clock\ClockInterface;
use Sectum\Cost\ReadyCut;
use Sectum\Cost\Yielded;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;

/** Whole fish cut in the house against fillets that come ready cut, by the house's own yield, work and credits. */
final readonly class WholeOrReady
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer the fish the house has figures of */
    public function all(): array
    {
        $settings = Settings::load();
        $lately = $this->lately($settings);
        $fish = [];
        foreach (
            Species::query()
                ->whereKey(
                    array_values(
                        array_unique(array_map(fn (CostOfFish $one): string => $one->species, $lately->fish)),
                    ),
                )
                ->orderBy('name')
                ->get() as $species
        ) {
            $some = $lately->ofSpecies($species->id);
            $of = $some->yielded();
            if ($of !== null) {
                $fish[] = [
                    'species' => $species->id,
                    'name' => $species->name,
                    'count' => count($some->fish),
                    ...Portioned::figures($of),
                    'edible_per_kg' => $of->edible()->perKg->print(),
                ];
            }
        }

        return ['weeks' => Portioned::WEEKS, 'fish' => $fish, 'ready_yield_pct' => (float) $settings->readyYieldPct];
    }

    /** @return Answer */
    public function compare(Fields $fields): array
    {
        $settings = Settings::load();
        $species =
            Species::query()->find($fields->string('species')) ??
            throw Fault::inField('/species', 'There is no such fish in the catalogue.');
        $house =
            $this->lately($settings)->ofSpecies($species->id)->yielded() ??
            throw Fault::inField(
                '/species',
                "No {$species->name} was cut to portions lately, so there is no yield to go by.",
            );
        $minor = fn (string $name): BigRational => Fault::at(
            "/{$name}",
            fn (): BigRational => BigRational::of(Money::parse($fields->string($name), $settings->currency)->minor),
        );
        $pct = fn (string $name, BigRational $else): BigRational => $fields->has($name)
            ? BigRational::of(BigDecimal::of((string) $fields->number($name)))
            : $else;
        $whole = Fault::within(
            '',
            fn (): Yielded => Yielded::of(
                $fields->has('price_per_kg') ? $minor('price_per_kg') : $house->pricePerKg,
                $house->workPerKg,
                $house->creditPerKg,
                $pct('yield_pct', $house->yieldPct),
                $settings->currency,
            ),
        );
        $ready = Fault::within(
            '',
            fn (): Yielded => Yielded::of(
                $minor('ready_price'),
                BigRational::zero(),
                BigRational::zero(),
                $pct('ready_yield_pct', BigRational::of($settings->readyYieldPct)),
                $settings->currency,
            ),
        );
        $ready->pricePerKg->isPositive() ||
            throw Fault::inField('/ready_price', 'Ready-cut fillets cost more than nothing.');
        $cut = ReadyCut::of($whole, $ready);
        $money = fn (BigRational $minor): Money => Money::round($minor, $settings->currency);

        return [
            'whole' => $cut->whole->print(),
            'ready' => $cut->ready->print(),
            'whole_minor' => $cut->whole->minor,
            'ready_minor' => $cut->ready->minor,
            'even_ready' => $cut->evenReady->perKg->print(),
            'even_whole' => $cut->evenWhole?->perKg->print(),
            'point' => $cut->point->print(),
            'said' => match (true) {
                $cut->saves->minor > 0 => "Cutting {$species->name} here saves {$cut->saves->print()} per kg served. ".
                    "Bought fillets pay below {$cut->evenReady->perKg->print()} per kg.",
                $cut->saves->minor < 0 => "Ready-cut {$species->name} saves ".
                    "{$cut->saves->times(-1)->print()} a served kilo.".
                    ($cut->evenWhole === null
                        ? ' No price of whole fish makes up for it.'
                        : " Cutting here pays below {$cut->evenWhole->perKg->print()} per kg of whole fish."),
                default => 'Both cost the same.',
            }.
                ' A point of yield is worth '.
                $cut->point->print().
                ' a served kilo.',
            'walk' => [
                ['what' => 'As purchased', 'amount' => $money($whole->pricePerKg)->print()],
                ['what' => 'Delivery and work', 'amount' => $money($whole->workPerKg)->print()],
                ['what' => 'Trim', 'amount' => $money($whole->creditPerKg)->times(-1)->print()],
                [
                    'what' => 'over a yield of '.Percent::of($whole->yieldPct->toFloat())->print(),
                    'amount' => $cut->whole->print(),
                ],
            ],
        ];
    }

    private function lately(Settings $settings): Portioned
    {
        return Portioned::lately($this->clock->now(), $settings);
    }
}
