<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/** A part that is no portion, with everything about its fish that decides where it may go. */
final readonly class Leftover
{
    /**
     * @param  list<Hazard>  $hazards  of the species
     * @param  bool|null  $scaled  whether its skin is free of scales; null when nobody said
     * @param  bool  $prized  whether the species is known for this part
     * @param  string|null  $notRaw  why raw service is closed to the fish; null when it is open
     * @param  bool  $bright  whether it is still fresh enough for raw service
     * @param  bool  $past  whether its date is past
     * @param  bool  $broken  of a roe, whether its sac is open
     */
    public function __construct(
        public Part $part,
        public FatClass $fat,
        public Mass $mass,
        public array $hazards = [],
        public ?bool $scaled = null,
        public bool $prized = false,
        public ?string $notRaw = 'Nobody has shown that raw service is open to it.',
        public bool $bright = true,
        public bool $past = false,
        public bool $broken = false,
    ) {
    }

    public function has(Hazard $hazard): bool
    {
        return in_array($hazard, $this->hazards, true);
    }
}
