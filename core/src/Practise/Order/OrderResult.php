<?php

declare(strict_types=1);

namespace Sectum\Practise\Order;

/** What came of an order of steps. */
final readonly class OrderResult
{
    /**
     * @param  float  $orderPct  of the pairs that stand the right way
     * @param  list<Reason>  $broken  rules that were broken, as the catalogue has them
     * @param  array<string, string>  $cautions  the right one, by letter of the step
     */
    public function __construct(
        public float $scorePct,
        public float $orderPct,
        public array $broken,
        public array $cautions,
    ) {
    }
}
