<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How fat a lot was landed; the same fish is lean before it has fed up and fat after. */
enum FatGrade: string
{
    case Lean = 'lean';
    case Good = 'good';
    case Fat = 'fat';

    /** What its three drawings show; our own descriptions. */
    public function spoken(): string
    {
        return match ($this) {
            self::Lean => 'Lean: no white between the flakes',
            self::Good => 'Good: white lines at the belly',
            self::Fat => 'Fat: white lines throughout',
        };
    }
}
