<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\ExplanationKind;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\UnitTaken;
use Sectum\BreakDown\Verdict;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

final class ReconcileTest extends TestCase
{
    use TestTrait;

    public function test_weights_that_add_up_suspect_nobody(): void
    {
        $reconciled = Reconcile::of(Trees::worked(520));
        self::assertEqualsWithDelta(4209.9, $reconciled->piece('fish')?->grams, 0.05);
        self::assertEqualsWithDelta(2.48, $reconciled->piece('fish')?->sdGrams, 0.005);
        self::assertEqualsWithDelta(520.1, $reconciled->piece('frame')?->grams, 0.05);
        self::assertEqualsWithDelta(0.05, $reconciled->objective, 0.005);
        self::assertEqualsWithDelta(9.542, $reconciled->critical, 0.0005);
        self::assertSame([], $reconciled->suspects);
        self::assertSame(Verdict::Closed, $reconciled->closures[0]->verdict);
    }

    public function test_an_unweighed_part_is_worked_out_from_the_rest(): void
    {
        $frame = Reconcile::of(Trees::worked(null))->piece('frame');
        self::assertEqualsWithDelta(523.9, $frame?->grams, 0.06);
        self::assertEqualsWithDelta(17.57, $frame?->sdGrams, 0.005);
    }

    public function test_a_tray_left_under_the_frame_is_named(): void
    {
        $reconciled = Reconcile::of(Trees::worked(935, expected: true));
        self::assertEqualsWithDelta(561.777, $reconciled->objective, 0.0005);
        self::assertCount(1, $reconciled->suspects);
        $suspect = $reconciled->suspects[0];
        self::assertSame('frame', $suspect->id);
        self::assertEqualsWithDelta(411.8, $suspect->biasGrams, 0.05);
        self::assertSame(ExplanationKind::Tare, $suspect->explanations[0]->kind);
        self::assertSame('half tray', $suspect->explanations[0]->name);
        self::assertSame(Verdict::Over, $reconciled->closures[0]->verdict);
        self::assertSame('more came off than went on, by 390 g', $reconciled->closures[0]->said());
    }

    /**
     * @return array<string, array{float, ExplanationKind, float}> what stood in the record, why, and what it should
     *     have been
     */
    public static function slips(): array
    {
        return [
            'ounces taken for grams' => [520 / 28.349523125, ExplanationKind::Unit, 520],
            'kilograms taken for pounds' => [520 * 0.45359237, ExplanationKind::Unit, 520],
            'swapped digits' => [250, ExplanationKind::Digits, 520],
            'the reading of side a once more' => [1515, ExplanationKind::Twice, 0],
        ];
    }

    #[DataProvider('slips')]
    public function test_the_usual_slips_are_explained(float $frame, ExplanationKind $kind, float $meant): void
    {
        $suspect = Reconcile::of(Trees::worked($frame, expected: true))->suspects[0];
        self::assertSame('frame', $suspect->id);
        $found = array_values(
            array_filter($suspect->explanations, fn ($explanation): bool => $explanation->kind === $kind),
        );
        self::assertNotSame([], $found);
        if ($meant > 0) {
            self::assertEqualsWithDelta($meant, $found[0]->corrected?->grams(), 0.02);
        } else {
            self::assertSame('side-a', $found[0]->name);
        }
    }

    public function test_a_unit_slip_says_what_was_on_the_scale(): void
    {
        $explanation = Reconcile::of(Trees::worked(520 / 28.349523125, expected: true))->suspects[0]->explanations[0];
        self::assertEquals(new UnitTaken(MassUnit::Ounce, MassUnit::Gram), $explanation->units);
    }

    public function test_what_the_weights_do_not_say_is_not_made_up(): void
    {
        $reconciled = Reconcile::of(
            new CutTree([
                Trees::piece('fish', null, 2000),
                Trees::piece('head', 'fish', null),
                Trees::piece('rest', 'fish', null),
                Trees::piece('skin', 'rest', null),
            ]),
        );
        self::assertEqualsWithDelta(2000, $reconciled->piece('fish')?->grams, 1e-6);
        self::assertNull($reconciled->piece('head')?->grams);
        self::assertNull($reconciled->piece('rest')?->sdGrams);
        self::assertNull($reconciled->piece('skin')?->grams);
        self::assertSame(Verdict::Open, $reconciled->closures[0]->verdict);
    }

