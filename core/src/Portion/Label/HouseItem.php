<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

use Sectum\Gs1\CheckDigit;
use Sectum\Portion\BadFillet;

/**
 * The number a house's own portions go by, inside the house.
 *
 * Numbers that begin with 2 are kept free for this (GS1 General Specifications, 2.1.11, restricted circulation): no
 * company owns them, and they mean nothing outside these walls.
 */
final readonly class HouseItem
{
    /**
     * @param  int  $dish  the dish's running number, 1 to 999999999
     * @return string fourteen digits
     *
     * @throws BadFillet when it has more digits than there is room for
     */
    public static function gtin(int $dish): string
    {
        ($dish >= 1 && $dish <= 999_999_999) ||
            throw new BadFillet('A dish has a number from 1 to 999999999.', $dish, '/dish');
        $digits = '0200'.sprintf('%09d', $dish);

        return $digits.CheckDigit::of($digits);
    }
}
