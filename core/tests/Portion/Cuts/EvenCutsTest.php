<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cuts;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\BoardWeight;
use Sectum\Portion\Cuts\EvenCuts;
use Sectum\Portion\Cuts\Slices;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\PlannedPiece;

final class EvenCutsTest extends TestCase
{
    use TestTrait;

    private static function fillet(): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), 1480, 52, 34, 40, 10);
    }

    /** @return list<float> */
    private static function masses(EvenCuts $cuts): array
    {
        return array_map(fn (PlannedPiece $piece): float => round($piece->massGrams, 2), $cuts->pieces);
    }

    public function test_eight_pieces_of_one_mass_lie_where_the_handbook_says(): void
    {
        $cuts = EvenCuts::ofCount(self::fillet(), 8);
        self::assertSame(array_fill(0, 8, 177.73), self::masses($cuts));
        $places = [1.586, 7.337, 12.147, 16.670, 21.236, 26.094, 31.560, 38.311, 49.591];
        foreach ($cuts->pieces as $i => $piece) {
            self::assertEqualsWithDelta($places[$i], $piece->fromCm, 0.0006);
            self::assertEqualsWithDelta($places[$i + 1], $piece->toCm, 0.0006);
        }
        self::assertEqualsWithDelta(58.177, $cuts->leftOverGrams, 0.0006);
    }

    public function test_pieces_six_centimetres_wide_weigh_what_the_handbook_says(): void
    {
        $cuts = EvenCuts::ofWidth(self::fillet(), 60);
        self::assertSame([186.38, 224.91, 236.06, 223.43, 196.38, 160.30, 119.02, 75.31], self::masses($cuts));
        self::assertEqualsWithDelta(58.225, $cuts->leftOverGrams, 0.0006);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'no piece' => [fn () => EvenCuts::ofCount(self::fillet(), 0), '/count'];
        yield 'too many' => [fn () => EvenCuts::ofCount(self::fillet(), 201), '/count'];
        yield 'wider than the fillet' => [fn () => EvenCuts::ofWidth(self::fillet(), 481), '/width_mm'];
        yield 'no width' => [fn () => EvenCuts::ofWidth(self::fillet(), 0), '/width_mm'];
        yield 'paper' => [fn () => EvenCuts::ofWidth(self::fillet(), 1), '/width_mm'];
        yield 'all of it lost' => [fn () => BoardWeight::of(160, [6, 100]), '/losses_pct/1'];
        yield 'nothing on the plate' => [fn () => BoardWeight::of(0, []), '/plate_g'];
        yield 'thinner than a millimetre' => [fn () => Slices::of(16, 7, 3, 0.9), '/thickness_mm'];
        yield 'thicker than the block' => [fn () => Slices::of(16, 7, 3, 30.1), '/thickness_mm'];
        yield 'a knife lying flat' => [fn () => Slices::of(16, 7, 3, 5, 0), '/angle_deg'];
        yield 'no slice a cover' => [fn () => Slices::of(16, 7, 3, 5, 90, 0), '/slices_per_cover'];
        yield 'no height' => [fn () => Slices::of(16, 7, 0, 5), '/height_cm'];
    }

    /** @param  callable(): mixed  $cut */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_cut_is_refused_at_its_figure(callable $cut, string $where): void
    {
        try {
            $cut();
            self::fail('It was cut.');
        } catch (BadCut $refused) {
            self::assertSame($where, $refused->pointer());
        }
    }

    public function test_what_is_lost_on_the_way_to_the_plate_is_on_the_board(): void
    {
        self::assertEqualsWithDelta(175.477, BoardWeight::of(160, [6, 3])->grams, 0.0005);
        self::assertSame(160.0, BoardWeight::of(160, [])->grams);
        $this->forAll(Generators::choose(1, 900), Generators::choose(0, 60), Generators::choose(0, 60))->then(
            function (int $plate, int $first, int $then): void {
                $board = BoardWeight::of($plate, [$first, $then])->grams;
                self::assertEqualsWithDelta($plate, $board * (1 - $first / 100) * (1 - $then / 100), 1e-9 * $plate);
            },
        );
    }

    public function test_slices_of_a_block_are_those_of_the_handbook(): void
    {
        $slices = Slices::of(16, 7, 3, 5, 45, 6);
        self::assertSame([18, 3], [$slices->slices, $slices->covers]);
        self::assertEqualsWithDelta(15.592, $slices->sliceGrams, 0.0005);
        self::assertEqualsWithDelta(29.698, $slices->faceCm2, 0.0005);
        self::assertEqualsWithDelta(72.149, $slices->offcutGrams, 0.0005);
        $straight = Slices::of(16, 7, 3, 5);
        self::assertSame(32, $straight->slices);
        self::assertEqualsWithDelta(0.0, $straight->offcutGrams, 1e-9);
        // A slant longer than the block leaves nothing.
        self::assertSame(0, Slices::of(2, 7, 3, 5, 30)->slices);
    }

    /** Against slices laid one after the other, on three hundred seeded blocks. */
    public function test_slices_agree_with_laying_them_one_by_one(): void
    {
        mt_srand(20261127);
        for ($case = 0; $case < 300; $case++) {
            $length = mt_rand(20, 400) / 10;
            $height = mt_rand(10, 60) / 10;
            $width = mt_rand(20, 120) / 10;
            $thickness = (float) mt_rand(1, 10);
            $angle = (float) mt_rand(15, 90);
            $sine = sin(deg2rad($angle));
            $at = $angle === 90.0 ? 0.0 : $height / tan(deg2rad($angle));
            $laid = 0;
            while ($at + $thickness / 10 / $sine <= $length + 1e-9) {
                $at += $thickness / 10 / $sine;
                $laid++;
            }
            $slices = Slices::of($length, $width, $height, $thickness, $angle);
            self::assertEqualsWithDelta($laid, $slices->slices, 0.0, "case {$case}");
            self::assertEqualsWithDelta(
                $length * $width * $height * FilletOnBoard::GRAMS_PER_CM3,
                $slices->slices * $slices->sliceGrams + $slices->offcutGrams,
                1e-6,
            );
        }
    }

    /** Against the mass summed up in ten thousand strips, on three hundred seeded fillets of either mode. */
    public function test_even_cuts_agree_with_summing_up_strips(): void
    {
        mt_srand(20261128);
        for ($case = 0; $case < 300; $case++) {
            $stations = mt_rand(3, 12);
            $mass = [mt_rand(10, 150) / 100];
            $thick = [mt_rand(20, 100) / 100];
            for ($i = 1; $i < $stations; $i++) {
                $mass[] = mt_rand(10, 150) / 100;
                $thick[] = mt_rand(20, 100) / 100;
            }
            $grams = (float) mt_rand(200, 3000);
            $fillet = new FilletOnBoard(FilletShape::of($mass, $thick), $grams, 40, 30, 0.05 * $grams);
            $cuts =
                $case % 2 === 0
                    ? EvenCuts::ofCount($fillet, mt_rand(1, 12))
                    : EvenCuts::ofWidth($fillet, mt_rand(20, 150));
            $upTo = self::strips($mass, $grams);
            $sum = 0.0;
            foreach ($cuts->pieces as $i => $piece) {
                $strips = self::read($upTo, $piece->toCm / 40) - self::read($upTo, $piece->fromCm / 40);
                self::assertEqualsWithDelta($strips, $piece->massGrams, 0.02, "case {$case}, piece {$i}");
                $before = $i === 0 ? $piece->fromCm : $cuts->pieces[$i - 1]->toCm;
                self::assertEqualsWithDelta($before, $piece->fromCm, 1e-9);
                $sum += $piece->massGrams;
            }
            self::assertEqualsWithDelta($grams, $sum + $cuts->leftOverGrams, 1e-6);
        }
    }

    /**
     * @param  non-empty-list<float|int>  $perLength
     * @return list<float> grams up to each of ten thousand strips
     */
    private static function strips(array $perLength, float $grams): array
    {
        $n = 10_000;
        $upTo = [0.0];
        for ($i = 0; $i < $n; $i++) {
            $at = ((($i + 0.5) / $n) * (count($perLength) - 1));
            $low = min((int) $at, count($perLength) - 2);
            $upTo[] = $upTo[$i] + $perLength[$low] + ($perLength[$low + 1] - $perLength[$low]) * ($at - $low);
        }

        return array_map(fn (float $one): float => ($grams * $one) / $upTo[$n], $upTo);
    }

    /** @param  list<float>  $upTo */
    private static function read(array $upTo, float $share): float
    {
        $at = $share * (count($upTo) - 1);
        $low = min((int) $at, count($upTo) - 2);

        return $upTo[$low] + ($upTo[$low + 1] - $upTo[$low]) * ($at - $low);
    }
}
