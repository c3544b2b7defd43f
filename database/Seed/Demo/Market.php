<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

/** What the made-up kitchen buys: its fish, its suppliers, and its dishes. */
final readonly class Market
{
    /** by species: state, supplier, grams, price a kilo, dish, catch area or farm, gear or method, vessel or site, papers for raw service */
    public const FISH = [
        'Arctic char' => ['gutted', 'Northwater Fish Farm', 2100, '13.90', 'Char, brown butter', 'Northwater ponds', 'land-based tanks', 'Tank 4', 'farmed feed'],
        'Hake' => ['gutted', 'Harbourgate Fish', 3400, '9.80', 'Hake, parsley sauce', '27.7.a', 'longline', 'Grey Petrel', null],
        'Zander' => ['gutted', 'Lakeside Fishery', 1850, '15.40', 'Zander, barley', 'Long Mere', 'gill net', 'Long Mere, east', null],
        'Gilthead bream' => ['round', 'Harbourgate Fish', 720, '11.20', 'Bream, fennel', 'Saltern pens', 'sea cages', 'Saltern pen 2', null],
        'Brill' => ['gutted', 'Harbourgate Fish', 2300, '18.60', 'Brill, leek', '27.4.c', 'beam trawl', 'Grey Petrel', null],
        'John Dory' => ['gutted', 'Sandhaven Day Boats', 1500, '19.90', 'John Dory, capers', '27.7.e', 'handline', 'Morning Tide', null],
        'Meagre' => ['gutted', 'Sandhaven Day Boats', 3900, '10.90', 'Meagre, tomato', '27.7.e', 'handline', 'Morning Tide', null],
        'Rainbow trout' => ['gutted', 'Northwater Fish Farm', 1250, '8.40', 'Trout, dill', 'Northwater ponds', 'land-based tanks', 'Tank 1', 'farmed feed'],
    ];

    /** name, target, minus, plus in grams; sides and price in cents; target cost in % */
    public const DISHES = [
        ['Char, brown butter', 160, 8, 10, 190, 2450, 30],
        ['Hake, parsley sauce', 180, 8, 12, 170, 2200, 28],
        ['Zander, barley', 150, 6, 8, 210, 2600, 30],
        ['Bream, fennel', 140, 10, 12, 160, 2100, 28],
        ['Brill, leek', 150, 8, 10, 240, 2900, 32],
        ['Meagre, tomato', 180, 8, 12, 180, 2300, 30],
        ['John Dory, capers', 150, 6, 8, 230, 2900, 32],
        ['Trout, dill', 160, 8, 10, 150, 1900, 28],
    ];

    /** The fish of one day of deliveries, in the order they come out of their boxes. */
    public const A_DAY = ['Hake', 'Gilthead bream', 'Brill', 'Arctic char', 'Rainbow trout', 'Zander', 'Meagre', 'John Dory'];

    public const TARES = ['half tray' => 412, 'lid' => 96, 'small tub' => 58];
}
