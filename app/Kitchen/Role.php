<?php

declare(strict_types=1);

namespace App\Kitchen;

enum Role: string
{
    case HeadChef = 'head chef';
    case Cutter = 'cutter';
    /** Practises, and works at the bench only beside somebody. */
    case Trainee = 'trainee';

    public function seesPrices(): bool
    {
        return $this === self::HeadChef;
    }
}
