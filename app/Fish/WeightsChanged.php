<?php

declare(strict_types=1);

namespace App\Fish;

/**
 * What a fish gave has to be worked out anew: a part was weighed, taken back or mended, it moved on, or it is cut
 * another way.
 */
final readonly class WeightsChanged
{
    /** @param  Fish  $fish  as it is now, all that was just written among it */
    public function __construct(public Fish $fish)
    {
    }
}
