<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

/** What a piece weighs on the board so that it weighs right on the plate, once its preparation has taken its share. */
final readonly class BoardWeight
{
    private function __construct(public float $grams)
    {
    }

    /**
     * @param  float  $plateGrams  above 0
     * @param  list<float>  $lossesPct  of what there is then, in the order they are lost; 0 or more, below 100
     *
     * @throws BadCut which names the figure
     */
    public static function of(float $plateGrams, array $lossesPct): self
    {
        $plateGrams > 0 || throw new BadCut('A portion weighs more than nothing.', $plateGrams, '/plate_g');
        $left = 1.0;
        foreach ($lossesPct as $i => $loss) {
            ($loss >= 0 && $loss < 100) ||
                throw new BadCut('A loss is 0 or more and below 100 %.', $loss, "/losses_pct/{$i}");
            $left *= 1 - $loss / 100;
        }

        return new self($plateGrams / $left);
    }
}
