<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\CallsComputations;
use Tests\TestCase;

/** The order and the day's work, called from outside: the worked figures, by the filter and over HTTP alike. */
final class PlanComputationsTest extends TestCase
{
    use CallsComputations;

    private const EVENING = [
        'demand' => ['covers' => 120, 'share_pct' => 35, 'share_sd_pct' => 4],
        'target_g' => 180,
        'ends_g' => 55,
        'sides' => 2,
        'on_hand' => 0,
        'max_short_pct' => 5,
        'labour_rate_per_hour_minor' => 1860,
        'credit_per_kg_minor' => 60,
        'offers' => [
            [
                'id' => '1-2',
                'from_g' => 1000,
                'to_g' => 2000,
                'price_per_kg_minor' => 1090,
                'yield' => ['mean_pct' => 46, 'mean_sd_pct' => 1, 'fish_sd_pct' => 2],
                'minutes_per_fish' => 9,
            ],
            [
                'id' => '2-3',
                'from_g' => 2000,
                'to_g' => 3000,
                'price_per_kg_minor' => 1190,
                'yield' => ['mean_pct' => 47, 'mean_sd_pct' => 1, 'fish_sd_pct' => 2],
                'minutes_per_fish' => 11,
            ],
            [
                'id' => '3-4',
                'from_g' => 3000,
                'to_g' => 4000,
                'price_per_kg_minor' => 1290,
                'yield' => ['mean_pct' => 48, 'mean_sd_pct' => 1, 'fish_sd_pct' => 2],
                'minutes_per_fish' => 13,
                'box' => 2,
                'available' => 12,
            ],
        ],
    ];

    private const MORNING = [
        'changeover_minutes' => 5,
        'cutters' => [
            ['id' => 'A', 'from' => 480, 'to' => 720],
            ['id' => 'B', 'from' => 510, 'to' => 720, 'pace' => 1.25],
        ],
        'tasks' => [
            ['id' => 'char', 'minutes' => 40, 'lot' => 'c', 'raw' => true, 'ready' => 480, 'due' => 600],
            ['id' => 'hake-1', 'minutes' => 30, 'lot' => 'h'],
            ['id' => 'hake-2', 'minutes' => 30, 'lot' => 'h'],
            ['id' => 'brine', 'minutes' => 40, 'hands' => false, 'after' => ['hake-1', 'hake-2'], 'due' => 580],
            ['id' => 'brill', 'minutes' => 24, 'lot' => 'b', 'ready' => 540, 'due' => 560],
            ['id' => 'portion', 'minutes' => 20, 'lot' => 'c', 'raw' => true, 'after' => ['char'], 'due' => 640],
        ],
    ];

