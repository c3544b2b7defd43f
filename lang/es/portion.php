<?php

declare(strict_types=1);

return [
    'shape' => [
        'long-side' => 'Lado largo',
        'short-side' => 'Lado corto y alto',
        'flat-quarter' => 'Filete de pescado plano',
        'loin' => 'Lomo',
        'tapered-tail' => 'Cola que se afina',
    ],
    'zone' => [
        'head-end' => 'Extremo de la cabeza',
        'middle' => 'Centro',
        'tail' => 'Cola',
        'belly' => 'Ventresca',
    ],
    'way' => [
        'exact' => 'Exacto',
        'fit' => 'Que quepa una más',
        'share' => 'Iguales',
    ],
];
