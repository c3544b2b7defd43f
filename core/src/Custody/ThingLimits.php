<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** What may still be done with a thing, and until when. Minutes as in the events. */
final readonly class ThingLimits
{
    /**
     * @param  int|null  $until  null while it is frozen and does not thaw
     * @param  CustodyCode|null  $stop  why it may not be served now
     * @param  int|null  $rawUntil  while it may be served raw
     * @param  int  $warm  minutes out of the cold
     * @param  int|null  $warmLimit  null where there is none
     * @param  list<string>  $allergens
     */
    public function __construct(
        public ?int $until,
        public ?CustodyCode $stop,
        public bool $rawOpen,
        public ?int $rawUntil,
        public bool $thawed,
        public bool $frozen,
        public bool $thawing,
        public bool $proof,
        public int $warm,
        public ?int $warmLimit,
        public array $allergens,
    ) {
    }

    public function mayBeServed(): bool
    {
        return $this->stop === null;
    }

    public function mayBeFrozen(): bool
    {
        return $this->stop === null && ! $this->thawed;
    }
}