    public function test_a_fish_nobody_weighed_is_determined_by_its_parts(): void
    {
        $reconciled = Reconcile::of(
            new CutTree([
                Trees::piece('fish', null, null),
                Trees::piece('head', 'fish', 600),
                Trees::piece('body', 'fish', 1390),
            ]),
        );
        self::assertEqualsWithDelta(1990 * 1.005, $reconciled->piece('fish')?->grams, 1e-6);
        self::assertNull(Reconcile::of(new CutTree([Trees::piece('fish', null, null)]))->critical);
    }

    public function test_a_missing_part_is_short(): void
    {
        $reconciled = Reconcile::of(Trees::worked(200));
        self::assertSame(Verdict::Short, $reconciled->closures[0]->verdict);
        self::assertSame('short by 324 g', $reconciled->closures[0]->said());
    }

    public function test_the_order_of_the_pieces_changes_nothing(): void
    {
        $this->limitTo(60)
            ->forAll(new ChooseGenerator(0, 100_000))
            ->then(function (int $seed): void {
                $pieces = Trees::sound($seed);
                $shuffled = (new Randomizer(new Mt19937($seed)))->shuffleArray($pieces);
                $one = Reconcile::of(new CutTree($pieces));
                $other = Reconcile::of(new CutTree($shuffled));
                self::assertEqualsWithDelta($one->objective, $other->objective, 1e-6);
                self::assertCount(count($one->suspects), $other->suspects);
                foreach ($one->pieces as $piece) {
                    self::assertEqualsWithDelta($piece->grams, $other->piece($piece->id)?->grams, 1e-6);
                    self::assertEqualsWithDelta($piece->sdGrams, $other->piece($piece->id)?->sdGrams, 1e-6);
                }
            });
    }

    /** Leaving a reading out by its leverage must be the same as solving the fish again without it. */
    public function test_every_drop_is_what_solving_again_would_give(): void
    {
        $this->limitTo(40)
            ->forAll(new ChooseGenerator(0, 100_000))
            ->then(function (int $seed): void {
                $pieces = Trees::sound($seed);
                // A gross error that someone must be suspected of.
                $pieces[1] = Trees::piece(
                    'head',
                    'fish',
                    (0.4 + ($seed % 7) / 20) * ($pieces[0]->reading?->grams() ?? 0),
                    16,
                );
                $all = Reconcile::of(new CutTree($pieces));
                foreach ($all->suspects as $suspect) {
                    $without = array_map(
                        fn ($piece) => $piece->id === $suspect->id
                            ? Trees::piece($piece->id, $piece->parent, null, $piece->expected?->meanPct)
                            : $piece,
                        $pieces,
                    );
                    $again = Reconcile::of(new CutTree($without));
                    self::assertEqualsWithDelta(
                        $all->objective - $again->objective,
                        $suspect->drop,
                        1e-5 * max(1, $suspect->drop),
                    );
                    self::assertEqualsWithDelta($again->piece($suspect->id)?->grams, $suspect->estimateGrams, 1e-5);
                }
                self::assertNotSame([], $all->suspects, "seed {$seed}");
            });
    }

    public function test_exactness_of_a_scale_counts(): void
    {
        $loose = Reconcile::of(
            new CutTree(
                [Trees::piece('fish', null, 1000), Trees::piece('a', 'fish', 400), Trees::piece('b', 'fish', 595)],
                new Loss(1.0, 2.0),
                [new Container('lid', Mass::ofGrams(96))],
            ),
        );
        self::assertSame([], $loose->suspects);
        self::assertEqualsWithDelta(5.17, $loose->closures[0]->lossGrams, 0.2);
    }
}
