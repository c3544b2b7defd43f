<?php

declare(strict_types=1);

namespace Sectum\Portion\Cooking;

/**
 * Whether the pieces of a batch cook alike, and which belong together.
 *
 * Heating through takes time that goes with thickness squared, so a batch's index is (thickest/thinnest)², taken at
 * the thickest point of each piece; a piece that runs thin at one end is warned of by the same measure within itself.
 */
final readonly class EvenCooking
{
    /** Pieces cook together while the slowest takes at most so much longer than the quickest. Our estimate. */
    private const TOGETHER = 1.35;

    /** From here on a piece's thin end is dry when its thick end is done. Our estimate. */
    private const UNEVEN = 3.0;

    private const VERY_UNEVEN = 6.0;

    /**
     * @param  float|null  $index  of the batch; null without pieces
     * @param  list<CookTogether>  $groups  the slowest first
     * @param  array<string, string>  $warned  by piece: what to do about it
     */
    private function __construct(public ?float $index, public array $groups, public array $warned)
    {
    }

    /** @param  list<PieceToCook>  $pieces */
    public static function of(array $pieces): self
    {
        usort($pieces, fn (PieceToCook $a, PieceToCook $b): int => [$b->thickMm, $a->id] <=> [$a->thickMm, $b->id]);
        $groups = [];
        $together = [];
        foreach ($pieces as $piece) {
            if ($together !== [] && ($together[0]->thickMm / $piece->thickMm) ** 2 > self::TOGETHER) {
                $groups[] = self::group($together, $pieces[0]->thickMm);
                $together = [];
            }
            $together[] = $piece;
        }
        if ($together !== []) {
            $groups[] = self::group($together, $pieces[0]->thickMm);
        }
        $warned = [];
        foreach ($pieces as $piece) {
            $advice = self::advice($piece);
            if ($advice !== null) {
                $warned[$piece->id] = $advice;
            }
        }

        return new self(
            $pieces === [] ? null : ($pieces[0]->thickMm / $pieces[count($pieces) - 1]->thickMm) ** 2,
            $groups,
            $warned,
        );
    }

    private static function advice(PieceToCook $piece): ?string
    {
        $runs = 'runs from '.round($piece->thinMm).' to '.round($piece->thickMm).' mm';

        return match (true) {
            $piece->index() >= self::VERY_UNEVEN => "It {$runs}: roll it, or route it to mince.",
            $piece->index() >= self::UNEVEN => "It {$runs}: fold the thin end under.",
            default => null,
        };
    }

    /** @param  non-empty-list<PieceToCook>  $pieces  thickest first */
    private static function group(array $pieces, float $thickest): CookTogether
    {
        $last = $pieces[count($pieces) - 1];

        return new CookTogether(
            array_map(fn (PieceToCook $piece): string => $piece->id, $pieces),
            $last->thickMm,
            $pieces[0]->thickMm,
            100 * ($pieces[0]->thickMm / $thickest) ** 2,
        );
    }
}
