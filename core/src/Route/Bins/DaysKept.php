<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Fish\Bin;

/** How long a bin's contents may be kept, in days counting the day they were put in. */
final readonly class DaysKept
{
    /**
     * @param  int  $cold  1 or more
     * @param  int  $frozen  1 or more; 0 when it is not frozen at all
     */
    public function __construct(public int $cold, public int $frozen)
    {
    }

    /**
     * As the house has it until the head chef says otherwise: stock bones 2 days or 90 frozen, mince and what is served
     * raw 1 day, the rest as raw portions.
     */
    public static function usual(Bin $bin): self
    {
        return match ($bin) {
            Bin::Stock, Bin::Soup => new self(2, 90),
            Bin::Mince => new self(1, 30),
            Bin::Tartare, Bin::Cure => new self(1, 0),
            Bin::Grill, Bin::Crisp, Bin::Roe => new self(2, 30),
            Bin::Discard => new self(1, 0),
        };
    }
}
