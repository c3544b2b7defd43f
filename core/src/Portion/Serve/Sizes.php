<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

use Sectum\Math\LargestRemainder;

/** Orders of a dish over its sizes. */
final readonly class Sizes
{
    /**
     * Whole orders by share, adding up to all of them; what the sizes do not take is the dish's own.
     *
     * @param  int  $orders  0 or more
     * @param  array<string, int>  $shares  percent by size, together no more than 100
     * @return array<string, int> by size, and the dish's own under ""
     */
    public static function of(int $orders, array $shares): array
    {
        $all = ['' => max(0, 100 - array_sum($shares)), ...$shares];

        return array_combine(array_keys($all), LargestRemainder::split($orders, array_values($all)));
    }
}
