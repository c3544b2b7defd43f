<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

/** Fish to test with. */
final readonly class Trees
{
    public static function piece(
        string $id,
        ?string $parent,
        int|float|null $grams,
        ?float $expected = null,
        ?Part $part = null,
        ?Family $role = null,
    ): CutPiece {
        return new CutPiece(
            $id,
            $parent,
            $grams === null ? null : Mass::ofGrams($grams),
            Mass::ofGrams(5),
            $expected === null ? null : new Share($expected, 2),
            $part,
            $role,
        );
    }

    /** The fish of the worked figures: 4210 g, with its head, frame and two sides. */
    public static function worked(int|float|null $frame, bool $expected = false): CutTree
    {
        return new CutTree(
            [
                self::piece('fish', null, 4210),
                self::piece('head', 'fish', 650, $expected ? 16 : null),
                self::piece('frame', 'fish', $frame, $expected ? 12 : null),
                self::piece('side-a', 'fish', 1515, $expected ? 35.5 : null),
                self::piece('side-b', 'fish', 1500, $expected ? 35.5 : null),
            ],
            new Loss(),
            [new Container('half tray', Mass::ofGrams(412)), new Container('lid', Mass::ofGrams(96))],
        );
    }

    /**
     * A sound fish of two generations with the scale's own noise, from a seed.
     *
     * @return non-empty-list<CutPiece>
     */
    public static function sound(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $whole = $random->getInt(600, 8000);
        $step = fn (float $grams): float => round($grams / 5) * 5;
        $pieces = [self::piece('fish', null, $step($whole))];
        foreach (['head' => 16, 'frame' => 12, 'side-a' => 35.5, 'side-b' => 35.5] as $id => $share) {
            $mass = (($whole * ($share + $random->getInt(-100, 100) / 200)) / 100) * 0.995;
            $pieces[] = self::piece($id, 'fish', $random->getInt(0, 9) === 0 ? null : $step($mass), $share);
            if (str_starts_with($id, 'side') && $random->getInt(0, 1) === 1) {
                $pieces[] = self::piece("{$id}-skin", $id, $step(0.08 * $mass));
                $pieces[] = self::piece("{$id}-loin", $id, $step(0.915 * $mass));
            }
        }

        return $pieces;
    }
}
