<?php

declare(strict_types=1);

// What shapes of a fillet and ways to cut one are called, by their codes.
return [
    'shape' => [
        'long-side' => 'Long side',
        'short-side' => 'Short, deep side',
        'flat-quarter' => 'Flat-fish fillet',
        'loin' => 'Loin',
        'tapered-tail' => 'Tapering tail',
    ],
    'zone' => [
        'head-end' => 'Head end',
        'middle' => 'Middle',
        'tail' => 'Tail',
        'belly' => 'Belly',
    ],
    'way' => [
        'exact' => 'Exact',
        'fit' => 'Fit one more',
        'share' => 'Equal',
    ],
];
