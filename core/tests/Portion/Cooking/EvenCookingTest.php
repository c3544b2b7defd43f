<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cooking;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Portion\BadFillet;
use Sectum\Portion\Cooking\CookTogether;
use Sectum\Portion\Cooking\EvenCooking;
use Sectum\Portion\Cooking\PieceToCook;

final class EvenCookingTest extends TestCase
{
    use TestTrait;

    public function test_the_index_is_the_square_of_thickest_over_thinnest(): void
    {
        $batch = EvenCooking::of([
            new PieceToCook('a', 28, 34),
            new PieceToCook('b', 20, 25),
            new PieceToCook('c', 14, 17),
        ]);
        self::assertEqualsWithDelta(4.0, $batch->index, 1e-9);
        self::assertSame(
            [['a'], ['b'], ['c']],
            array_map(fn (CookTogether $group): array => $group->pieces, $batch->groups),
        );
        self::assertEqualsWithDelta(
            [100, 100 * (25 / 34) ** 2, 25],
            array_map(fn (CookTogether $group): float => $group->timePct, $batch->groups),
            1e-9,
        );
        self::assertNull(EvenCooking::of([])->index);
    }

    public function test_a_thin_end_is_warned_of_with_what_to_do(): void
    {
        $batch = EvenCooking::of([
            new PieceToCook('even', 28, 34),
            new PieceToCook('fold', 12, 21),
            new PieceToCook('roll', 6, 15),
        ]);
        self::assertSame(
            [
                'fold' => 'It runs from 12 to 21 mm: fold the thin end under.',
                'roll' => 'It runs from 6 to 15 mm: roll it, or route it to mince.',
            ],
            $batch->warned,
        );
    }

    public function test_every_piece_is_in_one_group_and_no_group_is_too_wide(): void
    {
        $this->forAll(Generators::seq(Generators::choose(5, 60)))->then(function (array $thick): void {
            $pieces = [];
            foreach (array_values($thick) as $i => $mm) {
                self::assertIsInt($mm);
                $pieces[] = new PieceToCook("piece {$i}", $mm, $mm);
            }
            $batch = EvenCooking::of($pieces);
            self::assertSame(
                count($pieces),
                array_sum(array_map(fn (CookTogether $group): int => count($group->pieces), $batch->groups)),
            );
            $slower = 100.0;
            foreach ($batch->groups as $group) {
                self::assertLessThanOrEqual(1.35, ($group->thickMm / $group->thinMm) ** 2);
                self::assertLessThanOrEqual($slower, $group->timePct);
                $slower = $group->timePct;
            }
        });
    }

    public function test_no_thickness_is_refused(): void
    {
        $this->expectException(BadFillet::class);
        new PieceToCook('a', 0, 12);
    }
}
