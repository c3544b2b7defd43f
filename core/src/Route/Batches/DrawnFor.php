<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

/** What a batch is drawn on for. */
enum DrawnFor: string
{
    case Dish = 'dish';
    case Staff = 'staff';
    case Batch = 'batch';
}
