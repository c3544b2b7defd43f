<?php

declare(strict_types=1);

return [
    'shape' => [
        'long-side' => 'Côté long',
        'short-side' => 'Côté court et haut',
        'flat-quarter' => 'Filet de poisson plat',
        'loin' => 'Dos',
        'tapered-tail' => 'Queue effilée',
    ],
    'zone' => [
        'head-end' => 'Bout de tête',
        'middle' => 'Milieu',
        'tail' => 'Queue',
        'belly' => 'Ventre',
    ],
    'way' => [
        'exact' => 'Exact',
        'fit' => 'En faire tenir une de plus',
        'share' => 'Égales',
    ],
];
