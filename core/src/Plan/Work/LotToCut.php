<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\BadPlan;

/** Like fish of one lot, in the house or on their way. */
final readonly class LotToCut
{
    /**
     * @param  string  $lot  what a clean-down lies between
     * @param  int  $fish  1 or more
     * @param  float  $minutes  one fish takes at the board at pace 1; 0 for fillets that are there already
     * @param  array<string, float>  $portions  one fish gives, by dish
     * @param  float|null  $ready  minute of the day before which it is not cut: a rest that ends, a delivery that comes
     * @param  bool  $toReceive  whether it has to be received first
     * @param  bool  $stood  whether its fillets stood already in what they stand in before they are portioned
     *
     * @throws BadPlan when there is no fish
     */
    public function __construct(
        public string $lot,
        public int $fish,
        public float $minutes,
        public array $portions,
        public ?float $ready = null,
        public bool $toReceive = false,
        public bool $stood = false,
    ) {
        $fish > 0 || throw new BadPlan('A lot holds at least one fish.', $fish, '/fish');
    }
}
