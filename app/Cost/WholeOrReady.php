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

    /** @return array<string, mixed> the fish the house has figures of */
    public function all(): array
    {
        $settings = Settings::load();
        $lately = $this->lately($settings);
        $fish = [];
        foreach (
            Species::query()
                ->whereKey(
                    array_values(
                        array_unique(array_map(fn (array $one): string => $one[0]->species_id, $lately->fish)),
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
                    ...Portioned::figures($of, $settings->currency),
                    'edible_per_kg' => Money::ofMinor(
                        Money::toMinor($of->ediblePerKg()),
                        $settings->currency,
                    )->print(),
                ];
            }
        }

        return ['weeks' => Portioned::WEEKS, 'fish' => $fish, 'ready_yield_pct' => (float) $settings->readyYieldPct];
    }

    /** @return array<string, mixed> */
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
            ),
        );
        $ready = Fault::within(
            '',
            fn (): Yielded => Yielded::of(
                $minor('ready_price'),
                BigRational::zero(),
                BigRational::zero(),
                $pct('ready_yield_pct', BigRational::of($settings->readyYieldPct)),
            ),
        );
        $ready->pricePerKg->isPositive() ||
            throw Fault::inField('/ready_price', 'Ready-cut fillets cost more than nothing.');
        $cut = ReadyCut::of($whole, $ready);
        $money = fn (int $minor): string => Money::ofMinor($minor, $settings->currency)->print();

        return [
            'whole' => $money($cut->wholeMinor),
            'ready' => $money($cut->readyMinor),
            'whole_minor' => $cut->wholeMinor,
            'ready_minor' => $cut->readyMinor,
            'even_ready' => $money($cut->evenReadyMinor),
            'even_whole' => $cut->evenWholeMinor === null ? null : $money($cut->evenWholeMinor),
            'point' => $money($cut->pointMinor),
            'said' => match (true) {
                $cut->savesMinor > 0 => "Cutting {$species->name} here saves {$money(
                    $cut->savesMinor,
                )} per kg served. Bought fillets pay below {$money($cut->evenReadyMinor)} per kg.",
                $cut->savesMinor < 0 => "Ready-cut {$species->name} saves {$money(
                    -$cut->savesMinor,
                )} a served kilo.".
                    ($cut->evenWholeMinor === null
                        ? ' No price of whole fish makes up for it.'
                        : " Cutting here pays below {$money($cut->evenWholeMinor)} per kg of whole fish."),
                default => 'Both cost the same.',
            }.
                ' A point of yield is worth '.
                $money($cut->pointMinor).
                ' a served kilo.',
            'walk' => [
                ['what' => 'As purchased', 'amount' => $money(Money::toMinor($whole->pricePerKg))],
                ['what' => 'Delivery and work', 'amount' => $money(Money::toMinor($whole->workPerKg))],
                ['what' => 'Trim', 'amount' => $money(-Money::toMinor($whole->creditPerKg))],
                [
                    'what' => 'over a yield of '.Percent::of($whole->yieldPct->toFloat())->print(),
                    'amount' => $money($cut->wholeMinor),
                ],
            ],
        ];
    }

    private function lately(Settings $settings): Portioned
    {
        return Portioned::lately($this->clock->now(), $settings);
    }
}
