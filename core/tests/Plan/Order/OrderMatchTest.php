<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Order;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Plan\Order\CameLine;
use Sectum\Plan\Order\MatchGap;
use Sectum\Plan\Order\OrderedLine;
use Sectum\Plan\Order\OrderMatch;

final class OrderMatchTest extends TestCase
{
    /** @return iterable<string, array{list<CameLine>, list<array{string, string, float, float, string|null}>}> */
    public static function deliveries(): iterable
    {
        $hake = fn (int $fish, int $grams = 2500, ?float $price = 1190): CameLine => new CameLine(
            'hake',
            $fish,
            $fish * $grams * 1000,
            $price,
        );
        $brill = new CameLine('brill', 2, 5_000_000, 1760);
        $gurnard = new CameLine('gurnard', 3, 2_400_000, 900);
        yield 'as ordered' => [[$hake(8), $brill], []];
        yield 'in two boxes' => [[$hake(5), $hake(3), $brill], []];
        yield 'not weighed yet' => [[new CameLine('hake', 8, 0, null), $brill], []];
        yield 'short' => [[$hake(6), $brill], [['short', 'hake', 8, 6, null]]];
        yield 'over and light' => [
            [$hake(9, 1900), $brill],
            [['over', 'hake', 8, 9, null], ['lighter', 'hake', 2000, 1900, null]],
        ];
        yield 'heavy' => [[$hake(8, 3100), $brill], [['heavier', 'hake', 3000, 3100, null]]];
        yield 'dearer' => [[$hake(8, 2500, 1250), $brill], [['dearer', 'hake', 1190, 1250, null]]];
        yield 'cheaper in half of it' => [
            [$hake(4, 2500, 1090), $hake(4), $brill],
            [['cheaper', 'hake', 1190, 1140, null]],
        ];
        yield 'one kind missing' => [[$hake(8)], [['not-come', 'brill', 2, 0, null]]];
        yield 'another instead' => [[$hake(8), $gurnard], [['substitute', 'brill', 2, 3, 'gurnard']]];
        yield 'another besides' => [[$hake(8), $brill, $gurnard], [['not-ordered', 'gurnard', 0, 3, null]]];
        yield 'nothing' => [[], [['not-come', 'hake', 8, 0, null], ['not-come', 'brill', 2, 0, null]]];
    }

    /**
     * @param  list<CameLine>  $came
     * @param  list<array{string, string, float, float, string|null}>  $said
     */
    #[DataProvider('deliveries')]
    public function test_a_delivery_is_held_against_its_order(array $came, array $said): void
    {
        $ordered = [new OrderedLine('hake', 8, 2000, 3000, 1190), new OrderedLine('brill', 2, 2000, 3000, 1760)];
        self::assertEquals($said, array_map(
            fn (MatchGap $one): array => [
                $one->kind->value,
                $one->species,
                $one->ordered,
                round($one->came, 6),
                $one->instead,
            ],
            OrderMatch::gaps($ordered, $came),
        ));
    }
}
