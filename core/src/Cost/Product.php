<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;

/** Something eaten that came of the fish: so much of it, in so many pieces. */
final readonly class Product
{
    /**
     * @param  Mass  $mass  above zero
     * @param  list<Mass>|positive-int  $pieces  each piece's mass, or how many equal ones
     * @param  BigRational  $relativeValue  of a kilo beside the other products', above zero
     */
    public function __construct(
        public string $id,
        public Mass $mass,
        public array|int $pieces,
        public BigRational $relativeValue,
    ) {
    }

    /** @return list<int> */
    public function pieceWeights(): array
    {
        return is_int($this->pieces)
            ? array_fill(0, $this->pieces, 1)
            : array_map(fn (Mass $piece): int => $piece->milligrams, $this->pieces);
    }
}
