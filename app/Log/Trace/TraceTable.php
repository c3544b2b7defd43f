<?php

declare(strict_types=1);

namespace App\Log\Trace;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Csv;
use Sectum\Log\Place;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/** One step back and one step forward, a row for each piece. */
final readonly class TraceTable
{
    private const COLUMNS = [
        'fish_number',
        'count',
        'species',
        'scientific',
        'supplier',
        'delivery',
        'delivered_on',
        'lot',
        'gtin',
        'area',
        'gear',
        'vessel',
        'production',
        'landed_on',
        'harvested_on',
        'received_at',
        'received_by',
        'whole_g',
        'piece',
        'piece_g',
        'where_now',
    ];

    public function __construct(private FoundPlaces $places)
    {
    }

    /** @return list<array<string, string|int|null>> */
    public function rows(Recalled $recalled): array
    {
        $rows = [];
        foreach ($recalled->fish as $fish) {
            foreach ($this->places->of($fish) as [$piece, $place]) {
                $rows[] = self::row($fish, $piece, $place);
            }
        }

        return $rows;
    }

    public function csv(Recalled $recalled): string
    {
        return Csv::of(self::COLUMNS, $this->rows($recalled));
    }

    /** @return array<string, string|int|null> */
    private static function row(Fish $fish, ?Piece $piece, Place $place): array
    {
        $line = $fish->line;

        return array_combine(self::COLUMNS, [
            $fish->number,
            $fish->count,
            $fish->species->name,
            $fish->species->scientific,
            $fish->supplier_name,
            $line?->delivery->number,
            $line?->delivery->delivered_on,
            $line?->lot,
            $line?->gtin,
            $line?->area,
            $line?->gear,
            $line?->vessel,
            $line?->production,
            $line?->landed_on,
            $line?->harvested_on,
            $fish->received_at,
            $fish->receiver->name,
            self::grams($fish->mass()),
            $piece->name ?? 'Whole fish',
            self::grams($place->mass),
            $place->name,
        ]);
    }

    /** With no digit lost and none too many. */
    private static function grams(Mass $mass): string
    {
        return (string) strtok($mass->brief(MassUnit::Gram), ' ');
    }
}
