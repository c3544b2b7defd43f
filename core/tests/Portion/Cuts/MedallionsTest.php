<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cuts;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\Medallions;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;

final class MedallionsTest extends TestCase
{
    /** Against ten thousand strips of a fillet, each as heavy as its place says. */
    public function test_masses_and_faces_are_those_of_summed_strips(): void
    {
        mt_srand(20261128);
        for ($case = 0; $case < 300; $case++) {
            $shape = FilletShape::named(FilletShape::names()[$case % 5]);
            $grams = (float) mt_rand(400, 4000);
            $long = (float) mt_rand(25, 70);
            $fillet = new FilletOnBoard($shape, $grams, $long, mt_rand(18, 60), mt_rand(0, 60), mt_rand(0, 12));
            $thick = (float) mt_rand(15, 60);
            $face = (float) mt_rand(0, 12);
            try {
                $cut = Medallions::of($fillet, $thick, $face);
            } catch (BadCut $none) {
                self::assertSame('/least_face_cm2', $none->pointer());

                continue;
            }
            $sum = 0.0;
            $before = null;
            foreach ($cut->pieces as $i => $piece) {
                self::assertEqualsWithDelta($thick / 10, $piece->toCm - $piece->fromCm, 1e-6);
                if ($before !== null) {
                    self::assertEqualsWithDelta($before, $piece->fromCm, 1e-9);
                }
                $before = $piece->toCm;
                [$mass, $least] = self::strips($shape, $grams, $long, $piece->fromCm, $piece->toCm);
                self::assertEqualsWithDelta($mass, $piece->massGrams, 0.01 + $mass * 1e-5, "case {$case}");
                self::assertEqualsWithDelta($least, $cut->facesCm2[$i], 0.02 + $least * 0.002, "case {$case}");
                self::assertGreaterThanOrEqual($face - 1e-6, $cut->facesCm2[$i]);
                $sum += $piece->massGrams;
            }
            self::assertEqualsWithDelta($grams, $sum + $cut->leftOverGrams, 1e-6);
        }
    }

    /** @return array{float, float} grams, and the smallest section in cm² */
    private static function strips(FilletShape $shape, float $grams, float $long, float $from, float $to): array
    {
        $many = 2000;
        [$sum, $least] = [0.0, INF];
        for ($i = 0; $i < $many; $i++) {
            $at = $from + (($i + 0.5) / $many) * ($to - $from);
            $perCm = ($grams * $shape->massPerLengthAt($at / $long)) / $long;
            $sum += ($perCm * ($to - $from)) / $many;
            $least = min($least, $perCm / 1.05);
        }

        return [$sum, $least];
    }

    public function test_a_tail_gives_medallions_until_it_runs_out(): void
    {
        $tail = new FilletOnBoard(FilletShape::named('tapered-tail'), 900, 30, 45, 0, 0);
        $all = Medallions::of($tail, 30);
        self::assertCount(10, $all->pieces);
        self::assertEqualsWithDelta(0.0, $all->leftOverGrams, 1e-6);
        // 30 g/cm on average are 28.57 cm²; the table's 0.71 and 0.55 of its mean 0.9625 are 21.08 and 16.33.
        $large = Medallions::of($tail, 30, 20);
        self::assertCount(7, $large->pieces);
        self::assertEqualsWithDelta(21.08, $large->facesCm2[6], 0.01);
        self::assertEqualsWithDelta(16.33, $all->facesCm2[7], 0.01);
    }

    public function test_a_face_nobody_finds_is_refused_where_it_was_asked(): void
    {
        $tail = new FilletOnBoard(FilletShape::named('tapered-tail'), 900, 30, 45, 0, 0);
        foreach ([[30.0, 500.0, '/least_face_cm2'], [2.0, 0.0, '/thickness_mm'], [400.0, 0.0, '/width_mm']] as $bad) {
            try {
                Medallions::of($tail, $bad[0], $bad[1]);
                self::fail('It was cut.');
            } catch (BadCut $refused) {
                self::assertSame($bad[2], $refused->pointer());
            }
        }
    }
}
