<?php

declare(strict_types=1);

namespace Sectum\Hold\Places;

use Sectum\Hold\BadHold;

/** How cold a place is to be, °C; null where there is no limit that way. */
final readonly class PlaceLimits
{
    /** @throws BadHold when the coldest is warmer than the warmest, or no kitchen place is so */
    public function __construct(public ?float $lowest, public ?float $highest)
    {
        foreach ([['/lowest', $lowest], ['/highest', $highest]] as [$at, $limit]) {
            ($limit === null || ($limit >= -60 && $limit <= 25)) ||
                throw new BadHold('A cold place is kept between −60 and 25 °C.', $limit, $at);
        }
        ($lowest === null || $highest === null || $lowest < $highest) ||
            throw new BadHold('The lowest it may be lies below the highest.', $lowest, '/lowest');
    }

    public function judge(float $celsius): Range
    {
        return match (true) {
            $this->highest !== null && $celsius > $this->highest + 1e-9 => Range::TooWarm,
            $this->lowest !== null && $celsius < $this->lowest - 1e-9 => Range::TooCold,
            default => Range::Within,
        };
    }
}
