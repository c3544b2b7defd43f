<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/**
 * Flesh of a fillet that nobody portioned: more than squaring off and a tail end leave is asked about before the fish
 * goes on.
 */
final readonly class LeftFlesh
{
    /** Of a fillet, in percent: its ends and tail, when they are not weighed one by one. Our estimate. */
    private const USUAL_PCT = 20.0;

    /** Below this nobody would go back to it. Our estimate. */
    private const WORTH_ASKING_G = 100.0;

    /**
     * Whether so much of a fillet left uncut is asked about.
     *
     * @param  Mass  $left  not portioned and not weighed as anything else
     * @param  Mass  $fillet  as it came off
     */
    public static function isMuch(Mass $left, Mass $fillet): bool
    {
        return $left->grams() >= self::WORTH_ASKING_G &&
            $left->milligrams * 100 > self::USUAL_PCT * $fillet->milligrams;
    }
}
