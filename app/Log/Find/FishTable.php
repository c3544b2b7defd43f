<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Kitchen\Csv;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use App\Kitchen\Role;
use Generator;
use Sectum\Log\Find\Named;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The fish that are sought as a table to hand over, written as it is read: however many there are. */
final readonly class FishTable
{
    private const COLUMNS = [
        'number',
        'species',
        'state',
        'count',
        'supplier',
        'lot',
        'received_on',
        'cut_on',
        'cutter',
        'method',
        'answers',
        'dishes',
        'each_g',
        'whole_g',
        'step',
        'yield_pct',
        'expected_pct',
        'edible_pct',
        'portions',
        'minutes',
        'fat_grade',
        'suspect',
    ];

    private const AT_ONCE = 2000;

    public function __construct(private FishQuery $query, private Person $person)
    {
    }

    public function download(string $format): StreamedResponse
    {
        $type = $format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json';

        return new StreamedResponse($format === 'csv' ? $this->csv(...) : $this->json(...), 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"fish.{$format}\"",
        ]);
    }

    private function csv(): void
    {
        echo Csv::rows([self::COLUMNS]);
        foreach ($this->chunks() as $rows) {
            echo Csv::rows($rows);
            flush();
        }
    }

    private function json(): void
    {
        echo '[';
        $first = true;
        foreach ($this->chunks() as $rows) {
            foreach ($rows as $row) {
                echo $first ? "\n" : ",\n", json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
                $first = false;
            }
            flush();
        }
        echo "\n]\n";
    }

    /** @return Generator<list<array<string, string|int|float|null>>> oldest first */
    private function chunks(): Generator
    {
        $last = 0;
        do {
            $rows = Row::all(
                $this->query
                    ->rows()
                    ->where('number', '>', $last)
                    ->orderBy('number')
                    ->limit(self::AT_ONCE)
                    ->selectRaw('logged_fish.*, logged_groups.at_kilo + logged_groups.slope * doublings as expected')
                    ->get(),
            );
            yield array_map($this->row(...), $rows);
            $last = $rows === [] ? 0 : (int) $rows[count($rows) - 1]->number('number');
        } while (count($rows) === self::AT_ONCE);
    }

    /** @return array<string, string|int|float|null> */
    private function row(Row $row): array
    {
        $known = $this->query->known();
        $name = fn (Named $kind, string $column): string => $known->of($kind)[$row->text($column)] ?? '';
        $maybe = fn (string $column): ?float => $row->text($column) === '' ? null : round($row->number($column), 3);

        return array_combine(self::COLUMNS, [
            (int) $row->number('number'),
            $name(Named::Species, 'species_id'),
            $row->text('state'),
            (int) $row->number('count'),
            $name(Named::Supplier, 'supplier_id'),
            $row->text('lot'),
            $row->text('received_on'),
            $row->text('cut_on'),
            $this->person->role === Role::HeadChef || $row->text('cutter_id') === $this->person->id
                ? $name(Named::Cutter, 'cutter_id')
                : '',
            $name(Named::Method, 'method'),
            trim($row->text('answers')),
            implode('; ', $known->called(Named::Dish->value, self::codes($row->text('dishes')))),
            $row->number('each_mg') / 1000,
            $row->number('whole_mg') / 1000,
            $row->text('step'),
            $maybe('yield_pct'),
            $maybe('expected'),
            $maybe('edible_pct'),
            (int) $row->number('portions'),
            $maybe('minutes'),
            $row->text('fat_grade'),
            $row->text('suspect'),
        ]);
    }

    /** @return list<string> */
    private static function codes(string $words): array
    {
        return array_values(array_filter(explode(' ', $words), fn (string $code): bool => $code !== ''));
    }
}
