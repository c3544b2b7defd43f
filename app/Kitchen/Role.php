<?php

declare(strict_types=1);

namespace App\Kitchen;

enum Role: string
{
    case HeadChef = 'head chef';
    case Cutter = 'cutter';

    public function seesPrices(): bool
    {
        return $this === self::HeadChef;
    }
}
