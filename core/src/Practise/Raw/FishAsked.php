<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

use Sectum\Fish\Hazard;

/** A kind of fish a case may be about. */
final readonly class FishAsked
{
    /** @param  list<Hazard>  $hazards */
    public function __construct(public string $name, public ?string $scientific, public array $hazards)
    {
    }
}
