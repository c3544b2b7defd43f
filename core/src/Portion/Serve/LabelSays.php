<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

use Sectum\Sentence;

/** What a label says of how the fish on it is served. */
enum LabelSays: string implements Sentence
{
    case Raw = 'raw';
    case Seared = 'seared';
    case Marinated = 'marinated';
    case LightlyCured = 'lightly-cured';
    case Cured = 'cured';
    case Cooked = 'cooked';
}
