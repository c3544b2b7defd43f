<?php

declare(strict_types=1);

namespace App\Fish;

use Sectum\Receive\FrozenHere;

/** Which pieces of a fish were frozen for raw service with a record that meets a rule. A later stage knows. */
interface RawEvidence
{
    /**
     * Evidence passes down: what was cut from a piece that has it has it too.
     *
     * @return array<string, FrozenHere> by piece, those that have it
     */
    public function of(Fish $fish): array;
}
