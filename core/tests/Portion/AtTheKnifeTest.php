<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use Brick\Math\BigRational;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Portion\BadFillet;
use Sectum\Portion\Band;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\NextDish;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\PortionStop;
use Sectum\Portion\Slant;
use Sectum\Portion\Worth;
use Sectum\Tests\Euro;

final class AtTheKnifeTest extends TestCase
{
    private static function fillet(): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), 1480, 52, 34, 40, 10);
    }

    public function test_what_is_left_over_is_shared_evenly_up_to_the_band(): void
    {
        $kind = new Kind('plate', 180, 10, 12, 6.2, minMm: 9);
        $exact = PortionPlan::exact(self::fillet(), [$kind], 9.0);
        $shared = PortionPlan::evenShare(self::fillet(), [$kind], 9.0);
        self::assertSame($exact->counts, $shared->counts);
        self::assertSame(1.0, $shared->grow);
        foreach ($shared->pieces as $piece) {
            self::assertEqualsWithDelta(192, $piece->massGrams, 1e-9);
        }
        // Seven times twelve grams are on plates and no longer trim.
        self::assertEqualsWithDelta($exact->leftOverGrams - 84, $shared->leftOverGrams, 1e-9);
        self::assertEqualsWithDelta($exact->value - 0.084 * 9, $shared->value, 1e-9);
    }

    public function test_sharing_stops_where_it_would_reach_the_thin_tail_or_the_tail_cut(): void
    {
        $shared = PortionPlan::evenShare(self::fillet(), [new Kind('plate', 170, 6, 20, 6.2, minMm: 18)], 9.0);
        self::assertGreaterThan(0.0, $shared->grow);
        self::assertLessThan(1.0, $shared->grow);
        self::assertGreaterThanOrEqual(18 - 1e-6, $shared->pieces[6]->thinnestMm);
        $all = PortionPlan::evenShare(self::fillet(), [new Kind('plate', 195, 6, 40, 6.2)], 9.0);
        self::assertEqualsWithDelta(
            self::fillet()->availableGrams(),
            array_sum(array_map(fn (PlannedPiece $piece): float => $piece->massGrams, $all->pieces)),
            1e-6,
        );
        self::assertSame(0.0, PortionPlan::evenShare(self::fillet(), [new Kind('plate', 170, 6, 0, 6.2)], 9.0)->grow);
    }

    public function test_a_kind_is_cut_from_its_stretch_only(): void
    {
        $plate = new Kind('plate', 170, 6, 8, 6.2, toShare: 0.6);
        $tasting = new Kind('tasting', 70, 4, 5, 2.4, fromShare: 0.55);
        $plan = PortionPlan::exact(self::fillet(), [$plate, $tasting], 9.0);
        self::assertGreaterThan(3, $plan->counts['plate']);
        self::assertGreaterThan(1, $plan->counts['tasting']);
        foreach ($plan->pieces as $piece) {
            $middle = ($piece->fromCm + $piece->toCm) / 2;
            $piece->kind === 'plate'
                ? self::assertLessThanOrEqual(0.6 * 52 + 1e-6, $middle)
                : self::assertGreaterThanOrEqual(0.55 * 52 - 1e-6, $middle);
        }
        $alone = PortionPlan::exact(self::fillet(), [$tasting], 9.0);
        self::assertSame(['tasting' => 0], $alone->counts);
        self::assertEquals(
            [
                new Message(PortionStop::Stretch, [
                    'kind' => 'tasting',
                    'from' => Length::ofCm(29),
                    'to' => Length::ofCm(52),
                ]),
            ],
            $alone->stoppedBy,
        );
        self::assertEquals(
            [Length::ofCm(0), Length::ofCm(31)],
            array_values(array_slice(PortionPlan::exact(self::fillet(), [$plate], 9.0)->stoppedBy[0]->values, 1)),
        );
    }

    public function test_a_kind_that_can_never_suit_is_refused_with_the_reason(): void
    {
        foreach (
            [
                ['/from_share', fn () => new Kind('a', 100, 0, 0, 1, fromShare: 0.7, toShare: 0.6)],
                ['/min_thickness_mm', fn () => new Kind('a', 100, 0, 0, 1, minMm: 30, maxMm: 20)],
                ['/minus_g', fn () => new Kind('a', 100, 100, 0, 1)],
            ] as [$pointer, $make]
        ) {
            try {
                $make();
                self::fail($pointer);
            } catch (BadFillet $bad) {
                self::assertSame($pointer, $bad->pointer());
            }
        }
    }

    public function test_aiming_moves_the_weight_within_the_band(): void
    {
        $aimed = (new Kind('plate', 170, 5, 10, 6.2, max: 3, minMm: 18))->aimedAt(177.32);
        self::assertEqualsWithDelta(
            [177.32, 12.32, 2.68],
            [$aimed->targetGrams, $aimed->minusGrams, $aimed->plusGrams],
            1e-9,
        );
        self::assertSame([3, 18.0, 6.2], [$aimed->max, $aimed->minMm, $aimed->value]);
    }

    public function test_a_slanting_cut_shows_a_longer_face_of_a_thinner_piece(): void
    {
        self::assertEqualsWithDelta([30, 20], [Slant::of(90, 30, 20)->faceMm, Slant::of(90, 30, 20)->sliceMm], 1e-9);
        self::assertEqualsWithDelta([60, 10], [Slant::of(30, 30, 20)->faceMm, Slant::of(30, 30, 20)->sliceMm], 1e-9);
        // The piece weighs the same at any angle: face times slice does not change.
        foreach ([15, 40, 71.5] as $degrees) {
            self::assertEqualsWithDelta(
                600,
                Slant::of($degrees, 30, 20)->faceMm * Slant::of($degrees, 30, 20)->sliceMm,
                1e-9,
            );
        }
        $this->expectException(BadFillet::class);
        Slant::of(10, 30, 20);
    }

    public function test_a_fillet_is_guessed_from_its_mass(): void
    {
        $guess = FilletGuess::of('long-side', 1480);
        self::assertSame([52.0, 34.0], [$guess->lengthCm, $guess->thicknessMm]);
        foreach (FilletShape::names() as $name) {
            [$small, $large] = [FilletGuess::of($name, 300), FilletGuess::of($name, 2400)];
            self::assertEqualsWithDelta(2.0, $large->lengthCm / $small->lengthCm, 0.01);
            self::assertEqualsWithDelta(2.0, $large->thicknessMm / $small->thicknessMm, 0.06);
        }
        $this->expectException(BadFillet::class);
        FilletGuess::of('long-side', 0);
    }

    public function test_it_is_drawn_as_wide_as_its_mass_and_thickness_make_it(): void
    {
        $fillet = self::fillet();
        // Half as thick at the same mass is twice as wide.
        $thin = new FilletOnBoard(FilletShape::named('long-side'), 1480, 52, 17, 40, 10);
        self::assertEqualsWithDelta(2 * $fillet->widthCm(15), $thin->widthCm(15), 1e-9);
        $volume = 0.0;
        for ($cm = 0.05; $cm < 52; $cm += 0.1) {
            $volume += 0.1 * $fillet->widthCm($cm) * 3.4 * $fillet->shape->thicknessAt($cm / 52) * 0.8;
        }
        self::assertEqualsWithDelta(1480, 1.05 * $volume, 2);
    }

    public function test_a_portion_is_worth_what_the_menu_takes_less_the_rest_of_the_plate(): void
    {
        self::assertSame(2037, Worth::of(Euro::of(2450), BigRational::of(10), Euro::of(190))->minor);
        self::assertSame(0, Worth::of(Euro::of(150), BigRational::of(10), Euro::of(190))->minor);
    }

    /** @return array<string, array{float, int|null}> */
    public static function light(): array
    {
        return [
            'in the band of the lunch plate' => [138, 0],
            'in the band of the tasting plate' => [72, 1],
            'too heavy for the tasting plate, to be trimmed to it' => [100, 1],
            'too light for all' => [60, null],
        ];
    }

    #[DataProvider('light')]
    public function test_a_piece_too_light_for_its_dish_goes_to_the_next(float $grams, ?int $dish): void
    {
        $bands = [
            Band::of(Mass::ofGrams(140), Mass::ofGrams(6), Mass::ofGrams(8)),
            Band::of(Mass::ofGrams(70), Mass::ofGrams(4), Mass::ofGrams(5)),
        ];
        self::assertSame($dish, NextDish::for(Mass::ofGrams($grams), $bands));
    }
}
