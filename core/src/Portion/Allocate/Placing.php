<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;
use Sectum\Portion\School;

/**
 * What was dealt out by weight, laid on the fillets themselves: a dish of the tail is cut from the tail, a thick one
 * where it is thick.
 *
 * Each fillet is planned for at most what it was dealt; what finds no place there is offered to the fillets that can
 * still give it, one after the other, whenever a fillet is worth more with it. So the counts can all be cut, nothing is
 * cut beyond what is wanted, and no fillet is worth less than it was.
 */
final readonly class Placing
{
    /**
     * @param  list<FilletOnBoard>  $fillets
     * @param  non-empty-list<Kind>  $kinds  each with an id of its own
     * @param  list<array<string, int>>  $dealt  by fillet, by kind
     * @param  array<string, int>  $wanted  by kind; no more are cut than these
     * @return list<array<string, int>> by fillet, by kind
     */
    public static function of(array $fillets, array $kinds, array $dealt, array $wanted): array
    {
        $placed = [];
        foreach ($fillets as $k => $fillet) {
            $placed[] = self::most($fillet, $kinds, $dealt[$k]);
        }
        $missing = self::missing($kinds, $placed, $wanted);
        foreach ($fillets as $k => $fillet) {
            if (array_sum($missing) === 0) {
                break;
            }
            $most = [];
            foreach ($kinds as $kind) {
                $most[$kind->id] = ($placed[$k][$kind->id] ?? 0) + $missing[$kind->id];
            }
            $with = self::most($fillet, $kinds, $most);
            if (self::value($kinds, $with) > self::value($kinds, $placed[$k]) + 1e-9) {
                $placed[$k] = $with;
                $missing = self::missing($kinds, $placed, $wanted);
            }
        }

        return $placed;
    }

    /**
     * What one fillet gives for the most worth, no more than so many of each.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<string, int>  $most  by kind
     * @return array<string, int>
     */
    public static function most(FilletOnBoard $fillet, array $kinds, array $most): array
    {
        $asked = [];
        $none = [];
        foreach ($kinds as $kind) {
            $none[$kind->id] = 0;
            if (($most[$kind->id] ?? 0) > 0) {
                $asked[] = $kind->atMost($most[$kind->id]);
            }
        }

        return $asked === [] || $fillet->availableGrams() <= 0
            ? $none
            : [...$none, ...School::Exact->plan($fillet, $asked, 0.0)->counts];
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  list<array<string, int>>  $placed
     * @param  array<string, int>  $wanted
     * @return array<string, int>
     */
    private static function missing(array $kinds, array $placed, array $wanted): array
    {
        $missing = [];
        foreach ($kinds as $kind) {
            $made = array_sum(array_map(fn (array $counts): int => $counts[$kind->id] ?? 0, $placed));
            $missing[$kind->id] = max(0, ($wanted[$kind->id] ?? 0) - $made);
        }

        return $missing;
    }

    /**
     * What so many pieces are worth.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<string, int>  $counts
     */
    public static function value(array $kinds, array $counts): float
    {
        return array_sum(array_map(fn (Kind $kind): float => $kind->value * ($counts[$kind->id] ?? 0), $kinds));
    }
}
