<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** One step of a period's walk. */
final readonly class WalkLine
{
    /**
     * @param  Money  $paid  for these grams on the invoice
     * @param  Mass|null  $best  what the best tenth of this house's fish would have left; null where that is no fault,
     *     or too few fish are known
     */
    public function __construct(
        public WalkStep $step,
        public Mass $mass,
        public Money $paid,
        public ?Mass $best,
    ) {
    }

    /** What the best of this house would have kept; never less than nothing. */
    public function saved(): Mass
    {
        $saved = $this->best === null ? Mass::zero() : $this->mass->minus($this->best);

        return $saved->isNegative() ? Mass::zero() : $saved;
    }
}
