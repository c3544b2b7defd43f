<?php

declare(strict_types=1);

return [
    'bad-custody-says' => [
        'out-of-order' => 'Un fait se trouve avant un autre plus tardif. Rangez-les par minute.',
        'after-asked' => 'Un fait est plus tardif que la minute demandée.',
        'wrong-way-round' => 'La sortie du froid finit avant de commencer.',
        'not-used' => 'Ce qui est épuisé n’est pas parmi ce dont on l’a fait.',
    ],
    'bad-order' => [
        'wrong-way-round' => '« :first » vient avant « :next » : :why.',
        'nothing-to-cut-from' => 'Aucune étape d’avant n’ôte :from, donc :part ne peut pas y être coupé.',
        'no-fillet' => 'Avec « :asks : :option » aucune étape n’ôte de filet.',
    ],
    'change-says' => [
        'usual' => 'Comme d’habitude.',
        'more' => 'Plus que d’habitude : trop long ou trop fort, ou plus mince que dit.',
        'less' => 'Moins que d’habitude : trop court ou trop faible, ou plus épais que dit.',
        'gained-instead' => 'Il a gagné là où il devait perdre : il n’a pas égoutté, ou l’un des '.
            'poids est faux.',
        'lost-instead' => 'Il a perdu là où il devait gagner : la saumure était trop forte, ou l’un des '.
            'poids est faux.',
    ],
    'claim-says' => [
        'not-sent' => 'Marquez d’abord la réclamation comme envoyée.',
        'unchanged' => 'Rien n’a changé depuis l’envoi.',
        'nothing-credited' => 'Tapez ce qui a été crédité sur un point au moins.',
        'more-than-they-cost' => 'C’est plus que n’a coûté le poisson de ce point, :most.',
    ],
    'cooling-says' => [
        'unmeasured' => 'Prenez sa température quand elle quitte le feu.',
        'warm-by' => ':limit avant :by, ou elle est réchauffée ou jetée.',
        'cold-by' => ':limit avant :by, ou elle est jetée.',
        'meets' => 'Remplit :rule. Vérifiez avec votre réglementation locale et votre plan de maîtrise sanitaire.',
        'failed' => 'Ne remplit pas :rule : :limit n’a pas été mesuré dans les :hours h depuis '.
            ':hot. Vérifiez avec votre réglementation locale et votre plan de maîtrise '.
            'sanitaire.',
    ],
    'draw-says' => [
        'nothing' => 'Tapez combien est pris.',
        'only-left' => 'Il n’en reste que :left à date.',
        'none-left' => 'Il n’en reste rien à date.',
    ],
    'ends-soon' => [
        'past' => 'Date passée. Le chef le pèse au rebut.',
        'batch' => 'Faites une préparation aujourd’hui : il y en a assez dans le bac.',
        'freeze' => 'Pas assez pour une préparation : congelez-le aujourd’hui, ou mettez-le au '.
            'repas du personnel.',
        'serve-or-cook' => 'Servez-le aujourd’hui, ou cuisez-le : demain il ne se sert plus.',
        'use' => 'Utilisez-le aujourd’hui, ou mettez-le au repas du personnel.',
    ],
    'enough-says' => [
        'now' => 'Assez pour une préparation maintenant.',
        'nothing-comes' => 'Rien n’est entré ces temps-ci : il manque :lacks pour une préparation.',
        'tomorrow' => 'Assez pour une préparation demain.',
        'in-days' => '{1} Assez pour une préparation dans :count jour environ.|[2,*] Assez pour une '.
            'préparation dans :count jours environ.',
        'tomorrow-too-late' => 'Assez pour une préparation demain. Ce qui est là finit avant : congelez-le.',
        'in-days-too-late' => '{1} Assez pour une préparation dans :count jour environ. Ce qui est là finit '.
            'avant : congelez-le.|[2,*] Assez pour une préparation dans :count jours environ. '.
            'Ce qui est là finit avant : congelez-le.',
    ],
    'freeze-rule' => [
        'fda-20-168h' => 'FDA Food Code 3-402.11, −20 °C pendant 168 h',
        'eu-20-24h' => 'UE 853/2004 annexe III, cœur à −20 °C pendant 24 h',
        'eu-35-15h' => 'UE 853/2004 annexe III, cœur à −35 °C pendant 15 h',
        'fda-35-15h' => 'FDA Food Code 3-402.11, congelé à −35 °C jusqu’à être dur, puis −35 '.
            '°C pendant 15 h',
        'fda-35-20-24h' => 'FDA Food Code 3-402.11, congelé à −35 °C jusqu’à être dur, puis −20 '.
            '°C pendant 24 h',
    ],
    'label-says' => [
        'raw' => 'Pour le service cru.',
        'seared' => 'Saisi dehors seulement : cru selon les règles.',
        'marinated' => 'Mariné : cru selon les règles. Cela ne remplace pas la congélation.',
        'lightly-cured' => 'Légèrement salé : cru selon les règles. Une salaison ne remplace pas la '.
            'congélation.',
        'cured' => 'Salé : cru selon les règles. Une salaison ne remplace pas la congélation.',
        'cooked' => 'Cru : cuire à cœur.',
    ],
    'lacks' => [
        'loading' => 'Dites quand le poisson est entré.',
        'core-probe' => 'Cette règle demande le cœur, et aucune sonde n’était dans le poisson.',
        'solid' => 'Le cœur n’a pas été à −20 °C.',
        'word-of-solid' => 'Dites quand il était gelé dur : aucune sonde n’était à cœur.',
        'beginning' => 'Le cœur était déjà sous zéro au début du relevé : personne ne sait quand '.
            'il a commencé à geler.',
        'cold-while-freezing' => 'L’air n’était pas à −35 °C tout le temps où il gelait, de :from à :to.',
        'too-warm' => 'Trop chaud depuis :from.',
        'silence' => 'La sonde s’est tue de :from à :to.',
        'time' => 'Froid jusqu’ici, et pas encore assez longtemps.',
    ],
    'line-gap' => [
        'short' => 'il manque :mass',
        'over' => ':mass de trop',
        'fish-short' => 'il manque :count poissons',
        'fish-over' => ':count poissons de trop',
    ],
    'line-question' => [
        'too-heavy' => 'Cela fait :mass de :name, la facture dit :invoiced. Est-ce juste ?',
        'too-many' => 'Cela fait :count poissons, la facture dit :invoiced. Est-ce juste ?',
    ],
    'not-it' => [
        'signs-missing' => 'Ce n’est peut-être pas :name. Manque : :signs.',
        'no-signs' => 'Aucun signe n’est gardé pour :name, donc aucun ne peut manquer.',
        'no-such-sign' => 'Ce n’est pas un signe de :name.',
    ],
    'not-in-the-bin-because' => [
        'too-much' => ':bin contient :left, pas :wanted.',
        'too-much-to-eat' => ':bin contient :left qui peuvent se manger, pas :wanted.',
        'only-left' => 'Il n’en reste que :left.',
        'empty' => 'C’est déjà vide : quelqu’un l’a sorti avant vous.',
        'no-such-tub' => 'Ce n’est pas dans le bac.',
    ],
    'not-kept-because' => [
        'only-left' => 'Il ne reste que :left, on en demande :count.',
        'none-left' => 'Il n’en reste aucune.',
        'past' => 'Sa date était :day : cela ne se mange plus, cela se jette seulement.',
        'still-frozen' => 'C’est encore congelé : décongelez-le d’abord.',
        'no-such-tray' => 'Il n’y a pas de telle plaque.',
        'more-than-taken' => 'Il en revient plus qu’il n’en est sorti.',
    ],
    'plausible' => [
        'more-than-its-source' => ':shown, c’est plus que :source, :mass. Y a-t-il autre chose sur la balance ?',
        'too-heavy' => ':shown, c’est beaucoup pour :name : :least à :most sont habituels. Y a-t-il '.
            'autre chose sur la balance ?',
        'too-light' => ':shown, c’est peu pour :name : :least à :most sont habituels. Tout est-il sur '.
            'la balance, dans la bonne unité ?',
    ],
    'portion-stop' => [
        'wanted' => ':kind : on n’en veut pas plus de :count.',
        'short' => ':kind : il manque :short pour une de plus.',
        'wider-band' => ':kind : il manque :short pour une de plus ; une marge de −:each sur chacune la donnerait.',
        'stretch' => ':kind : la suivante ne serait pas entre :from et :to, où elle se coupe.',
        'too-thin' => ':kind : la suivante ferait :thin à son bout mince, :least est demandé.',
        'too-thick' => ':kind : la suivante ferait :thick d’épais, :most au plus est demandé.',
        'uneven' => ':kind : la suivante irait de :thin à :thick, trop inégale.',
        'not-worth-it' => ':kind : une de plus vaut moins que la parure où elle serait prise.',
    ],
    'preparation' => [
        'blood-line-out' => 'Raclez la ligne de sang et rincez à froid.',
        'gills-and-eyes-out' => 'Branchies et yeux ôtés, sang rincé.',
        'split-and-rinsed' => 'Branchies ôtées, fendue, rincée.',
        'check-scales' => 'Personne n’a dit s’il était écaillé : frottez d’abord à rebours.',
        'scrape-and-dry' => 'Raclez-la net et séchez-la.',
        'rinse-cold' => 'Rincez à froid.',
        'gill-stubs-off' => 'Restes de branchies ôtés, rincé.',
        'gill-stubs-and-blood-off' => 'Restes de branchies ôtés, sang rincé.',
        'gall-bladder-off' => 'Vésicule ôtée, entière.',
        'roe-through-a-sieve' => 'Peau ôtée, passé au tamis.',
        'keep-sac-whole' => 'Ne coupez pas dans la poche.',
        'membrane-off' => 'Membrane ôtée.',
        'bones-out' => 'Repassez pour les arêtes.',
        'bones-out-on-ice' => 'Repassez pour les arêtes, et tout de suite sur glace.',
        'one-piece' => 'Gardez-le d’une pièce.',
    ],
    'recurrence-says' => [
        'not-read' => 'L’événement répété « :name » suit une règle qui n’est pas lue ici. '.
            'Rendez-le quotidien, hebdomadaire, mensuel ou annuel, puis exportez-le de nouveau.',
        'never' => 'L’événement répété « :name » n’arrive jamais : ses mois n’ont pas ce jour. '.
            'Changez sa règle, puis exportez-le de nouveau.',
        'too-long' => 'L’événement répété « :name » a commencé il y a trop longtemps pour être compté. '.
            'Faites-le commencer plus tard, puis exportez-le de nouveau.',
    ],
    'routing-reason' => [
        'house-way' => 'La maison fait ainsi.',
        'no-room' => 'Il n’y a pas de place maintenant.',
        'completes-batch' => 'Avec cela il y a assez pour une préparation.',
        'head-grills' => 'Fendue, elle se grille bien : joues et chair de l’épaule.',
        'flesh-on-strip' => 'Il y a de la chair sur la bande.',
        'skin-crisps' => 'La peau écaillée croustille.',
        'skin-gives-body' => 'La peau blanche donne du corps au fumet.',
        'cheeks' => 'Les joues sont une bouchée à part.',
        'clean-flesh-too' => 'De la chair nette tout de même.',
        'shoulder' => 'Le collet est la bouchée la plus riche du poisson.',
        'fresh-liver' => 'Un foie frais se garde avec les œufs.',
        'sear-or-cure' => 'Saisissez-le ou salez-le le jour même.',
        'broken-sac' => 'Les poches percées vont à la farce.',
        'sac-broken' => 'Sa poche est percée : elle ne se sert pas entière.',
        'frame-grills' => 'Une arête charnue se grille ; ce qu’on y prélève se mange.',
        'fins-grill' => 'Les nageoires charnues grillent croustillantes.',
        'whole-sac' => 'Une poche entière est prisée, une percée est de la farce.',
        'bright-dark-muscle' => 'Un muscle brun vif peut aller à la farce, un peu à la fois.',
        'fat-belly-raw' => 'Le ventre gras est bon cru.',
        'fat-belly-cured' => 'Le ventre gras prend une salaison légère.',
        'fat-belly-seared' => 'Le ventre gras se saisit bien.',
        'thin-belly' => 'Le ventre mince va à la farce.',
        'spooned-clean' => 'Prise à la cuillère sur l’arête, c’est de la chair nette : farce, '.
            'galettes, garniture.',
        'spooned-raw' => 'Prise à la cuillère sur l’arête, elle fait un tartare.',
        'raw-quality' => 'Qualité pour le cru, et le service cru lui est ouvert : tartare, rouleaux.',
        'good-piece-cured' => 'Une bonne pièce prend une salaison légère.',
        'clean-flesh' => 'Chair nette : farce, galettes, garniture.',
        'ends-make-stock' => 'Les bouts avec peau ou arête font du fumet.',
        'whole-piece-cured' => 'Une pièce entière prend une salaison légère.',
        'whole-piece-grilled' => 'Une pièce de chair entière mérite sa propre poêle.',
        'no-plate' => 'La chair qui n’a pas trouvé d’assiette est encore de la farce.',
        'date-past' => 'Sa date est passée : elle ne sort que pesée, au rebut.',
        'reef-poison' => 'Tête, foie et œufs d’un grand poisson de récif portent l’essentiel de son poison.',
        'oil-purges' => 'Son huile purge, et tout serait dedans.',
        'oily-stock' => 'Un poisson gras fait un fumet qui n’a goût que de lui.',
        'scales-on' => 'Ses écailles y sont encore.',
        'pin-bones-in-it' => 'Les arêtes sont dedans.',
        'house-discards-dark-muscle' => 'Cette maison jette le muscle brun : c’est lui qui a goût de vieux d’abord.',
        'dark-muscle-dull' => 'Il n’est plus vif : il aurait goût de vieux.',
        'liver-not-prized' => 'On ne garde que les foies des poissons connus pour cela.',
        'not-bright' => 'Il n’est plus assez vif pour le service cru.',
        'bitter-guts' => 'Viscères et branchies rendent un fumet amer.',
        'bitter-liver' => 'Le foie rend un fumet amer.',
        'cloudy-roe' => 'Les œufs troublent un fumet.',
        'old-dark-muscle' => 'Le muscle brun donne au fumet un goût de vieux.',
        'grit' => 'Cela ne donne au fumet que du sable.',
        'discard-past' => 'Date passée. Pesez-le, et dites-le.',
        'nothing-is-made' => 'On n’en fait rien dans cette cuisine. Pesé tout de même, pour que le poisson '.
            'tombe juste.',
        'weighed-all-the-same' => 'Pesé tout de même, pour que le poisson tombe juste.',
        'known-for-it' => 'Ce poisson est connu pour cela.',
        'white-bones' => 'Les arêtes blanches font un fumet clair.',
        'oily-bones' => 'Les arêtes grasses font une soupe à leur façon.',
        'own-soup' => 'Cela peut aussi aller à une soupe à sa façon.',
        'not-raw' => ':why',
        'hazard' => ':caution',
    ],
    'row-fault' => [
        'no-time' => '« :said » n’est pas une heure que comprend la carte de ce fichier.',
        'no-temperature' => '« :said » n’est pas une température.',
        'broken' => '« :said » n’est pas une température de cuisine : la sonde est cassée ou ouverte.',
        'future' => '« :said » est encore à venir : l’horloge de l’enregistreur est fausse.',
        'columns' => 'Cette ligne a trop peu de colonnes.',
    ],
    'sample-says' => [
        'more-than-there-are' => '{1} Le lot est un poisson : on ne peut pas en peser plus un à un.|[2,*] Le lot '.
            'est de :count poissons : tous ont été pesés un à un.',
    ],
    'scrape-says' => [
        'pays' => '{1} Le racler rapporte environ :brings, d’une valeur de :worth, pour :count '.
            'minute de travail, :work : cela paie.|[2,*] Le racler rapporte environ :brings, '.
            'd’une valeur de :worth, pour :count minutes de travail, :work : cela paie.',
        'does-not-pay' => '{1} Le racler rapporte environ :brings, d’une valeur de :worth, pour :count '.
            'minute de travail, :work : cela ne paie pas.|[2,*] Le racler rapporte environ '.
            ':brings, d’une valeur de :worth, pour :count minutes de travail, :work : cela '.
            'ne paie pas.',
        'pays-unpriced' => 'Le racler rapporte environ :brings et paie.',
        'does-not-pay-unpriced' => 'Le racler rapporte environ :brings et ne paie pas.',
    ],
    'set-up-says' => [
        'not-yet' => 'La planche n’est pas prête pour ce lot.',
        'missing' => 'Reste à sortir : :what.',
        'blunt' => 'Le couteau a été affûté il y a :count jours : passez-le d’abord à la pierre.',
        'bad-day' => 'Ce jour est encore à venir.',
    ],
    'short-by' => [
        'meat-on-frame' => 'Votre dernier a laissé environ :mass sur l’arête.',
        'sides-unlike' => 'Les côtés de votre dernier différaient de :mass.',
        'meat-on-skin' => 'La peau de votre dernier a pris environ :mass de chair.',
        'hack-marks' => 'Votre dernier avait des coups de lame.',
        'torn-flesh' => 'La chair de votre dernier était déchirée.',
        'broken-bones' => 'Votre dernier avait des arêtes cassées.',
        'bones-missed' => '{1} Une arête de votre dernier n’a été trouvée qu’en portionnant.|[2,*] '.
            ':count arêtes de votre dernier n’ont été trouvées qu’en portionnant.',
        'gall-burst' => 'La vésicule de votre dernier a éclaté.',
    ],
    'why-clean' => [
        'gall-burst' => 'Le fiel a touché la planche : nettoyez avant la coupe suivante.',
        'raw-next' => 'Une autre espèce était ici, et celle-ci peut se servir crue : nettoyez d’abord.',
        'between-lots' => 'Un autre lot était ici : nettoyez avant la première coupe.',
    ],
    'why-not' => [
        'off-already' => 'Il n’y était déjà plus à l’achat.',
        'has-none' => 'Ce poisson n’en a pas.',
        'goes-with-the-guts' => 'La tête se tire avec les viscères.',
        'too-heavy' => 'La tête d’un si grand poisson se coupe, elle ne se tire pas.',
        'head-carries-the-guts' => 'Les viscères tiennent à la tête.',
        'cut-goes-through-the-belly' => 'La coupe traverse le ventre.',
        'gutting-takes-it' => 'Vider emporte les œufs.',
        'belly-stays-closed' => 'Le ventre reste fermé.',
        'first-cut-starts-behind-it' => 'La première coupe commence derrière le collet.',
        'no-strip-to-take' => 'Ses nageoires n’ont pas de bande à ôter.',
        'skin-stays-on' => 'La peau reste.',
        'skin-comes-off' => 'Toute la peau s’ôte.',
        'skin-comes-off-first' => 'La peau s’ôte d’abord.',
        'skin-is-eaten' => 'La peau qui se mange s’écaille.',
        'skin-holds-the-flesh' => 'La peau tient la chair jusqu’à la coupe.',
        'no-blocks' => 'Les blocs se coupent dans les dos.',
        'leaves-with-the-ribs' => 'Le ventre reste avec les côtes.',
        'rows-tear' => 'La pince déchire les rangées entre les muscles.',
        'one-row-comes-out' => 'Une rangée seule sort entière.',
        'leaves-at-the-seam' => 'La bande part avec la jointure entre les dos.',
        'strip-splits-a-portion' => 'Une bande se coupe dans un côté, pas dans une portion.',
        'this-cut-frees-it' => 'Cette coupe libère la bande.',
    ],
    'ruling' => [
        'cooked' => 'Cuit : aucune règle du poisson cru ne s’applique',
        'frozen' => 'Le relevé remplit la règle',
        'farmed-feed' => 'Papier : aliment sans parasites vivants',
        'supplier-froze' => 'Papier : congelé par le fournisseur',
        'exempt-tuna' => 'Un thon exempté de congélation',
        'no-evidence' => 'Aucune preuve de congélation ni d’aliment',
        'too-warm' => 'Jamais assez froid',
        'too-short' => 'Froid, mais pas assez longtemps',
        'broken' => 'Le froid a été rompu',
        'no-core' => 'Pas de sonde à cœur',
    ],
];
