<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

use Sectum\Portion\Serve\ServiceClass;

/**
 * How many days a house keeps portions, counting the day they were cut; cured ones from the end of the cure. The
 * defaults are estimates.
 */
final readonly class PortionDays
{
    /**
     * @param  int  $raw  to be cooked, 1 or more
     * @param  int  $rawService  served raw or seared only outside, 1 or more
     * @param  int  $marinated  1 or more
     * @param  int  $lightlyCured  1 or more
     * @param  int  $cured  1 or more
     */
    public function __construct(
        public int $raw = 2,
        public int $rawService = 1,
        public int $marinated = 1,
        public int $lightlyCured = 2,
        public int $cured = 5,
    ) {
    }

    public function of(ServiceClass $class): int
    {
        return match ($class) {
            ServiceClass::Cooked => $this->raw,
            ServiceClass::Raw, ServiceClass::Seared => $this->rawService,
            ServiceClass::Marinated => $this->marinated,
            ServiceClass::LightlyCured => $this->lightlyCured,
            ServiceClass::Cured => $this->cured,
        };
    }
}
