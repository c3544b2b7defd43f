<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Serve;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Portion\Serve\Sizes;

final class SizesTest extends TestCase
{
    use TestTrait;

    public function test_forty_orders_over_two_sizes(): void
    {
        self::assertSame(['' => 26, 'large' => 10, 'tasting' => 4], Sizes::of(40, ['large' => 25, 'tasting' => 10]));
        self::assertSame(['' => 7], Sizes::of(7, []));
        self::assertSame(['' => 0, 'large' => 3], Sizes::of(3, ['large' => 100]));
    }

    public function test_no_order_is_lost_and_none_is_cut_in_two(): void
    {
        $this->forAll(Generators::choose(0, 500), Generators::choose(0, 50), Generators::choose(0, 50))->then(
            function (int $orders, int $large, int $small): void {
                $split = Sizes::of($orders, ['large' => $large, 'small' => $small]);
                self::assertSame($orders, array_sum($split));
                self::assertLessThan(1.0, abs($split['large'] - ($orders * $large) / 100));
                self::assertLessThan(1.0, abs($split['small'] - ($orders * $small) / 100));
            },
        );
    }
}
