<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** One thing wrong with a delivery. */
final readonly class ClaimItem
{
    /**
     * @param  'short'|'over'|'refused'|'wrong grade'|'wrong species'|'not as sold'|'found when cut'|'dearer'  $kind
     * @param  Money|null  $claimed  the credit claimed; null when nothing is, or the price is not known
     * @param  array<string, Mass>  $fish  the fish that were kept and it is about, by their ids
     */
    public function __construct(
        public string $kind,
        public string $line,
        public Mass $mass,
        public int $count,
        public ?Money $claimed,
        public string $sentence,
        public array $fish = [],
    ) {
    }
}
