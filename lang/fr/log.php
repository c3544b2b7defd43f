<?php

declare(strict_types=1);

return [
    'walk' => [
        'process' => 'Perte',
        'guts' => 'Viscères et branchies',
        'bones' => 'Tête et arêtes',
        'skin' => 'Peau',
        'frame-left' => 'Resté sur l’arête',
        'otherwise' => 'Mangé autrement',
        'tidy' => 'Parure',
        'ends' => 'Bouts',
        'to-portion' => 'Reste à portionner',
        'left-over' => 'Pas portionné',
        'over' => 'Au-delà de la cible',
        'unserved' => 'Pas servi',
        'discarded' => 'Jeté',
        'kept' => 'Gardé',
        'plates' => 'Dans les assiettes',
    ],
    'try' => 'Essayez : :what',
    'walk-key' => 'Foncé : portions, gardé, à portionner. Gris : chair qui n’en est pas devenue. '.
        'Rayé : tête, arêtes, peau. Blanc : perdu.',
    'complaint' => [
        'bone' => 'Arête',
        'illness' => 'Maladie',
        'quality' => 'Qualité',
    ],
    'complaint-step' => [
        'held' => 'plaques retenues',
        'released' => 'plaques relâchées',
        'answered' => 'répondu',
        'noted' => 'noté',
        'closed' => 'close',
    ],
    'week' => [
        'step' => [
            'process' => [
                'what' => ':mass se sont perdus sur la planche ou n’ont pas été pesés ; :best '.
                    'au mieux. Valeur : :worth.',
                'try' => 'Pesez les parties dès qu’elles viennent, et gardez le poisson au froid jusque-là.',
            ],
            'frame-left' => [
                'what' => ':mass de chair sont restés sur les arêtes ; :best au mieux. Valeur : :worth.',
                'try' => 'Posez la lame à plat sur l’arête, et raclez ce qui se voit encore.',
            ],
            'tidy' => [
                'what' => 'Le parage a pris :mass ; :best au mieux. Valeur : :worth.',
                'try' => 'Ne parez que ce que demande le plat, et regardez une planche de parures '.
                    'avant de l’envoyer.',
            ],
            'ends' => [
                'what' => 'Les bouts ont pris :mass ; :best au mieux. Valeur : :worth.',
                'try' => 'Équarrissez moins, et prévoyez les queues pour un plat à elles.',
            ],
            'left-over' => [
                'what' => ':mass de filet n’ont jamais été portionnés ; :best au mieux. Valeur : :worth.',
                'try' => 'Prévoyez les côtés avant la première coupe, et donnez un plat au reste.',
            ],
            'over' => [
                'what' => 'Les portions ont donné :mass au-delà de leur poids ; :best au mieux. Valeur : :worth.',
                'try' => 'Voyez la dispersion de chaque main sous Portionner, et laissez le plan poser les repères.',
            ],
            'unserved' => [
                'what' => ':mass de portions ont été coupés et pas servis ; :best au mieux. Valeur : :worth.',
                'try' => 'Coupez plus tard, ou moins : Plan dit combien un soir en prend.',
            ],
        ],
        'drift' => [
            'cutter-up' => [
                'what' => ':name donne plus qu’avant, depuis :since.',
                'try' => 'Demandez ce qui a changé, et montrez-le aux autres.',
            ],
            'cutter-down' => [
                'what' => ':name donne moins qu’avant, depuis :since.',
                'try' => 'Coupez un poisson ensemble, et regardez d’abord le couteau.',
            ],
            'species-up' => [
                'what' => ':name donne plus qu’avant, depuis :since.',
                'try' => 'Commandez d’après le nouveau rendement.',
            ],
            'species-down' => [
                'what' => ':name donne moins qu’avant, depuis :since.',
                'try' => 'Voyez son gras et sa taille, et qui le coupe.',
            ],
            'supplier-up' => [
                'what' => 'Le poisson de :name donne plus qu’avant, depuis :since.',
                'try' => 'Achetez-y tant que cela dure.',
            ],
            'supplier-down' => [
                'what' => 'Le poisson de :name donne moins qu’avant, depuis :since.',
                'try' => 'Pesez et notez en entier la prochaine livraison, et parlez-leur.',
            ],
            'scale-up' => [
                'what' => 'Les poids laissent plus d’inexpliqué qu’avant, depuis :since.',
                'try' => 'Contrôlez la balance avec un poids connu.',
            ],
            'scale-down' => [
                'what' => 'Les parties pèsent plus face à l’entier qu’avant, depuis :since.',
                'try' => 'Contrôlez la balance avec un poids connu, et les plaques.',
            ],
        ],
        'best' => [
            'cutter' => [
                'what' => 'Couper tous les poissons comme :name rapporterait :year par an.',
                'try' => 'Que :name coupe un poisson par jour à côté de chacun des autres.',
            ],
            'supplier' => [
                'what' => 'Tous les poissons comme les livre :name rapporteraient :year par an rien qu’en rendement.',
                'try' => 'Voyez ce qu’y coûte un kilo comestible avant de déplacer une commande.',
            ],
            'method' => [
                'what' => 'Tous les poissons coupés comme « :name » rapporteraient :year par an.',
                'try' => 'Essayez sur les cinq prochains de chaque espèce.',
            ],
            'answer' => [
                'what' => 'Tous les poissons coupés avec « :name » rapporteraient :year par an.',
                'try' => 'Essayez sur les cinq prochains de chaque espèce.',
            ],
        ],
        'short' => [
            'what' => '{1} :supplier a facturé :mass qui ne sont jamais venus, en une ligne. Valeur '.
                ': :worth.|[2,*] :supplier a facturé :mass qui ne sont jamais venus, en '.
                ':lines lignes. Valeur : :worth.',
            'try' => 'Envoyez la réclamation, et pesez cette semaine chacune de leurs caisses.',
        ],
        'thrown-away' => [
            'what' => ':mass ont été jetés. Valeur : :worth.',
            'try' => 'Regardez chaque matin ce qui finit ce jour, et congelez-le ou cuisez-le avant midi.',
        ],
    ],
];
