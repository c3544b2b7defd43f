<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\CallsComputations;
use Tests\TestCase;

/** `eye` and `step-order` by both doors, and the group `effects` is told by name. */
final class PractiseComputationsTest extends TestCase
{
    use CallsComputations;

    private const GUESSES = [
        [175, 180], [190, 182], [170, 178], [165, 171], [150, 149],
        [183, 180], [171, 176], [160, 158], [182, 188], [177, 179],
    ];

    private const STEPS = ['head', 'side-a', 'scale', 'side-b', 'ribs'];

    /** @return list<array<string, int>> */
    private static function guesses(): array
    {
        return array_map(fn (array $one): array => ['guess_g' => $one[0], 'true_g' => $one[1]], self::GUESSES);
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, int|float|string|bool|null>}> */
    public static function worked(): iterable
    {
        yield 'an eye that is not there yet' => [
            'eye',
            ['within_pct' => 8, 'guesses' => self::guesses()],
            [
                'guesses' => 10,
                'bias_pct' => -0.99314,
                'scatter_pct' => 2.86784,
                'k' => 2.83819,
                'low_pct' => -9.1326,
                'high_pct' => 7.1463,
                'passes' => false,
                'more_at_least' => 6,
            ],
        ];
        yield 'an eye that never would be' => [
            'eye',
            ['within_pct' => 3, 'guesses' => self::guesses()],
            ['passes' => false, 'more_at_least' => null],
        ];
        yield 'nobody has guessed' => [
            'eye',
            ['within_pct' => 8, 'guesses' => []],
            ['guesses' => 0, 'bias_pct' => null, 'k' => null, 'more_at_least' => 10],
        ];
        yield 'two of ten pairs stand the wrong way' => [
            'step-order',
            [
                'given' => self::STEPS,
                'before' => [['scale', 'head'], ['head', 'side-a'], ['side-a', 'side-b'], ['side-b', 'ribs']],
            ],
            [
                'pairs' => 10,
                'broken' => 2,
                'score_pct' => 80,
                'wrong.0.0' => 'scale',
                'wrong.0.1' => 'head',
                'wrong.1.1' => 'side-a',
            ],
        ];
        yield 'groups by name, the slope within them' => [
            'effects',
            ['factors' => ['cutter'], 'records' => self::twoGroups()],
            ['groups.round' => 60.0, 'groups.flat' => 45.0, 'slope_pct' => 2.0],
        ];
    }

    /**
     * Two groups 15 points apart, 2 points a unit of ln mass, the one hand there is left out.
     *
     * @return list<array<string, mixed>>
     */
    private static function twoGroups(): array
    {
        $records = [];
        foreach (['round' => 60.0, 'flat' => 45.0] as $group => $mean) {
            foreach ([-1, 0, 1] as $ln) {
                foreach ([-0.1, 0.1] as $rest) {
                    $records[] = [
                        'group' => $group,
                        'cutter' => 'A',
                        'mass_g' => 2000 * exp($ln),
                        'yield_pct' => $mean + 2 * $ln + $rest,
                    ];
                }
            }
        }

        return $records;
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
        yield 'no allowance' => ['eye', ['guesses' => self::guesses()], '/within_pct'];
        yield 'a guess of nothing' => [
            'eye',
            ['within_pct' => 8, 'guesses' => [['guess_g' => 0, 'true_g' => 100]]],
            '/guesses/0/guess_g',
        ];
        yield 'a piece less than the scale shows' => [
            'eye',
            ['within_pct' => 8, 'guesses' => [['guess_g' => 1, 'true_g' => 1e-9]]],
            '/guesses/0/true_g',
        ];
        yield 'a circle' => [
            'step-order',
            ['given' => ['head', 'ribs'], 'before' => [['head', 'ribs'], ['ribs', 'head']]],
            '/before',
        ];
        yield 'a step nobody gave' => [
            'step-order',
            ['given' => ['head'], 'before' => [['head', 'ribs']]],
            '/before/0/1',
        ];
        yield 'a step twice' => ['step-order', ['given' => ['head', 'head'], 'before' => []], '/given'];
        yield 'half a pair' => ['step-order', ['given' => ['head'], 'before' => [['head']]], '/before/0'];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_where_it_stands(string $name, array $request, string $at): void
    {
        $this->assertRefusedAt($at, $name, $request);
    }
}
