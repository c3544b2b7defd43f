<?php

declare(strict_types=1);

namespace Sectum\Log\Drift;

/** What may have changed when something began to drift. */
enum Changed: string
{
    case Supplier = 'supplier';
    case Method = 'method';
    case Cutter = 'cutter';
    case Sharpened = 'sharpened';
    case Knife = 'knife';
    case ScaleChecked = 'scale-checked';
}
