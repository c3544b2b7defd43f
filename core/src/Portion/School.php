<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** How a house uses a fillet once it is squared off. */
enum School: string
{
    case Exact = 'exact';
    case Fit = 'fit';
    case EvenShare = 'share';

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public function plan(FilletOnBoard $fillet, array $kinds, float $trimPerKg): PortionPlan
    {
        return match ($this) {
            self::Exact => PortionPlan::exact($fillet, $kinds, $trimPerKg),
            self::Fit => PortionPlan::fit($fillet, $kinds, $trimPerKg),
            self::EvenShare => PortionPlan::evenShare($fillet, $kinds, $trimPerKg),
        };
    }
}
