<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Sectum\Receive\PriceUnit;

/** Which column of a supplier's CSV says what; the kitchen keeps one for each supplier. */
final readonly class ColumnMap
{
    /** What a column may say, with words a header usually uses for it. */
    private const WORDS = [
        'name' => [
            'name',
            'article',
            'item',
            'product',
            'fish',
            'species',
            'description',
            'designation',
            'artikel',
            'bezeichnung',
        ],
        'mass' => [
            'weight',
            'net weight',
            'kg',
            'kilo',
            'kilos',
            'mass',
            'quantity kg',
            'poids',
            'gewicht',
            'quantity',
        ],
        'count' => ['count', 'pieces', 'pcs', 'number of fish', 'stk', 'stück', 'nombre'],
        'boxes' => ['boxes', 'box', 'cartons', 'cases', 'colis'],
        'price' => ['price', 'unit price', 'price/kg', 'price kg', 'price a kilo', 'prix', 'preis', 'price per kg'],
        'unit' => ['unit', 'per', 'price unit', 'unité', 'einheit'],
        'lot' => ['lot', 'batch', 'lot no', 'lot number', 'charge'],
        'area' => ['area', 'catch area', 'fao', 'zone', 'farm'],
        'gear' => ['gear', 'method', 'fishing method', 'engin'],
        'landed' => ['landed', 'landing date', 'harvested', 'harvest date', 'date', 'caught'],
        'vessel' => ['vessel', 'boat', 'bateau'],
        'production' => ['production', 'production method', 'wild or farmed'],
        'grade' => ['grade', 'size', 'calibre', 'size grade'],
    ];

    /**
     * @param  array<string, string>  $columns  what it says to the header it stands under
     * @param  Written  $written  how this supplier writes numbers and dates
     * @param  PriceUnit  $unit  what a price is for when no column says so
     */
    public function __construct(
        public array $columns,
        public Written $written = new Written(),
        public PriceUnit $unit = PriceUnit::Kilo,
    ) {
    }

    /**
     * A first guess from the headers; each header is used once.
     *
     * @param  list<string>  $headers
     * @return array<string, string>
     */
    public static function guess(array $headers): array
    {
        $columns = [];
        foreach (self::WORDS as $says => $words) {
            foreach ($headers as $header) {
                if (
                    ! in_array($header, $columns, true) &&
                    in_array(trim(mb_strtolower(preg_replace('/[._()]+/', ' ', $header) ?? '')), $words, true)
                ) {
                    $columns[$says] = $header;
                    break;
                }
            }
        }

        return $columns;
    }

    /** @return list<string> */
    public static function says(): array
    {
        return array_keys(self::WORDS);
    }
}
