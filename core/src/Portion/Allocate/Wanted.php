<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Sectum\Portion\BadFillet;

/** So many portions of a kind are wanted tonight; one more than that is worth less. */
final readonly class Wanted
{
    /**
     * @param  float  $targetGrams  1 g to 20 kg; counted to a tenth of a gram
     * @param  int  $need  0 or more
     * @param  float  $value  of one that is wanted, in any money; 0 or more
     * @param  float  $surplusValue  of one more than wanted, 0 up to the value
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(
        public string $id,
        public float $targetGrams,
        public int $need,
        public float $value,
        public float $surplusValue,
    ) {
        ($targetGrams >= 1 && $targetGrams <= 20_000) ||
            throw new BadFillet('A portion weighs 1 g to 20 kg.', $targetGrams, '/target_g');
        $need >= 0 || throw new BadFillet('Wanted are none or more.', $need, '/need');
        ($value >= 0 && is_finite($value)) ||
            throw new BadFillet('A portion is worth nothing or more.', $value, '/value');
        ($surplusValue >= 0 && $surplusValue <= $value) ||
            throw new BadFillet(
                'One more than wanted is worth no more than one that is wanted.',
                $surplusValue,
                '/surplus_value',
            );
    }
}
