<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\CallsComputations;
use Tests\TestCase;

/** `effects` and `drift` by both doors: the filter and HTTP. */
final class LogComputationsTest extends TestCase
{
    use CallsComputations;

    private const HAKE = [
        ['A', 'X', 2100, 58.9],
        ['A', 'X', 1800, 57.6],
        ['A', 'Y', 2500, 59.8],
        ['B', 'X', 2000, 55.9],
        ['B', 'Y', 2300, 57.2],
        ['B', 'Y', 1900, 56.0],
        ['C', 'X', 2600, 58.8],
        ['C', 'Y', 2200, 58.1],
        ['C', 'Y', 2050, 57.7],
        ['A', 'Y', 2150, 59.1],
        ['B', 'X', 2450, 57.0],
        ['C', 'X', 1950, 57.2],
    ];

    /** @return list<array<string, mixed>> */
    private static function records(): array
    {
        return array_map(fn (array $one): array => [
            'species' => 'hake',
            'state' => 'gutted',
            'cutter' => $one[0],
            'supplier' => $one[1],
            'mass_g' => $one[2],
            'yield_pct' => $one[3],
        ], self::HAKE);
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, int|float|string|bool|null>}> */
    public static function worked(): iterable
    {
        yield 'three hands, two suppliers' => [
            'effects',
            ['factors' => ['cutter', 'supplier'], 'records' => self::records()],
            [
                'slope_pct' => 5.6734,
                'residual_sd_pct' => 0.1493,
                'sd_pct.cutter' => 1.1999,
                'sd_pct.supplier' => 0.2053,
                'effects.cutter.A.effect_pct' => 1.1512,
                'effects.cutter.A.sd_pct' => 0.6954,
                'effects.cutter.B.effect_pct' => -1.239,
                'effects.supplier.X.effect_pct' => -0.1391,
                'effects.supplier.X.sd_pct' => 0.151,
                'effects.cutter.C.records' => 4,
                'differences.cutter.0.difference_pct' => 2.3902,
                'differences.cutter.0.sd_pct' => 0.1055,
                'differences.cutter.1.difference_pct' => 1.0635,
            ],
        ];
        yield 'a fall that is found at the seventh' => [
            'drift',
            ['z' => [0.3, -0.4, -1.2, -1.6, -0.9, -2.1, -1.4, -1.8]],
            ['ewma.6' => -1.00383, 'limits.6' => 0.96538, 'signals.0' => 7, 'signals.1' => 8],
        ];
        yield 'the same from what was measured' => [
            'drift',
            ['records' => [['measured_pct' => 57, 'mean_pct' => 57, 'scale_pct' => 1.5, 'df' => 9]]],
            ['z.0' => 0.0, 'ewma.0' => 0.0, 'limits.0' => 0.5924],
        ];
    }

    /**
     * @param  array<string, mixed>  $request
     * @param  array<string, int|float|string|bool|null>  $figures
     */
    #[DataProvider('worked')]
    public function test_the_worked_figures_come_from_either_door(string $name, array $request, array $figures): void
    {
        $this->assertWorked($name, $request, $figures);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'one record' => ['effects', ['records' => array_slice(self::records(), 0, 1)], '/records'];
        yield 'a yield of nothing' => [
            'effects',
            ['records' => [['mass_g' => 2000, 'yield_pct' => 0, 'cutter' => 'A'], ...self::records()]],
            '/records/0/yield_pct',
        ];
        yield 'neither z nor records' => ['drift', [], ''];
        yield 'no degrees of freedom' => [
            'drift',
            ['records' => [['measured_pct' => 57, 'mean_pct' => 57, 'scale_pct' => 1.5, 'df' => 0]]],
            '/records/0/df',
        ];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_where_it_stands(string $name, array $request, string $at): void
    {
        $this->assertRefusedAt($at, $name, $request);
    }
}
