<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

use Sectum\Fish\Family;
use Sectum\Measure\Mass;

/** What a portion was meant to weigh, and where it went. */
final readonly class PortionCut
{
    /**
     * @param  Mass|null  $target  of all that lay on the scale together; null when it is for no dish
     * @param  string|null  $tray  it was put on
     * @param  Family|null  $bin  of the bin it was sent to; null for a portion that stayed one
     */
    public function __construct(public ?Mass $target, public ?string $tray = null, public ?Family $bin = null)
    {
    }
}
