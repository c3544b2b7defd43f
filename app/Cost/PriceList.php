<?php

declare(strict_types=1);

namespace App\Cost;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Supplier;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Receive\Invoice\ReadFile;
use App\Receive\Invoice\ReadInvoice;
use Brick\Math\BigRational;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Cost\CostBand;
use Sectum\Cost\Plate;
use Sectum\Cost\Yielded;
use Sectum\Measure\MassUnit;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;
use Sectum\Receive\Invoice\Invoice;
use Sectum\Receive\Invoice\Row;
use Sectum\Receive\PriceUnit;

/**
 * A supplier's price list: read, set beside what was paid lately, and kept; and the dishes whose cost leaves its band
 * by it.
 */
final readonly class PriceList
{
    public function __construct(private ClockInterface $clock, private ReadInvoice $reader)
    {
    }

    /**
     * What the file says, and what would come of it; nothing is saved.
     *
     * @return Answer
     */
    public function preview(Fields $fields): array
    {
        return $this->shown($this->read($fields), Settings::load());
    }

    /** @return Answer the same, kept */
    public function keep(string $list, Fields $fields, Person $person): array
    {
        $settings = Settings::load();
        $file = $this->read($fields);
        $shown = $this->shown($file, $settings);
        $name = trim($fields->maybeString('supplier') ?? '');
        $name !== '' || throw Fault::inField('/supplier', 'Name the supplier.');
        DB::connection()->transaction(function () use ($list, $fields, $file, $name, $settings, $person): void {
            if (! Once::isNew($list, 'price list', $fields)) {
                return;
            }
            $supplier = Supplier::query()->firstOrCreate(['name' => $name]);
            $prices = self::prices($file, $settings);
            $prices !== [] ||
                throw Fault::inField('/file', 'No line of it names a fish of the catalogue and a price.');
            foreach ($prices as [$species, $minor, $called]) {
                SupplierPrice::query()->create([
                    'id' => (string) Str::ulid(),
                    'list_id' => $list,
                    'supplier_id' => $supplier->id,
                    'species_id' => $species->id,
                    'price_per_kg_minor' => $minor,
                    'called' => $called,
                    'listed_by' => $person->id,
                    'listed_at' => Moment::written($this->clock->now()),
                ]);
            }
        });

        return $shown;
    }

    /** @return Answer the latest price of every fish, and the dishes that leave their band by it */
    public function latest(): array
    {
        $settings = Settings::load();
        $latest = [];
        foreach (
            SupplierPrice::query()
                ->with(['supplier', 'species'])
                ->orderBy('listed_at')
                ->orderBy('id')
                ->get() as $price
        ) {
            $latest["{$price->supplier_id} {$price->species_id}"] = $price;
        }
        usort(
            $latest,
            fn (SupplierPrice $a, SupplierPrice $b): int => [$a->species->name, $a->price_per_kg_minor] <=> [
                $b->species->name,
                $b->price_per_kg_minor,
            ],
        );
        $cheapest = [];
        foreach ($latest as $price) {
            $cheapest[$price->species_id] ??= $price->price_per_kg_minor;
        }

        return [
            'prices' => array_map(
                fn (SupplierPrice $one): array => [
                    'supplier' => $one->supplier->name,
                    'fish' => $one->species->name,
                    'price' => $settings->money($one->price_per_kg_minor)->print(),
                    'on' => Moment::at($one->listed_at)->format('j M Y'),
                ],
                $latest,
            ),
            'dishes' => $this->dishes($cheapest, $settings),
            'points' => $settings->costPoints,
        ];
    }

    /**
     * A price list has columns of its own; only what the supplier calls a fish is taken from how its invoices are read.
     */
    private function read(Fields $fields): ReadFile
    {
        return ($this->reader)(
            new Fields([
                'file' => $fields->string('file'),
                'map' => $fields->has('map')
                    ? $fields->fields('map')->all()
                    : ['names' => ReadInvoice::names($fields->maybeString('supplier'))],
            ]),
        );
    }

    /** @return Answer */
    private function shown(ReadFile $file, Settings $settings): array
    {
        $lately = $this->lately($settings);
        $prices = self::prices($file, $settings);
        $rows = [];
        $now = [];
        foreach ($file->invoice->rows as $i => $row) {
            $species = $file->species[$i] ?? null;
            $minor = $prices[$i][1] ?? null;
            $was = $species === null ? null : $lately->ofSpecies($species->id)->yielded()?->pricePerKg;
            $rows[] = [
                'place' => $row->place,
                'called' => $row->name,
                'fish' => $species?->name,
                'price' => $minor === null ? null : $settings->money($minor)->print(),
                'was' => $was === null ? null : Money::round($was, $settings->currency)->print(),
                'change_pct' => $was === null || $minor === null || $was->isZero()
                        ? null
                        : round(($minor / $was->toFloat()) * 100 - 100, 1),
                'faults' => [
                    ...array_values(
                        array_filter($row->faults, fn (string $one): bool => $one !== Invoice::NO_QUANTITY),
                    ),
                    ...$species === null ? ["No fish of the catalogue is called \"{$row->name}\"."] : [],
                    ...$species !== null && $minor === null ? ['It has no price per kg or lb.'] : [],
                ],
            ];
            if ($species !== null && $minor !== null) {
                $now[$species->id] = $minor;
            }
        }

        return [
            'headers' => $file->headers,
            'columns' => (object) ($file->map->columns ?? []),
            'faults' => $file->invoice->faults,
            'rows' => $rows,
            'dishes' => $this->dishes($now, $settings, $lately),
            'points' => $settings->costPoints,
        ];
    }

    /**
     * @return array<int, array{Species, int, string}> by place in the list: fish, minor units a kilo, what the supplier
     *     calls it
     */
    private static function prices(ReadFile $file, Settings $settings): array
    {
        $prices = [];
        foreach ($file->invoice->rows as $i => $row) {
            $species = $file->species[$i] ?? null;
            $minor = $species === null ? null : self::perKg($row, $settings);
            if ($species !== null && $minor !== null) {
                $prices[$i] = [$species, $minor, $row->name];
            }
        }

        return $prices;
    }

    private static function perKg(Row $row, Settings $settings): ?int
    {
        if ($row->price === null || ! $row->price->isPositive() || $row->unit === PriceUnit::Each) {
            return null;
        }
        $price = BigRational::of($row->price)->multipliedBy(10 ** $settings->currency->decimals);

        return Money::toMinor(
            $row->unit === PriceUnit::Pound
                ? $price->multipliedBy(1000)->dividedBy(BigRational::of(MassUnit::Pound->grams()))
                : $price,
        );
    }

    /**
     * Dishes cut of fish with a new price: their cost % before and after; those that leave their band in front, then
     * the furthest out.
     *
     * @param  array<string, int>  $prices  minor units a kilo by species
     * @return list<Answer>
     */
    private function dishes(array $prices, Settings $settings, ?Portioned $lately = null): array
    {
        $lately ??= $this->lately($settings);
        $out = [];
        foreach (Dish::onTheList()->whereIn('species_id', array_keys($prices))->sortBy('name') as $dish) {
            $some = $lately->forDish($dish->id);
            $now = $some->yielded();
            if ($now === null || $dish->price_minor === null || $dish->target_cost_pct === null) {
                continue;
            }
            $mass = Portioned::meanMass($some->portionMass($dish->id), $some->portions($dish->id));
            $then = Yielded::of(
                BigRational::of($prices[$dish->species_id ?? ''] ?? 0),
                $now->workPerKg,
                $now->creditPerKg,
                $now->yieldPct,
                $settings->currency,
            );
            // What it really came to, and what the mean fish says the new price adds to that.
            $portion = Portioned::mean($some->total($dish->id), $some->portions($dish->id));
            [$before, $after] = array_map(fn (Money $one): Plate => PlateView::plate($dish, $one, $settings), [
                $portion,
                $portion->plus($then->portion($mass))->minus($now->portion($mass)),
            ]);
            [$was, $band] = array_map(
                fn (Plate $plate): CostBand => CostBand::of(
                    $plate->costPct ?? 0.0,
                    (float) $dish->target_cost_pct,
                    $settings->costPoints,
                ),
                [$before, $after],
            );
            $out[] = [
                'dish' => $dish->id,
                'name' => $dish->name,
                'was' => Percent::of($before->costPct ?? 0.0)->print(),
                'becomes' => Percent::of($after->costPct ?? 0.0)->print(),
                'target' => (float) $dish->target_cost_pct,
                'band' => $band->value,
                'leaves' => $band !== CostBand::Within && $was === CostBand::Within,
                'off' => round(($after->costPct ?? 0.0) - (float) $dish->target_cost_pct, 1),
                'price' => $settings->money($dish->price_minor)->print(),
                'suggested' => PlateView::suggested($after, $settings)?->print(),
            ];
        }
        usort($out, fn (array $a, array $b): int => [$b['leaves'], abs($b['off'])] <=> [$a['leaves'], abs($a['off'])]);

        return $out;
    }

    private function lately(Settings $settings): Portioned
    {
        return Portioned::lately($this->clock->now(), $settings);
    }
}
