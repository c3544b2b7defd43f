<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\CallsComputations;
use Tests\TestCase;

/** Salt, cold and warmth, called from outside: the worked figures, by the filter and over HTTP alike. */
final class HoldComputationsTest extends TestCase
{
    use CallsComputations;

    /** @return iterable<string, array{string, array<string, mixed>, array<string, int|float|string|bool|null>}> */
    public static function worked(): iterable
    {
        $fish = ['fish_g' => 2000, 'thickness_mm' => 28];
        yield 'a timed brine' => [
            'brine',
            [
                ...$fish,
                'mode' => 'timed',
                'faces' => 2,
                'strength_pct' => 6,
                'brine_g' => 4000,
                'minutes' => 50,
                'target_pct' => 1.2,
            ],
            ['salt_g' => 240, 'salometer_deg' => 22.732, 'fish_salt_pct' => 0.636, 'minutes_to_target' => 195.33],
        ];
        yield 'a brine in balance' => [
            'brine',
            [...$fish, 'mode' => 'equilibrium', 'faces' => 2, 'target_pct' => 1.5, 'water_g' => 3000],
            ['salt_g' => 91.371, 'thumb_g' => 75, 'thumb_fish_pct' => 1.2346, 'hours_to_95' => 43.221],
        ];
        yield 'a dry cure' => [
            'brine',
            [...$fish, 'mode' => 'dry', 'faces' => 1, 'target_pct' => 3, 'sugar_pct' => 2],
            ['salt_g' => 60, 'sugar_g' => 40, 'hours_to_95' => 81.397],
        ];
        yield 'a side frozen, thawed and made into tartare' => [
            'limits',
            [
                'at_minute' => 6000,
                'events' => [
                    [
                        'kind' => 'received',
                        'minute' => 0,
                        'id' => 'fish',
                        'until_minute' => 4320,
                        'raw_until_minute' => 1440,
                        'allergens' => ['fish'],
                    ],
                    [
                        'kind' => 'made',
                        'minute' => 600,
                        'id' => 'side',
                        'from' => ['fish'],
                        'keeps_minutes' => 2880,
                        'class' => 'raw',
                    ],
                    ['kind' => 'frozen', 'minute' => 1200, 'ids' => ['side']],
                    ['kind' => 'proof', 'minute' => 3000, 'ids' => ['side']],
                    ['kind' => 'thaw', 'minute' => 5000, 'ids' => ['side']],
                    ['kind' => 'thawed', 'minute' => 5900, 'ids' => ['side']],
                    ['kind' => 'frozen', 'minute' => 5950, 'ids' => ['side']],
                    [
                        'kind' => 'made',
                        'minute' => 5960,
                        'id' => 'tartare',
                        'from' => ['side'],
                        'keeps_minutes' => 1440,
                        'class' => 'raw-service',
                        'allergens' => ['mustard'],
                    ],
                ],
            ],
            [
                'things.side.until_minute' => 7340,
                'things.side.raw_open' => true,
                'things.side.raw_until_minute' => 6140,
                'things.side.thawed' => true,
                'things.tartare.until_minute' => 7340,
                'things.tartare.raw_until_minute' => 6140,
                'things.tartare.allergens.1' => 'mustard',
                'things.fish.stop' => 'past',
                'refused.0.event' => 6,
                'refused.0.code' => 'thawed-before',
            ],
        ];
        yield 'a tuna, its block and its soup' => [
            'limits',
            [
                'at_minute' => 900,
                'events' => [
                    [
                        'kind' => 'received',
                        'minute' => 0,
                        'id' => 'tuna',
                        'until_minute' => 4320,
                        'raw_until_minute' => 2880,
                        'proof' => true,
                        'histamine' => true,
                    ],
                    [
                        'kind' => 'made',
                        'minute' => 200,
                        'id' => 'block',
                        'from' => ['tuna'],
                        'keeps_minutes' => 2880,
                        'class' => 'raw',
                    ],
                    [
                        'kind' => 'made',
                        'minute' => 210,
                        'id' => 'soup',
                        'from' => ['tuna'],
                        'keeps_minutes' => 4320,
                        'class' => 'cooked',
                        'reading' => true,
                    ],
                    ['kind' => 'warm', 'minute' => 260, 'ids' => ['tuna', 'tub'], 'from_minute' => 10, 'hot' => true],
                    [
                        'kind' => 'made',
                        'minute' => 300,
                        'id' => 'tray',
                        'from' => ['soup'],
                        'keeps_minutes' => 1440,
                        'class' => 'raw',
                    ],
                    ['kind' => 'not-cooled', 'minute' => 500, 'ids' => ['soup']],
                ],
            ],
            [
                'things.tuna.warm_minutes' => 250,
                'things.tuna.limit_minutes' => 240,
                'things.tuna.stop' => 'warm',
                'things.block.warm_minutes' => 190,
                'things.block.raw_until_minute' => 2880,
                'things.soup.warm_minutes' => 200,
                'things.soup.stop' => 'uncooled',
                'things.tray.stop' => 'uncooled',
                'refused.0.event' => 3,
                'refused.0.code' => 'unknown',
                'refused.0.id' => 'tub',
            ],
        ];
        $readings = [];
        for ($hour = 0; $hour <= 27; $hour++) {
            $readings[] = [
                'minute' => 60 * $hour,
                'air_c' => [-36, -36.5, -37, -24][$hour] ?? -22,
                'core_c' => [2, -8, -24, -24][$hour] ?? -22,
            ];
        }
        yield 'a freezing run' => [
            'freeze-check',
            ['readings' => $readings, 'loaded_minute' => 0],
            [
                'solid_minute' => 106.875,
                'rules.eu-20-24h.met' => true,
                'rules.eu-20-24h.met_minute' => 1546.875,
                'rules.fda-35-20-24h.longest_minutes' => 1513.125,
                'rules.fda-20-168h.met' => false,
                'rules.fda-20-168h.longest_minutes' => 1620,
                'rules.fda-20-168h.missing.code' => 'time',
                'rules.fda-35-15h.longest_minutes' => 20.05,
            ],
        ];
        yield 'out of the cold' => [
            'exposure',
            [
                'log' => [
                    ['minute' => 0, 'c' => 2],
                    ['minute' => 30, 'c' => 8],
                    ['minute' => 60, 'c' => null],
                    ['minute' => 90, 'c' => 12],
                    ['minute' => 120, 'c' => 3],
                ],
            ],
            ['minutes_above' => 107.5, 'verdict' => 'within', 'limit_minutes' => 480, 'warmest_c' => 12],
        ];
        yield 'when it is frozen' => [
            'core-time',
            ['what' => 'freeze', 'how' => 'blast', 'thickness_mm' => 35, 'ambient_c' => -38, 'wrap_mm' => 0.2],
            ['hours' => 1.2753],
        ];
        yield 'when it is thawed' => [
            'core-time',
            ['what' => 'thaw', 'how' => 'still-air', 'thickness_mm' => 35, 'ambient_c' => 3, 'wrap_mm' => 0.2],
            ['hours' => 24.483],
        ];
        yield 'never' => [
            'core-time',
            ['what' => 'thaw', 'how' => 'water', 'thickness_mm' => 35, 'ambient_c' => -3],
            ['hours' => null],
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
        $brine = ['mode' => 'timed', 'fish_g' => 2000, 'thickness_mm' => 28, 'strength_pct' => 6];
        $brine += ['brine_g' => 4000, 'minutes' => 50];
        yield 'no strength' => ['brine', ['strength_pct' => 0] + $brine, '/strength_pct'];
        yield 'beyond saturation' => ['brine', ['strength_pct' => 26.4] + $brine, '/strength_pct'];
        yield 'no fish' => ['brine', ['fish_g' => 0] + $brine, '/fish_g'];
        yield 'ended before it began' => ['brine', ['minutes' => -1] + $brine, '/minutes'];
        yield 'a probe that broke' => [
            'freeze-check',
            ['readings' => [['minute' => 0, 'air_c' => -20], ['minute' => 1, 'core_c' => 85]]],
            '/readings/1/core_c',
        ];
        yield 'a probe that broke in the cold room' => [
            'exposure',
            ['log' => [['minute' => 0, 'c' => 85]]],
            '/log/0/c',
        ];
        yield 'thawed in a blast' => [
            'core-time',
            ['what' => 'thaw', 'how' => 'blast', 'thickness_mm' => 35, 'ambient_c' => 3],
            '/how',
        ];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_where_it_stands(string $name, array $request, string $at): void
    {
        $this->assertRefusedAt($at, $name, $request);
    }
}
