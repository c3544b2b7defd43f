<?php

declare(strict_types=1);

namespace Sectum\Log;

use DateTimeImmutable;
use Sectum\Measure\Mass;

/** Something that happened to fish, for whoever has to follow it. */
final readonly class Event
{
    /**
     * @param  'receiving'|'refusing'|'breaking down'  $kind
     * @param  string  $id  of the event, a URI
     * @param  array<string, Mass>  $inputs  what went in, by URI; what was seen, when nothing was transformed
     * @param  array<string, Mass>  $outputs  what came out, by URI
     * @param  array<string, string>  $facts  lot, catch area and the like, by short name
     */
    public function __construct(
        public string $kind,
        public string $id,
        public DateTimeImmutable $at,
        public array $inputs,
        public array $outputs = [],
        public array $facts = [],
    ) {
    }
}
