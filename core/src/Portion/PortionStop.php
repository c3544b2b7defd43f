<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Sentence;

/** Why no further portion of a kind comes off a fillet. */
enum PortionStop: string implements Sentence
{
    /** As many are cut as were wanted: kind, count. */
    case Wanted = 'wanted';

    /** Flesh is missing, and no band a house would set gives it: kind, short. */
    case Short = 'short';

    /** Flesh is missing, and a wider band would give it: kind, short, each (what each piece would give up). */
    case WiderBand = 'wider-band';

    /** The next would lie outside the stretch its dish is cut from: kind, from, to. */
    case Stretch = 'stretch';

    /** Its thin end would be thinner than asked: kind, thin, least. */
    case TooThin = 'too-thin';

    /** It would be thicker than asked: kind, thick, most. */
    case TooThick = 'too-thick';

    /** Its two ends differ by more than asked: kind, thin, thick. */
    case Uneven = 'uneven';

    /** Cutting it brings less than the flesh would otherwise: kind. */
    case NotWorthIt = 'not-worth-it';
}
