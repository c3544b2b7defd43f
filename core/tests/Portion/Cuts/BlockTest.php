<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cuts;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\Block;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;

final class BlockTest extends TestCase
{
    public function test_of_a_wedge_the_greatest_block_ends_where_it_is_half_as_thick(): void
    {
        // Thickness falls from 40 mm to nothing over 40 cm; (b − 0)·t(b) is greatest at half the length.
        $wedge = new FilletOnBoard(FilletShape::of([1.0, 1.0], [1.0, 0.000001]), 1000, 40, 40);
        $block = Block::greatest($wedge, 8.0);
        self::assertEqualsWithDelta([0.0, 20.0, 2.0], [$block->fromCm, $block->lengthCm, $block->heightCm], 0.01);
        self::assertEqualsWithDelta(20 * 8 * 2 * 1.05, $block->grams(), 0.1);
    }

    public function test_a_plank_is_its_own_block_within_the_stretch(): void
    {
        $plank = new FilletOnBoard(FilletShape::of([1.0, 1.0], [1.0, 1.0]), 1000, 40, 30);
        $block = Block::greatest($plank, 9.0, 10.0, 30.0);
        self::assertEqualsWithDelta(
            [10.0, 20.0, 9.0, 3.0],
            [$block->fromCm, $block->lengthCm, $block->widthCm, $block->heightCm],
            1e-6,
        );
        $this->expectException(BadCut::class);
        Block::greatest($plank, 9.0, 30.0, 30.0);
    }

    /** Against thousands of blocks laid at random, on seeded loins: none is greater. */
    public function test_no_block_laid_at_random_is_greater(): void
    {
        mt_srand(20261127);
        for ($case = 0; $case < 8; $case++) {
            $mass = $thick = [];
            for ($i = 0; $i < 8; $i++) {
                $mass[] = mt_rand(40, 150) / 100;
                $thick[] = mt_rand(30, 100) / 100;
            }
            $loin = new FilletOnBoard(FilletShape::of($mass, $thick), 1200, 36, 38);
            $width = $case % 2 === 0 ? 9.0 : null;
            $block = Block::greatest($loin, $width);
            $found = $block->lengthCm * $block->widthCm * $block->heightCm;
            for ($try = 0; $try < 1500; $try++) {
                $from = (36 * mt_rand(0, 9999)) / 10_000;
                $to = $from + ((36 - $from) * mt_rand(1, 10_000)) / 10_000;
                $volume = self::read($loin, $from, $to, $width, 40);
                // A valley between two of the places read makes it too great: then it is read closer.
                $volume = $volume > $found ? self::read($loin, $from, $to, $width, 6000) : $volume;
                self::assertLessThanOrEqual($found * 1.001, $volume, "case {$case}");
            }
        }
    }

    /** The block between two places by reading width and thickness at many between them. */
    private static function read(FilletOnBoard $loin, float $from, float $to, ?float $width, int $places): float
    {
        $high = $wide = INF;
        for ($i = 0; $i <= $places; $i++) {
            $at = $from + (($to - $from) * $i) / $places;
            $high = min($high, $loin->shape->thicknessAt($at / 36) * 3.8);
            $wide = min($wide, $width ?? $loin->widthCm($at));
        }

        return ($to - $from) * $wide * $high;
    }
}
