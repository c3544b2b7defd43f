<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

/** What fish freezes or thaws in. Heat transfer in W/m²K and conductivity in W/mK are estimates of the handbook. */
enum Surroundings: string
{
    case FreezeStillAir = 'freeze still-air';
    case FreezeMovingAir = 'freeze moving-air';
    case FreezeBlast = 'freeze blast';
    case FreezeBrine = 'freeze brine';
    case ThawStillAir = 'thaw still-air';
    case ThawMovingAir = 'thaw moving-air';
    case ThawWater = 'thaw water';

    public function freezes(): bool
    {
        return match ($this) {
            self::FreezeStillAir, self::FreezeMovingAir, self::FreezeBlast, self::FreezeBrine => true,
            self::ThawStillAir, self::ThawMovingAir, self::ThawWater => false,
        };
    }

    public function heatTransfer(): float
    {
        return match ($this) {
            self::FreezeStillAir => 10.0,
            self::FreezeMovingAir => 20.0,
            self::FreezeBlast => 35.0,
            self::FreezeBrine => 250.0,
            self::ThawStillAir => 15.0,
            self::ThawMovingAir => 25.0,
            self::ThawWater => 150.0,
        };
    }

    /** Of the layer that is frozen, or thawed, already. */
    public function conducts(): float
    {
        return $this->freezes() ? 1.5 : 0.5;
    }
}
