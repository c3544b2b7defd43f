<?php

declare(strict_types=1);

namespace Sectum\Tests\Route\Batches;

use DateTimeImmutable;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Allergen;
use Sectum\Route\Batches\BadDraw;
use Sectum\Route\Batches\BatchDraw;
use Sectum\Route\Batches\DrawnFrom;
use Sectum\Route\Batches\DrawSays;
use Sectum\Route\Batches\Ingredient;
use Sectum\Route\Batches\Recipe;
use Sectum\Route\Batches\Standing;
use Sectum\Tests\Euro;

final class BatchDrawTest extends TestCase
{
    use TestTrait;

    private static function standing(string $id, string $until, int $made, int $drawn = 0, int $cost = 0): Standing
    {
        $taken = new Standing($id, self::on($until), $made, 0, Euro::of($cost), Euro::of(0));

        return new Standing(
            $id,
            self::on($until),
            $made,
            $drawn,
            Euro::of($cost),
            $drawn === 0 ? Euro::of(0) : $taken->costOfNext($drawn),
        );
    }

    private static function on(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-11-{$day}");
    }

    /**
     * @param  list<DrawnFrom>  $drawn
     * @return list<array{string, int, int}>
     */
    private static function told(array $drawn): array
    {
        return array_map(
            fn (DrawnFrom $one): array => [$one->batch->id, $one->milli, $one->cost->minor],
            $drawn,
        );
    }

    public function test_what_ends_first_goes_first_and_what_is_past_is_left_alone(): void
    {
        $batches = [
            self::standing('late', '30', 4000, 0, 800),
            self::standing('past', '26', 3000, 0, 300),
            self::standing('early', '28', 2000, 500, 500),
        ];
        // 1.5 L are left of the early one, for 375; 0.5 L of the late one is an eighth of 800.
        self::assertSame(
            [['early', 1500, 375], ['late', 500, 100]],
            self::told(BatchDraw::of($batches, 2000, 'L', self::on('27'))),
        );
    }

    public function test_never_below_zero_and_the_refusal_says_what_is_left(): void
    {
        $batches = [self::standing('a', '28', 1250), self::standing('b', '29', 1000, 1000)];
        self::assertCount(1, BatchDraw::of($batches, 1250, 'L', self::on('27')));
        foreach ([[1251, DrawSays::OnlyLeft], [0, DrawSays::Nothing], [-5, DrawSays::Nothing]] as [$milli, $why]) {
            try {
                BatchDraw::of($batches, $milli, 'L', self::on('27'));
                self::fail("{$milli} were drawn.");
            } catch (BadDraw $refused) {
                self::assertSame([$why, '/amount'], [$refused->said()?->code, $refused->pointer()]);
                if ($why === DrawSays::OnlyLeft) {
                    self::assertSame(['left' => '1.25 L'], $refused->said()?->values);
                }
            }
        }
        $this->expectException(BadDraw::class);
        BatchDraw::of($batches, 1, 'L', self::on('30'));
    }

    /** However a batch is drawn, its draws cost what it cost, to the minor unit. */
    public function test_all_draws_of_a_batch_add_up_to_what_it_cost(): void
    {
        $this->forAll(
            Generators::choose(1, 9000),
            Generators::choose(0, 5000),
            Generators::vector(5, Generators::choose(1, 2500)),
        )->then(function (int $made, int $cost, array $wants): void {
            $drawn = $paid = 0;
            foreach ([...$wants, $made] as $want) {
                $left = $made - $drawn;
                if ($left === 0) {
                    break;
                }
                $some = min($left, is_int($want) ? $want : 1);
                $standing = new Standing('a', self::on('28'), $made, $drawn, Euro::of($cost), Euro::of($paid));
                [$one] = BatchDraw::of([$standing], $some, 'L', self::on('27'));
                $drawn += $one->milli;
                $paid += $one->cost->minor;
            }
            self::assertSame([$made, $cost], [$drawn, $paid]);
        });
    }

    public function test_a_recipe_carries_fish_and_what_its_ingredients_and_batches_carry(): void
    {
        $recipe = Recipe::of(
            'Fish cakes',
            false,
            [
                new Ingredient('egg', 80, false, [Allergen::Eggs]),
                new Ingredient('crumb', 120, false, [Allergen::Gluten, Allergen::Eggs]),
            ],
            1.1,
            0.1,
            10,
            [],
        );
        self::assertSame([Allergen::Gluten, Allergen::Eggs, Allergen::Fish], $recipe->allergens());
        self::assertContains(Allergen::Celery, $recipe->allergens([Allergen::Celery]));
        // Celery is one of the fourteen and none of the nine.
        self::assertSame(
            [Allergen::Fish],
            Allergen::listed([Allergen::Celery, Allergen::Fish], onlyTheNine: true),
        );
        self::assertCount(9, Allergen::listed(Allergen::cases(), onlyTheNine: true));
        self::assertCount(14, Allergen::listed(Allergen::cases()));
    }
}