    /** @return iterable<string, array{string, array<string, mixed>, array<string, int|float|string|bool|null>}> */
    public static function worked(): iterable
    {
        yield 'the food cost of a period' => [
            'food-cost',
            ['lines' => [[
                'id' => 'hake',
                'portions' => [['count' => 120, 'served_g' => 186, 'target_g' => 180]],
                'waste_g' => 1450,
                'unaccounted_g' => 300,
                'yield_pct' => 58.2,
                'standard_yield_pct' => 60,
                'price_per_kg_minor' => 1390,
                'standard_price_per_kg_minor' => 1300,
                'net_sales_minor' => 240_000,
            ]]],
            [
                'lines.0.actual_minor' => 57_487,
                'lines.0.standard_minor' => 46_800,
                'lines.0.price_minor' => 3722,
                'lines.0.yield_minor' => 1613,
                'lines.0.portion_minor' => 1560,
                'lines.0.waste_minor' => 3142,
                'lines.0.unaccounted_minor' => 650,
                'lines.0.actual_pct' => 23.95,
                'total.standard_pct' => 19.5,
            ],
        ];
        yield 'a menu' => [
            'menu',
            ['dishes' => [
                ['id' => 'a', 'sold' => 120, 'net_price_minor' => 2000, 'plate_cost_minor' => 546],
                ['id' => 'b', 'sold' => 20, 'net_price_minor' => 2636, 'plate_cost_minor' => 964],
                ['id' => 'c', 'sold' => 70, 'net_price_minor' => 2227, 'plate_cost_minor' => 638],
                ['id' => 'd', 'sold' => 15, 'net_price_minor' => 2636, 'plate_cost_minor' => 1487],
            ]],
            [
                'average_contribution_minor' => 1495,
                'share_needed_pct' => 17.5,
                'dishes.0.advice' => 'reprice',
                'dishes.1.advice' => 'promote',
                'dishes.2.advice' => 'keep',
                'dishes.3.advice' => 'replace',
            ],
        ];
        yield 'an evening' => [
            'order',
            self::EVENING,
            [
                'demand_mean' => 42,
                'best' => '3-4',
                'offers.0.fish' => 25,
                'offers.0.short_pct' => 2.979,
                'offers.1.fish' => 12,
                'offers.1.surplus_mean' => 17.157,
                'offers.2.cost_minor' => 37664,
                'offers.2.portions_mean' => 61.473,
                'mix.cost_minor' => 34580,
            ],
        ];
        yield 'the same by money' => [
            'order',
            ['short_costs_minor' => 1800, 'surplus_worth_minor' => 250] + self::EVENING,
            [
                'offers.1.by_money.fish' => 10,
                'offers.1.by_money.total_minor' => 30990,
                'offers.1.by_money.short_pct' => 15.963,
            ],
        ];
        yield 'two dishes of one fish' => [
            'order',
            [
                'dishes' => [
                    ['id' => 'main', 'target_g' => 180, 'demand' => ['portions' => 40]],
                    ['id' => 'small', 'target_g' => 60, 'demand' => ['portions' => 10]],
                ],
                'ends_g' => 55,
                'max_short_pct' => 2,
                'offers' => [self::EVENING['offers'][1]],
            ],
            ['best' => '2-3', 'offers.0.dishes.0.id' => 'main', 'offers.0.dishes.0.surplus_mean' => 0, 'mix' => null],
        ];
        yield 'a morning' => [
            'schedule',
            self::MORNING,
            ['fits' => true, 'late_minutes' => 9, 'finish' => 585, 'changeover_minutes' => 5, 'proven' => true],
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
        $order = fn (array $more): array => $more + self::EVENING;
        $offer = fn (array $more): array => $order(['offers' => [$more + self::EVENING['offers'][0]]]);
        $guests = fn (int $covers, int $share): array => $order([
            'demand' => ['covers' => $covers, 'share_pct' => $share],
        ]);
        yield 'guests below none' => ['order', $guests(-1, 35), '/demand/covers'];
        yield 'a town' => ['order', $guests(100_000, 35), '/demand/covers'];
        yield 'more than all' => ['order', $guests(9, 101), '/demand/share_pct'];
        yield 'a grade upside down' => ['order', $offer(['from_g' => 3000]), '/offers/0/to_g'];
        yield 'a box of more than there are' => ['order', $offer(['box' => 9, 'available' => 4]), '/offers/0/box'];
        yield 'two offers of one name' => [
            'order',
            $order(['offers' => [self::EVENING['offers'][0], self::EVENING['offers'][0]]]),
            '/offers',
        ];
        $day = fn (array ...$tasks): array => ['tasks' => $tasks, 'cutters' => self::MORNING['cutters']];
        yield 'due before ready' => [
            'schedule',
            $day(['id' => 'a', 'minutes' => 5, 'ready' => 500, 'due' => 490]),
            '/tasks/0/due',
        ];
        yield 'a shift upside down' => [
            'schedule',
            ['cutters' => [['id' => 'A', 'from' => 500, 'to' => 480]]] + self::MORNING,
            '/cutters/0/to',
        ];
        yield 'a circle' => [
            'schedule',
            $day(
                ['id' => 'a', 'minutes' => 5, 'after' => ['b']],
                ['id' => 'b', 'minutes' => 5, 'after' => ['a']],
            ),
            '/tasks',
        ];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_where_it_stands(string $name, array $request, string $at): void
    {
        $this->assertRefusedAt($at, $name, $request);
    }
}
