<?php

declare(strict_types=1);

return [
    'skill' => [
        'order' => 'Orden de los pasos',
        'bones' => 'Dónde están las espinas',
        'weight' => 'Ojo para el peso',
        'cuts' => 'Poner los cortes',
        'fresh' => '¿Está fresco?',
        'sheets' => '¿Qué peso está mal?',
        'bins' => '¿Adónde va?',
        'raw' => '¿Se puede servir crudo?',
    ],
    'progress' => [
        'new' => 'nuevo',
        'practised' => 'practicado',
        'steady' => 'firme',
        'passed' => 'aprobado',
    ],
    'gate' => [
        'bones' => 'Revisa espinas a solas',
        'eye' => 'Pesa solo una de cada tantas piezas',
        'many-boned' => 'Corta a solas pescado de muchas espinas',
    ],
    'subject' => [
        'bones' => [
            'short' => 'Hileras cortas',
            'long' => 'Hileras largas',
            'many' => 'Pescado de muchas espinas',
        ],
        'weight' => [
            'portion' => 'Raciones',
            'loin' => 'Lomos',
            'side' => 'Lados',
            'whole' => 'Pescado entero',
        ],
        'cuts' => [
            'long-side' => 'Un lado largo',
            'short-side' => 'Un lado corto',
            'loin' => 'Un lomo',
        ],
        'fresh' => [
            'lean' => 'Pescado magro',
            'medium' => 'Pescado semigraso',
            'oily' => 'Pescado azul',
        ],
        'sheets' => [
            'round' => 'Hojas de pescado redondo',
            'flat' => 'Hojas de pescado plano',
        ],
        'bins' => [
            'lean' => 'Pescado magro',
            'medium' => 'Pescado semigraso',
            'oily' => 'Pescado azul',
        ],
        'raw' => [
            'evidence' => 'Papeles y registros',
        ],
    ],
    'size' => [
        'under-100' => 'menos de 100 g',
        '100-to-200' => 'de 100 a 200 g',
        '200-to-500' => 'de 200 a 500 g',
        '500-to-1500' => 'de 500 g a 1,5 kg',
        'over-1500' => 'más de 1,5 kg',
    ],
    'evidence' => [
        'bones' => ':found de :bones espinas encontradas. Se pide al menos el :asked %, mirado cada '.
            ':every espinas: :look',
        'not-looked' => 'aún sin mirar.',
        'holds' => 'las últimas :seen lo sostienen.',
        'not-yet' => 'las últimas :seen aún no lo sostienen.',
        'eye' => 'Nueve raciones de diez se estiman entre un :low % y un +:high % de error, de '.
            ':guesses estimaciones; se pide dentro del :within %. :bench se estimaron en la '.
            'tabla.',
        'eye-none' => 'Se estimaron menos de 30 raciones de un mismo tamaño; se pide dentro del :within %.',
        'many-boned' => ':beside pescados de muchas espinas cortados junto a alguien con firma; se piden :asked.',
    ],
];
