<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Format\Words;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Keel;
use Sectum\BreakDown\KeelSegment;
use Sectum\BreakDown\UncutFish;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;

/** The keel of a fish, ready to be drawn: lengths in milligrams, everything to be read in words. */
final readonly class KeelView
{
    /** @return Answer */
    public static function of(Fish $fish, CutTree $tree, Words $words): array
    {
        $keel = Keel::of($tree, $words->unit);
        $whole = $tree->pieces[$tree->root]->reading ?? Mass::zero();
        $expected = $fish->species->expected($fish->state);
        $pieces = $fish->pieces->keyBy(fn (Piece $piece): string => $piece->id);

        return [
            'length_mg' => $keel->length->milligrams,
            'segments' => array_map(
                fn (KeelSegment $segment): array => self::segment(
                    $pieces->get($segment->piece) ?? $fish->whole(),
                    $segment,
                    $whole,
                    $expected,
                    $words,
                ),
                $keel->segments,
            ),
            'rest' => $keel->rest->isPositive() ? $words->mass($keel->rest) : null,
            'excess' => $keel->excess->isPositive() ? $words->mass($keel->excess) : null,
            'marks' => array_map($words->mass(...), $keel->marks),
            ...$keel->segments === [] ? self::uncut($fish, $whole, $words) : ['expected' => [], 'portions' => null],
        ];
    }

    /**
     * What a fish nobody cut yet should give.
     *
     * @return array{expected: list<Answer>, portions: string|null}
     */
    private static function uncut(Fish $fish, Mass $whole, Words $words): array
    {
        $uncut = UncutFish::of($whole, $fish->species->expected($fish->state), $fish->species->form->parts());

        return [
            'expected' => array_map(
                fn (string $part, Mass $mass): array => [
                    'part' => $part,
                    'name' => Part::from($part)->spoken(),
                    'family' => Part::from($part)->family()->value,
                    'mass' => $words->mass($mass),
                ],
                array_keys($uncut->parts),
                array_values($uncut->parts),
            ),
            'portions' => app(ExpectedPortions::class)->of($fish, $uncut->fillets()),
        ];
    }

    /**
     * @param  array<string, Share>  $expected
     * @return Answer
     */
    private static function segment(
        Piece $piece,
        KeelSegment $segment,
        Mass $whole,
        array $expected,
        Words $words,
    ): array {
        $share = $expected[$piece->part->value] ?? null;

        return [
            'piece' => $piece->id,
            'part' => $piece->part->value,
            'name' => $segment->remainder ? "Rest of {$piece->name}" : $piece->name,
            'mass' => $words->mass($segment->mass),
            'share' => Percent::share($segment->mass, $whole)?->print(),
            'expected' => $share === null || $segment->remainder
                ? null
                : Percent::of($share->meanPct)->print($share->sdPct),
            'family' => FishTree::family($piece)->value,
            'destination' => self::destination($piece),
        ];
    }

    private static function destination(Piece $piece): string
    {
        return match (true) {
            $piece->bin !== null => $piece->bin->spoken(),
            $piece->part === Part::Portion => 'On the plate',
            $piece->part->isFillet() => 'To be portioned',
            default => 'Not routed yet',
        };
    }
}
