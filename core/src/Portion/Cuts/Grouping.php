<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

/** Pieces weighed one by one, put together so many to a plate: every plate in its band. */
final readonly class Grouping
{
    public const MOST_A_PLATE = 3;

    /**
     * @param  list<list<int>>  $groups  places in the list as given, from 0
     * @param  float  $spread  Σ(sum − target)², grams squared
     * @param  list<int>  $left  places of those on no plate
     * @param  int  $bound  more plates than these cannot be made; for twos it is what is made
     */
    private function __construct(
        public array $groups,
        public float $spread,
        public array $left,
        public int $bound,
    ) {
    }

    /**
     * @param  list<float>  $masses  grams, each above 0; at most {@see Pairing::MOST}
     * @param  float  $target  of a plate, above 0
     * @param  int  $perPlate  2, which is exact, or 3, which is searched for
     *
     * @throws BadCut which names the figure
     */
    public static function of(array $masses, float $target, float $minus, float $plus, int $perPlate): self
    {
        ($perPlate === 2 || $perPlate === self::MOST_A_PLATE) ||
            throw new BadCut('Pieces are put together in twos or threes.', $perPlate, '/per_plate');
        if ($perPlate === 2) {
            $pairing = Pairing::of($masses, $target, $minus, $plus);

            return new self(
                array_map(fn (Pair $pair): array => [$pair->first, $pair->second], $pairing->pairs),
                $pairing->spread,
                $pairing->left,
                count($pairing->pairs),
            );
        }
        $threes = Threes::of($masses, $target, $minus, $plus);

        return new self($threes->groups, $threes->spread, $threes->left, $threes->bound);
    }
}
