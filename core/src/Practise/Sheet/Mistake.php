<?php

declare(strict_types=1);

namespace Sectum\Practise\Sheet;

use Sectum\BreakDown\ExplanationKind;

/** A reading that is wrong, and how. */
final readonly class Mistake
{
    /** @param  string  $piece  whose reading it is */
    public function __construct(public string $piece, public ExplanationKind $kind)
    {
    }
}
