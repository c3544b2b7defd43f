<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/**
 * The likeliest single mistake among all readings of a fish: which reading, and what happened to it.
 *
 * Every reading is tried with every usual mistake. A mistake's likelihood is how well all else agrees without the
 * reading, times how near the corrected reading then comes to what the rest says, times how often the mistake is made.
 * How often is our estimate; only the order of magnitude matters.
 */
final readonly class Diagnosis
{
    /**
     * How often each is the cause when a reading is wrong: of one that was typed, of one off the scale (whose digits
     * and units nobody touches), and of one nobody knows of. Estimates.
     */
    private const OFTEN = [
        'typed' => ['tare' => 0.2, 'unit' => 0.2, 'digits' => 0.35, 'twice' => 0.15, 'unknown' => 0.1],
        'scale' => ['tare' => 0.64, 'unit' => 0.005, 'digits' => 0.005, 'twice' => 0.2, 'unknown' => 0.15],
        'either' => ['tare' => 0.35, 'unit' => 0.15, 'digits' => 0.2, 'twice' => 0.2, 'unknown' => 0.1],
    ];

    /** A tray is forgotten under a piece far more often than taken off twice. Estimate. */
    private const LEFT_UNDER = 0.93;

    /** How often a figure is written that this scale cannot show. Estimate. */
    private const OFF_THE_STEPS = 0.05;

    /** A reading entered twice is usually the one taken later. Estimate. */
    private const COPIED_LATER = 0.85;

    /** Changing places happens between neighbours. Estimate. */
    private const NEIGHBOURS = 0.9;

    /**
     * Of all units, grams and ounces, or kilograms and pounds, are taken for each other: the two faces of one scale.
     * Estimate.
     */
    private const SAME_SCALE = 0.8;

    /**
     * @param  Explanation|null  $explanation  null when none of the usual mistakes makes it fit better than an unknown
     *     one
     * @param  float  $logOdds  beside the next likeliest reading, natural logarithm; 0 when there is none
     */
    private function __construct(
        public string $id,
        public float $biasGrams,
        public ?Explanation $explanation,
        public float $logOdds,
    ) {
    }

    /** @param  non-empty-array<int, LeftOut>  $left  by place in the tree */
    public static function of(CutTree $tree, array $left): ?self
    {
        $most = [];
        foreach ($left as $i => $without) {
            $most[$i] = self::atMost($tree, $i, $without);
        }
        arsort($most);
        $best = [];
        foreach ($most as $i => $bound) {
            // No other mistake of any reading further down can come among the first two.
            if (isset($best[1]) && $bound < $best[1][0]) {
                break;
            }
            $reading = $tree->pieces[$i]->reading;
            if ($reading === null) {
                continue;
            }
            $scores = self::scores($tree, $i, $reading, $left[$i]);
            usort($scores, fn (Scored $a, Scored $b): int => $b->likelihood <=> $a->likelihood);
            $best[] = [
                $scores[0]->likelihood,
                new self($tree->pieces[$i]->id, $reading->grams() - $left[$i]->estimate, $scores[0]->mistake, 0.0),
            ];
            usort($best, fn (array $a, array $b): int => [$b[0], $a[1]->id] <=> [$a[0], $b[1]->id]);
        }
        if ($best === []) {
            return null;
        }
        $first = $best[0][1];

        return new self(
            $first->id,
            $first->biasGrams,
            $first->explanation,
            isset($best[1]) ? $best[0][0] - $best[1][0] : 0.0,
        );
    }

    /** No mistake of a reading is likelier than this: every share of how often counted as one. */
    private static function atMost(CutTree $tree, int $i, LeftOut $without): float
    {
        $step = $tree->pieces[$i]->resolution->grams();
        $sd = hypot($without->sd, $step / 2);

        return $without->drop / 2 + max(0.0, log($step / ($sd * sqrt(2 * M_PI)))) - log(self::OFF_THE_STEPS);
    }

    /**
     * @return non-empty-list<Scored> every mistake that may have been made
     */
    private static function scores(CutTree $tree, int $i, Mass $reading, LeftOut $without): array
    {
        $piece = $tree->pieces[$i];
        $step = $piece->resolution->grams();
        $often =
            self::OFTEN[
                match ($piece->typed) {
                    true => 'typed',
                    false => 'scale',
                    null => 'either',
                }
            ];
        $base = $without->drop / 2;
        $sd = hypot($without->sd, $step / 2);
        // The chance of just this figure on the scale, were the corrected one right.
        $figure = fn (float $corrected): float => -0.5 * (($corrected - $without->estimate) / $sd) ** 2 +
            log($step / ($sd * sqrt(2 * M_PI)));
        $anywhere = log($step / max($step, $tree->pieces[$tree->root]->reading?->grams() ?? $reading->grams()));
        // What stood on the scale is a whole number of its steps; digits change places in what was written.
        $shown = fn (Mass $mass): float => $mass->milligrams % max(1, $piece->resolution->milligrams) === 0
            ? 0.0
            : log(self::OFF_THE_STEPS);
        // A figure the scale cannot show speaks for what explains it, against all that leaves it unexplained.
        $odd = -$shown($reading);
        $scores = [new Scored($base + $anywhere + log($often['unknown']), null)];
        foreach (Explanation::tareCandidates($tree, $reading) as $candidate) {
            $which =
                ($candidate->corrected->milligrams ?? 0) < $reading->milligrams
                    ? self::LEFT_UNDER
                    : 1 - self::LEFT_UNDER;
            $scores[] = new Scored(
                $base +
                $figure($candidate->corrected?->grams() ?? 0.0) +
                log(($often['tare'] * $which) / count($tree->tares)),
                $candidate,
            );
        }
        $units = Explanation::unitCandidates($reading);
        foreach ($units as $candidate) {
            $which = $candidate->isOfOneScale() ? self::SAME_SCALE / 4 : (1 - self::SAME_SCALE) / (count($units) - 4);
            $scores[] = new Scored(
                $base + $odd + $figure($candidate->corrected?->grams() ?? 0.0) + log($often['unit'] * $which),
                $candidate,
            );
        }
        $digits = Explanation::digitCandidates($reading);
        $neighbours = count(array_filter($digits, fn (Explanation $one): bool => $one->apart === 1));
        foreach ($digits as $candidate) {
            $which =
                $candidate->apart === 1
                    ? self::NEIGHBOURS / $neighbours
                    : (1 - self::NEIGHBOURS) / (count($digits) - $neighbours);
            $scores[] = new Scored(
                $base +
                $odd +
                $shown($candidate->corrected ?? $reading) +
                $figure($candidate->corrected?->grams() ?? 0.0) +
                log($often['digits'] * $which),
                $candidate,
            );
        }
        foreach (Explanation::doubles($tree, $i, $reading) as $candidate) {
            $scores[] = new Scored(
                $base +
                log($often['twice'] * ($candidate->isLater === true ? self::COPIED_LATER : 1 - self::COPIED_LATER)),
                $candidate,
            );
        }

        return $scores;
    }
}
