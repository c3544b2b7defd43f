<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

/** What the made-up kitchen buys: its fish, its suppliers, and its dishes. */
final readonly class Market
{
    /**
     * by species: state, supplier, grams, price a kilo, dish, catch area or farm, gear or method, vessel or site,
     * papers for raw service
     */
    public const FISH = [
        'Arctic char' => [
            'gutted',
            'Northwater Fish Farm',
            2100,
            '13.90',
            'Char, brown butter',
            'Northwater ponds',
            'land-based tanks',
            'Tank 4',
            'farmed feed',
        ],
        'Hake' => [
            'gutted',
            'Harbourgate Fish',
            3400,
            '9.80',
            'Hake, parsley sauce',
            '27.7.a',
            'longline',
            'Grey Petrel',
            null,
        ],
        'Zander' => [
            'gutted',
            'Lakeside Fishery',
            1850,
            '15.40',
            'Zander, barley',
            'Long Mere',
            'gill net',
            'Long Mere, east',
            null,
        ],
        'Gilthead bream' => [
            'round',
            'Harbourgate Fish',
            720,
            '11.20',
            'Bream, fennel',
            'Saltern pens',
            'sea cages',
            'Saltern pen 2',
            null,
        ],
        'Brill' => [
            'gutted',
            'Harbourgate Fish',
            2300,
            '18.60',
            'Brill, leek',
            '27.4.c',
            'beam trawl',
            'Grey Petrel',
            null,
        ],
        'John Dory' => [
            'gutted',
            'Sandhaven Day Boats',
            1500,
            '19.90',
            'John Dory, capers',
            '27.7.e',
            'handline',
            'Morning Tide',
            null,
        ],
        'Meagre' => [
            'gutted',
            'Sandhaven Day Boats',
            3900,
            '10.90',
            'Meagre, tomato',
            '27.7.e',
            'handline',
            'Morning Tide',
            null,
        ],
        'Rainbow trout' => [
            'gutted',
            'Northwater Fish Farm',
            1250,
            '8.40',
            'Trout, dill',
            'Northwater ponds',
            'land-based tanks',
            'Tank 1',
            'farmed feed',
        ],
    ];

    /** What now and then comes from another supplier, dearer, by species: supplier and price a kilo. */
    public const ELSEWHERE = [
        'Hake' => ['Sandhaven Day Boats', '10.60'],
        'Brill' => ['Sandhaven Day Boats', '18.90'],
    ];

    /** Points of the fish that stay on the frame under the second hand, and that the dearer boats' fish has more. */
    public const LEFT_BY_SECOND = 1.1;

    public const BETTER_ELSEWHERE = 0.7;

    /**
     * name, fish, target, minus, plus in grams; sides and price in cents; target cost in %; what of the fish suits it
     */
    public const DISHES = [
        ['Char, brown butter', 'Arctic char', 160, 8, 10, 190, 2450, 30, ['thin_mm' => 14]],
        ['Hake, parsley sauce', 'Hake', 180, 8, 12, 170, 2200, 28, ['thin_mm' => 16, 'priority' => 'first']],
        ['Zander, barley', 'Zander', 150, 6, 8, 210, 2600, 30, []],
        ['Bream, fennel', 'Gilthead bream', 140, 10, 12, 160, 2100, 28, []],
        ['Brill, leek', 'Brill', 150, 8, 10, 240, 2900, 32, []],
        ['Meagre, tomato', 'Meagre', 180, 8, 12, 180, 2300, 30, []],
        ['John Dory, capers', 'John Dory', 150, 6, 8, 230, 2900, 32, []],
        ['Trout, dill', 'Rainbow trout', 160, 8, 10, 150, 1900, 28, []],
        [
            'Hake in broth',
            'Hake',
            90,
            6,
            8,
            120,
            1300,
            28,
            ['stretch' => 'tail', 'thin_mm' => 10, 'priority' => 'last'],
        ],
        [
            'Char, cured, first course',
            'Arctic char',
            70,
            5,
            6,
            110,
            1250,
            28,
            ['stretch' => 'tail', 'thin_mm' => 8],
        ],
        ['Meagre, lunch', 'Meagre', 120, 6, 8, 130, 1600, 28, ['slant_deg' => 45]],
    ];

    /**
     * Fish whose sides are cut by marks since a few weeks, and how much heavier towards the head they run than the
     * starting shape says.
     */
    public const BY_MARKS = ['Hake' => 0.08, 'Arctic char' => 0.05, 'Meagre' => -0.06];

    /** Wanted tonight, by dish. */
    public const TONIGHT = ['Char, brown butter' => 3, 'Char, cured, first course' => 5, 'Meagre, tomato' => 14];

    /** The fish of one day of deliveries, in the order they come out of their boxes. */
    public const A_DAY = [
        'Hake',
        'Gilthead bream',
        'Brill',
        'Arctic char',
        'Rainbow trout',
        'Zander',
        'Meagre',
        'John Dory',
    ];

    public const TARES = ['half tray' => 412, 'lid' => 96, 'small tub' => 58];
}
