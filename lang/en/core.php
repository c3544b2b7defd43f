<?php

declare(strict_types=1);

use Sectum\Receive\Freshness;

// Every sentence the core says by a code: the enum's name, then its case. Values stand where a colon names them.
return [
    'cooling-says' => [
        'unmeasured' => 'Take its temperature when it comes off the heat.',
        'warm-by' => ':limit by :by, or it is heated again or thrown away.',
        'cold-by' => ':limit by :by, or it is thrown away.',
        'meets' => 'Meets :rule. '.Freshness::CHECK,
        'failed' => 'Does not meet :rule: :limit was not measured within :hours h of :hot. '.Freshness::CHECK,
    ],
    'ends-soon' => [
        'past' => 'Past its date. The head chef weighs it into the discard.',
        'batch' => 'Make a batch today: there is enough in the bin.',
        'freeze' => 'Not enough for a batch: freeze it today, or put it into the staff meal.',
        'serve-or-cook' => 'Serve it today, or cook it: tomorrow it is not served any more.',
        'use' => 'Use it today, or put it into the staff meal.',
    ],
    'enough-says' => [
        'now' => 'Enough for a batch now.',
        'nothing-comes' => 'Nothing has come in lately: :lacks short of a batch.',
        'tomorrow' => 'Enough for a batch by tomorrow.',
        'in-days' => '{1} Enough for a batch in about :count day.|[2,*] Enough for a batch in about :count days.',
        'tomorrow-too-late' => 'Enough for a batch by tomorrow. What lies there ends before: freeze it.',
        'in-days-too-late' => '{1} Enough for a batch in about :count day. What lies there ends before: freeze it.'.
            '|[2,*] Enough for a batch in about :count days. What lies there ends before: freeze it.',
    ],
    'line-gap' => [
        'short' => 'short :mass',
        'over' => 'over :mass',
        'fish-short' => ':count fish short',
        'fish-over' => ':count fish over',
    ],
    'line-question' => [
        'too-heavy' => 'That makes :mass of :name, the invoice says :invoiced. Is that right?',
        'too-many' => 'That makes :count fish, the invoice says :invoiced. Is that right?',
    ],
    'not-in-the-bin-because' => [
        'too-much' => ':bin holds :left, not :wanted.',
        'too-much-to-eat' => ':bin holds :left that may be eaten, not :wanted.',
        'only-left' => 'Only :left of it is left.',
        'empty' => 'That is empty already: somebody took it out before you.',
        'no-such-tub' => 'That is not in the bin.',
    ],
    'plausible' => [
        'more-than-its-source' => ':shown is more than :source, :mass. Does something else lie on the scale?',
        'too-heavy' => ':shown is much for :name: :least to :most are usual. Does something else lie on the scale?',
        'too-light' => ':shown is little for :name: :least to :most are usual. Is all of it on the scale, in the right '.
            'unit?',
    ],
    'portion-stop' => [
        'wanted' => ':kind: no more than :count are wanted.',
        'short' => ':kind: :short short of one more.',
        'wider-band' => ':kind: :short short of one more; a band of −:each on each would give it.',
        'stretch' => ':kind: the next would not lie between :from and :to, where it is cut.',
        'too-thin' => ':kind: the next would be :thin at its thin end, :least is asked.',
        'too-thick' => ':kind: the next would be :thick thick, at most :most is asked.',
        'uneven' => ':kind: the next would run from :thin to :thick, too uneven.',
        'not-worth-it' => ':kind: one more is worth less than the trim it would be cut from.',
    ],
];
