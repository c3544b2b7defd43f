<?php

declare(strict_types=1);

// What the log says by itself, on paper and on the page: a week's sentences, each with what to try.
$step = fn (string $what, string $try): array => ['what' => $what, 'try' => $try];

return [
    'walk' => [
        'process' => 'Process loss',
        'guts' => 'Guts and gills',
        'bones' => 'Head and bones',
        'skin' => 'Skin',
        'frame-left' => 'Left on the frame',
        'otherwise' => 'Eaten otherwise',
        'tidy' => 'Trim',
        'ends' => 'Ends',
        'to-portion' => 'Still to portion',
        'left-over' => 'Not portioned',
        'over' => 'Over target',
        'unserved' => 'Not served',
        'discarded' => 'Thrown away',
        'kept' => 'Kept',
        'plates' => 'On plates',
    ],
    'try' => 'Try: :what',
    'walk-key' => 'Dark: portions, kept, still to portion. Grey: flesh that became none. '.
        'Lined: head, bones, skin. White: lost.',
    'complaint' => ['bone' => 'Bone', 'illness' => 'Illness', 'quality' => 'Quality'],
    'complaint-step' => [
        'held' => 'trays held back',
        'released' => 'trays let go',
        'answered' => 'answered',
        'noted' => 'noted',
        'closed' => 'closed',
    ],
    'week' => [
        'step' => [
            'process' => $step(
                ':mass was lost on the board or never weighed; :best at best. Worth :worth.',
                'Weigh the parts as they come off, and keep the fish cold until they do.',
            ),
            'frame-left' => $step(
                ':mass of meat stayed on the frames; :best at best. Worth :worth.',
                'Lay the blade flat on the bone, and scrape what still shows through.',
            ),
            'tidy' => $step(
                'Trimming took :mass; :best at best. Worth :worth.',
                'Trim only what the dish asks for, and look at one board of trim before it is sent.',
            ),
            'ends' => $step(
                'Ends took :mass; :best at best. Worth :worth.',
                'Square off less, and plan the tails for a dish of their own.',
            ),
            'left-over' => $step(
                ':mass of fillet was never portioned; :best at best. Worth :worth.',
                'Plan the sides before the first cut, and give the rest a dish.',
            ),
            'over' => $step(
                'Portions gave away :mass above their weight; :best at best. Worth :worth.',
                'Look at the scatter of each hand on Portion, and let the planner set the marks.',
            ),
            'unserved' => $step(
                ':mass of portions was cut and not served; :best at best. Worth :worth.',
                'Cut later, or fewer: Plan says how many a night takes.',
            ),
        ],
        'drift' => [
            'cutter-up' => $step(
                ':name gives more than before, since :since.',
                'Ask what changed, and show it the others.',
            ),
            'cutter-down' => $step(
                ':name gives less than before, since :since.',
                'Cut one fish together, and look at the knife first.',
            ),
            'species-up' => $step(':name gives more than before, since :since.', 'Order by the new yield.'),
            'species-down' => $step(
                ':name gives less than before, since :since.',
                'Look at its fat and its size, and at who cuts it.',
            ),
            'supplier-up' => $step(
                'Fish from :name gives more than before, since :since.',
                'Buy there while it lasts.',
            ),
            'supplier-down' => $step(
                'Fish from :name gives less than before, since :since.',
                'Weigh and grade the next delivery in full, and speak with them.',
            ),
            'scale-up' => $step(
                'The weights leave more unexplained than before, since :since.',
                'Check the scale with a known weight.',
            ),
            'scale-down' => $step(
                'The parts weigh more against the whole than before, since :since.',
                'Check the scale with a known weight, and the trays.',
            ),
        ],
        'best' => [
            'cutter' => $step(
                'All fish cut as :name cuts them would bring :year a year.',
                'Let :name cut one fish a day beside each of the others.',
            ),
            'supplier' => $step(
                'All fish as :name sends them would bring :year a year in yield alone.',
                'Look at what an edible kilo costs there before you move an order.',
            ),
            'method' => $step(
                'All fish cut as “:name” would bring :year a year.',
                'Try it on the next five of each kind.',
            ),
            'answer' => $step(
                'All fish cut with “:name” would bring :year a year.',
                'Try it on the next five of each kind.',
            ),
        ],
        'short' => $step(
            '{1} :supplier invoiced :mass that never came, in one line. Worth :worth.|'.
                '[2,*] :supplier invoiced :mass that never came, in :lines lines. Worth :worth.',
            'Send the claim, and weigh every box of theirs this week.',
        ),
        'thrown-away' => $step(
            ':mass was thrown away. Worth :worth.',
            'Look at what ends today each morning, and freeze or cook it by noon.',
        ),
    ],
];
