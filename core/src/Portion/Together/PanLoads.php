<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

/** Portions of a banquet on sheet pans, pans in trolleys or racks, and pans in the oven. */
final readonly class PanLoads
{
    /**
     * @param  int  $onTheLast  pieces on the last pan
     * @param  int  $trolleys  0 when nobody said how many pans one takes
     * @param  int  $loads  of the oven; 0 when nobody said how many pans it takes
     */
    private function __construct(
        public int $pans,
        public int $onTheLast,
        public int $trolleys,
        public int $loads,
    ) {
    }

    /**
     * @param  int  $pieces  0 or more
     * @param  int  $perPan  1 or more
     * @param  int  $perTrolley  pans, 0 when it does not matter
     * @param  int  $perOven  pans, 0 when it does not matter
     *
     * @throws BadBatch which names the figure
     */
    public static function of(int $pieces, int $perPan, int $perTrolley = 0, int $perOven = 0): self
    {
        $pieces >= 0 || throw new BadBatch('There are none or more pieces.', $pieces, '/pieces');
        $perPan >= 1 || throw new BadBatch('A pan takes at least one piece.', $perPan, '/per_pan');
        $up = fn (int $all, int $each): int => $each < 1 ? 0 : intdiv($all + $each - 1, $each);
        $pans = $up($pieces, $perPan);

        return new self(
            $pans,
            $pans === 0 ? 0 : $pieces - ($pans - 1) * $perPan,
            $up($pans, $perTrolley),
            $up($pans, $perOven),
        );
    }
}
