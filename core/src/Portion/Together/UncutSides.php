<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

/** The fillets a fish should give, before anybody cut it. */
final readonly class UncutSides
{
    /**
     * @param  float  $meanGrams  all its fillets together, 0 or more
     * @param  float  $sdGrams  0 or more
     * @param  int  $sides  it comes off in, 1 or more
     *
     * @throws BadBatch which names the figure
     */
    public function __construct(public float $meanGrams, public float $sdGrams, public int $sides)
    {
        $meanGrams >= 0 || throw new BadBatch('Fillets weigh nothing or more.', $meanGrams, '/mean_g');
        $sdGrams >= 0 || throw new BadBatch('A spread is 0 or more.', $sdGrams, '/sd_g');
        $sides >= 1 || throw new BadBatch('A fish comes apart in one side or more.', $sides, '/sides');
    }
}
