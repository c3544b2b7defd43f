<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

use Sectum\Measure\Mass;

/** Sizes an eye is judged for each by itself: whoever is good at plates need not be good at sides. */
enum SizeBand: string
{
    case Under100 = 'under-100';
    case To200 = '100-to-200';
    case To500 = '200-to-500';
    case To1500 = '500-to-1500';
    case Over1500 = 'over-1500';

    public static function of(Mass $mass): self
    {
        return match (true) {
            $mass->grams() < 100 => self::Under100,
            $mass->grams() < 200 => self::To200,
            $mass->grams() < 500 => self::To500,
            $mass->grams() < 1500 => self::To1500,
            default => self::Over1500,
        };
    }
}
