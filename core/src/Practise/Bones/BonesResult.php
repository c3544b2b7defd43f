<?php

declare(strict_types=1);

namespace Sectum\Practise\Bones;

/** What came of a search for bones. */
final readonly class BonesResult
{
    /**
     * @param  int  $bones  there were
     * @param  list<PinBone>  $missed
     * @param  list<int>  $beside  taps beside every bone, by their place among the taps
     */
    public function __construct(public float $scorePct, public int $bones, public array $missed, public array $beside)
    {
    }

    public function found(): int
    {
        return $this->bones - count($this->missed);
    }
}
