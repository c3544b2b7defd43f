<?php

declare(strict_types=1);

return [
    'skill' => [
        'order' => 'Ordre des étapes',
        'bones' => 'Où sont les arêtes',
        'weight' => 'L’œil pour le poids',
        'cuts' => 'Placer les coupes',
        'fresh' => 'Est-il frais ?',
        'sheets' => 'Quel poids est faux ?',
        'bins' => 'Où cela va-t-il ?',
        'raw' => 'Peut-il se servir cru ?',
    ],
    'progress' => [
        'new' => 'nouveau',
        'practised' => 'exercé',
        'steady' => 'sûr',
        'passed' => 'acquis',
    ],
    'gate' => [
        'bones' => 'Contrôle seul les arêtes',
        'eye' => 'Ne pèse qu’une pièce sur tant',
        'many-boned' => 'Coupe seul le poisson à beaucoup d’arêtes',
    ],
    'subject' => [
        'bones' => [
            'short' => 'Rangées courtes',
            'long' => 'Rangées longues',
            'many' => 'Poisson à beaucoup d’arêtes',
        ],
        'weight' => [
            'portion' => 'Portions',
            'loin' => 'Dos',
            'side' => 'Côtés',
            'whole' => 'Poisson entier',
        ],
        'cuts' => [
            'long-side' => 'Un côté long',
            'short-side' => 'Un côté court',
            'loin' => 'Un dos',
        ],
        'fresh' => [
            'lean' => 'Poisson maigre',
            'medium' => 'Poisson mi-gras',
            'oily' => 'Poisson gras',
        ],
        'sheets' => [
            'round' => 'Fiches de poisson rond',
            'flat' => 'Fiches de poisson plat',
        ],
        'bins' => [
            'lean' => 'Poisson maigre',
            'medium' => 'Poisson mi-gras',
            'oily' => 'Poisson gras',
        ],
        'raw' => [
            'evidence' => 'Papiers et relevés',
        ],
    ],
    'size' => [
        'under-100' => 'moins de 100 g',
        '100-to-200' => '100 à 200 g',
        '200-to-500' => '200 à 500 g',
        '500-to-1500' => '500 g à 1,5 kg',
        'over-1500' => 'plus de 1,5 kg',
    ],
    'evidence' => [
        'bones' => ':found arêtes trouvées sur :bones. Il en faut au moins :asked %, vu toutes les '.
            ':every arêtes : :look',
        'not-looked' => 'pas encore vu.',
        'holds' => 'les :seen dernières le portent.',
        'not-yet' => 'les :seen dernières ne le portent pas encore.',
        'eye' => 'Neuf portions sur dix sont estimées entre :low % et +:high % près, sur :guesses '.
            'estimations ; il faut à :within % près. :bench l’ont été à la planche.',
        'eye-none' => 'Moins de 30 portions d’une même taille ont été estimées ; il faut à :within % près.',
        'many-boned' => ':beside poissons à beaucoup d’arêtes coupés à côté de quelqu’un de '.
            'signé ; il en faut :asked.',
    ],
];
