<?php

declare(strict_types=1);

namespace Sectum\Receive;

use DateTimeImmutable;

/** A fish, or several like ones, in the cold room and not yet cut. */
final readonly class ColdFish
{
    /**
     * @param  DateTimeImmutable  $keepsUntil  when its life on ice ends, by the last inspection or its kind
     * @param  DateTimeImmutable|null  $rawUntil  when it stops being bright enough for raw service; null when raw
     *     service is not open to it
     * @param  DateTimeImmutable|null  $restsUntil  when it may be cut; null when it may now
     * @param  string|null  $held  why the head chef has to decide; null when nobody has to
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $receivedAt,
        public DateTimeImmutable $keepsUntil,
        public ?DateTimeImmutable $rawUntil = null,
        public ?DateTimeImmutable $restsUntil = null,
        public ?string $held = null,
        public bool $inspected = true,
    ) {
    }
}
