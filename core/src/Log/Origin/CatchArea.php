<?php

declare(strict_types=1);

namespace Sectum\Log\Origin;

/**
 * What a catch area is called: major fishing areas and the subareas of 37 as FAO names them, subareas and divisions
 * of 27 as a buyer in Europe is told (Commission Regulation 218/2009, annex). A guest reads the sea, and beside it the
 * number.
 */
final readonly class CatchArea
{
    private const NAMES = [
        '18' => 'Arctic Sea',
        '21' => 'Northwest Atlantic',
        '27' => 'Northeast Atlantic',
        '27.1' => 'Barents Sea',
        '27.2' => 'Norwegian Sea',
        '27.2.b' => 'Spitsbergen and Bear Island',
        '27.3' => 'Skagerrak, Kattegat and Baltic Sea',
        '27.3.a' => 'Skagerrak and Kattegat',
        '27.3.d' => 'Baltic Sea',
        '27.4' => 'North Sea',
        '27.5.a' => 'Iceland grounds',
        '27.5.b' => 'Faroes grounds',
        '27.6.a' => 'West of Scotland',
        '27.6.b' => 'Rockall',
        '27.7.a' => 'Irish Sea',
        '27.7.b' => 'West of Ireland',
        '27.7.c' => 'Porcupine Bank',
        '27.7.d' => 'Eastern English Channel',
        '27.7.e' => 'Western English Channel',
        '27.7.f' => 'Bristol Channel',
        '27.7.g' => 'Celtic Sea',
        '27.7.h' => 'Celtic Sea',
        '27.7.j' => 'Southwest of Ireland',
        '27.7.k' => 'Southwest of Ireland',
        '27.8' => 'Bay of Biscay',
        '27.9.a' => 'Portuguese waters',
        '27.10' => 'Azores',
        '27.14' => 'East Greenland',
        '31' => 'Western Central Atlantic',
        '34' => 'Eastern Central Atlantic',
        '37' => 'Mediterranean and Black Sea',
        '37.1' => 'Western Mediterranean',
        '37.2' => 'Central Mediterranean',
        '37.3' => 'Eastern Mediterranean',
        '37.4' => 'Black Sea',
        '41' => 'Southwest Atlantic',
        '47' => 'Southeast Atlantic',
        '48' => 'Antarctic Atlantic',
        '51' => 'Western Indian Ocean',
        '57' => 'Eastern Indian Ocean',
        '58' => 'Antarctic Indian Ocean',
        '61' => 'Northwest Pacific',
        '67' => 'Northeast Pacific',
        '71' => 'Western Central Pacific',
        '77' => 'Eastern Central Pacific',
        '81' => 'Southwest Pacific',
        '87' => 'Southeast Pacific',
        '88' => 'Antarctic Pacific',
    ];

    /** "27.7.a" → "Irish Sea (FAO 27.7.a)"; what has no name of an area, as a farm, stays as it was written. */
    public static function said(string $written): string
    {
        preg_match('/^(?:FAO\s*)?(\d\d(?:\.[0-9a-z]+)*)$/i', trim($written), $found);
        $parts = explode('.', strtolower($found[1] ?? ''));
        for ($length = count($parts); $length > 0; $length--) {
            $name = self::NAMES[implode('.', array_slice($parts, 0, $length))] ?? null;
            if ($name !== null) {
                return "{$name} (FAO ".implode('.', $parts).')';
            }
        }

        return $written;
    }
}
