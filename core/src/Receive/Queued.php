<?php

declare(strict_types=1);

namespace Sectum\Receive;

use DateTimeImmutable;

/** A fish in its place in the cold room's order. */
final readonly class Queued
{
    /**
     * @param  'decide'|'cut'|'rest'  $group  wait for the head chef, may be cut now, or rest first
     * @param  DateTimeImmutable  $by  what it is ordered by: raw service, its life, or the end of its rest
     * @param  list<string>  $reasons
     */
    public function __construct(
        public string $id,
        public string $group,
        public DateTimeImmutable $by,
        public array $reasons,
    ) {
    }
}
