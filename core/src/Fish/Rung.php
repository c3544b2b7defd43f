<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** The rungs of the yield ladder, from the box down to the plate. */
enum Rung: string
{
    case AsBought = 'as bought';
    case Gutted = 'gutted';
    case Headless = 'headless';
    case Fillets = 'fillets';
    case Trimmed = 'trimmed';
    case Skinned = 'skinned';
    case Portions = 'portions';
}
