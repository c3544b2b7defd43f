<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Fish\Fish;
use App\Fish\RawEvidence;
use Sectum\Receive\FrozenHere;

/** Evidence as a test wants it. */
final readonly class Filed implements RawEvidence
{
    /** @param  array<string, FrozenHere>  $has  by piece */
    public function __construct(private array $has)
    {
    }

    public function of(Fish $fish): array
    {
        return $this->has;
    }
}
