<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Catalogue\Species;
use App\Kitchen\Format\Words;
use Sectum\Measure\Currency;
use Sectum\Receive\Invoice\ColumnMap;
use Sectum\Receive\Invoice\Invoice;
use Sectum\Receive\Invoice\Row;

/** A supplier's file as it was read, before anything is taken over. */
final readonly class ReadFile
{
    /**
     * @param  'csv'|'ubl'  $kind
     * @param  list<string>  $headers
     * @param  array<int, Species|null>  $species  by place in the list of rows
     */
    public function __construct(
        public string $kind,
        public array $headers,
        public ?ColumnMap $map,
        public Invoice $invoice,
        public array $species,
    ) {
    }

    /** @return list<string> what is wrong with a row */
    public function faults(int $i, Currency $currency): array
    {
        $row = $this->invoice->rows[$i];
        $faults = $row->faults;
        if (($this->species[$i] ?? null) === null && $row->name !== '') {
            $faults[] = "No fish here is called \"{$row->name}\".";
        }
        if (
            $row->price !== null &&
            $row->price->multipliedBy(10 ** $currency->decimals)->isGreaterThan(100_000_000)
        ) {
            $faults[] = 'Its price is more than a fish can cost.';
        }

        return $faults;
    }

    /** Rows that are no fish, like a deposit on boxes, may be left out; the others must be without fault. */
    public function preview(Currency $currency): object
    {
        return (object) [
            'kind' => $this->kind,
            'headers' => $this->headers,
            'columns' => (object) ($this->map->columns ?? []),
            'says' => ColumnMap::says(),
            'supplier' => $this->invoice->supplier,
            'number' => $this->invoice->number,
            'date' => $this->invoice->date?->format('Y-m-d'),
            'faults' => [
                ...$this->invoice->faults,
                ...$this->invoice->currency !== null && $this->invoice->currency !== $currency->code
                    ? ["It is in {$this->invoice->currency}, this kitchen counts in {$currency->code}."]
                    : [],
            ],
            'rows' => array_map(
                fn (Row $row, int $i): array => [
                    'place' => $row->place,
                    'name' => $row->name,
                    'species' => ($this->species[$i] ?? null)?->id,
                    'species_name' => ($this->species[$i] ?? null)?->name,
                    'mass' => $row->mass === null ? null : Words::ofReader()->text($row->mass),
                    'count' => $row->count,
                    'price' => $row->price === null ? null : "{$currency->sign()}{$row->price} {$row->unit->spoken()}",
                    'net' => $row->net === null ? null : "{$currency->sign()}{$row->net}",
                    'tax' => $row->taxPct === null ? null : "{$row->taxPct} %",
                    'trace' => implode(', ', $row->trace).
                        ($row->landed === null
                            ? ''
                            : ($row->trace === [] ? '' : ', ').$row->landed->format('j M Y')),
                    'faults' => $this->faults($i, $currency),
                ],
                $this->invoice->rows,
                array_keys($this->invoice->rows),
            ),
        ];
    }
}
