<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** Between which a piece's middle lies, as shares of the fillet's length; null where nothing bounds it. */
final readonly class Reach
{
    public function __construct(public ?float $from = null, public ?float $to = null)
    {
    }
}
