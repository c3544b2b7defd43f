<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/** Something that was cut from a fillet and weighed. */
final readonly class CutFromFillet
{
    /** @param  bool  $byMark  whether it was cut where a plan lay on the board */
    public function __construct(public Part $part, public Mass $mass, public bool $byMark)
    {
    }

    /**
     * What has not been cut off a fillet yet; below zero when more came off than it weighed.
     *
     * @param  list<self>  $cuts
     */
    public static function left(Mass $fillet, array $cuts): Mass
    {
        return $fillet->minus(Mass::sum(array_map(fn (self $cut): Mass => $cut->mass, $cuts)));
    }

    /**
     * What a fillet weighed when the first cut by marks was made: without skin, bones or belly, and without what was
     * portioned off it before. Trim and tail end still lay on it then.
     *
     * @param  list<self>  $cuts
     */
    public static function laid(Mass $fillet, array $cuts): Mass
    {
        return self::left(
            $fillet,
            array_values(
                array_filter(
                    $cuts,
                    fn (self $cut): bool => ! $cut->byMark &&
                        ! in_array($cut->part, [Part::TailEnd, Part::Trim], true),
                ),
            ),
        );
    }
}
