<?php

declare(strict_types=1);

// What is practised, in words; the page has its own beside these.
return [
    'skill' => [
        'order' => 'Order of the steps',
        'bones' => 'Where the bones lie',
        'weight' => 'An eye for weight',
        'cuts' => 'Placing cuts',
        'fresh' => 'Is it fresh?',
        'sheets' => 'Which weight is wrong?',
        'bins' => 'Where does it go?',
        'raw' => 'May it be served raw?',
    ],
    'progress' => [
        'new' => 'new',
        'practised' => 'practised',
        'steady' => 'steady',
        'passed' => 'passed',
    ],
    'gate' => [
        'bones' => 'Checks for bones alone',
        'eye' => 'Weighs every nth piece only',
        'many-boned' => 'Cuts many-boned fish alone',
    ],
    'subject' => [
        'bones' => ['short' => 'Short rows', 'long' => 'Long rows', 'many' => 'Many-boned fish'],
        'weight' => ['portion' => 'Portions', 'loin' => 'Loins', 'side' => 'Sides', 'whole' => 'Whole fish'],
        'cuts' => ['long-side' => 'A long side', 'short-side' => 'A short side', 'loin' => 'A loin'],
        'fresh' => ['lean' => 'Lean fish', 'medium' => 'Fish of medium fat', 'oily' => 'Oily fish'],
        'sheets' => ['round' => 'Sheets of round fish', 'flat' => 'Sheets of flatfish'],
        'bins' => ['lean' => 'Lean fish', 'medium' => 'Fish of medium fat', 'oily' => 'Oily fish'],
        'raw' => ['evidence' => 'Papers and records'],
    ],
    'size' => [
        'under-100' => 'under 100 g',
        '100-to-200' => '100 to 200 g',
        '200-to-500' => '200 to 500 g',
        '500-to-1500' => '500 g to 1.5 kg',
        'over-1500' => 'over 1.5 kg',
    ],
    'evidence' => [
        'bones' => ':found of :bones bones found. At least :asked % are asked for, '.
            'looked at after every :every bones: '.
            ':look',
        'not-looked' => 'not looked at yet.',
        'holds' => 'the last :seen carry it.',
        'not-yet' => 'the last :seen do not carry it yet.',
        'eye' => 'Nine portions of ten are guessed between :low % and +:high % off, from :guesses guesses; '.
            'within :within % is asked for. :bench were guessed at the bench.',
        'eye-none' => 'Fewer than 30 portions of one size were guessed; within :within % is asked for.',
        'many-boned' => ':beside many-boned fish cut beside somebody signed for it; :asked are asked for.',
    ],
];
