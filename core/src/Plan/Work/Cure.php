<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** One way to be ready in time. */
final readonly class Cure
{
    /**
     * @param  string|null  $who  a cutter who begins earlier or stays longer
     * @param  string|null  $serves  the dish at a service whose fish is bought as fillets
     * @param  float  $minutes  of work more that are paid; those saved where fillets are bought
     * @param  float|null  $from  minute of the day from which there is another pair of hands, or a cutter begins
     */
    public function __construct(
        public CureKind $kind,
        public float $minutes,
        public ?string $who = null,
        public ?string $serves = null,
        public ?float $from = null,
    ) {
    }
}
