<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Sentence;

/** Why an answer makes no sense on a fish, or beside another answer. */
enum WhyNot: string implements Sentence
{
    case OffAlready = 'off-already';
    case HasNone = 'has-none';
    case GoesWithTheGuts = 'goes-with-the-guts';
    case TooHeavy = 'too-heavy';
    case HeadCarriesTheGuts = 'head-carries-the-guts';
    case CutGoesThroughTheBelly = 'cut-goes-through-the-belly';
    case GuttingTakesIt = 'gutting-takes-it';
    case BellyStaysClosed = 'belly-stays-closed';
    case FirstCutStartsBehindIt = 'first-cut-starts-behind-it';
    case NoStripToTake = 'no-strip-to-take';
    case SkinStaysOn = 'skin-stays-on';
    case SkinComesOff = 'skin-comes-off';
    case SkinComesOffFirst = 'skin-comes-off-first';
    case SkinIsEaten = 'skin-is-eaten';
    case SkinHoldsTheFlesh = 'skin-holds-the-flesh';
    case NoBlocks = 'no-blocks';
    case LeavesWithTheRibs = 'leaves-with-the-ribs';
    case RowsTear = 'rows-tear';
    case OneRowComesOut = 'one-row-comes-out';
    case LeavesAtTheSeam = 'leaves-at-the-seam';
    case StripSplitsAPortion = 'strip-splits-a-portion';
    case ThisCutFreesIt = 'this-cut-frees-it';
}
