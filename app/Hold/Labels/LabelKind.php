<?php

declare(strict_types=1);

namespace App\Hold\Labels;

/** What besides a tray of portions gets a label. */
enum LabelKind: string
{
    case Pack = 'pack';
    case Treatment = 'treating';
    /** Stock, soup, mince and the rest. */
    case FoodBatch = 'batch';
    case Tub = 'tub';
}
