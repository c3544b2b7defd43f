<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use DateTimeImmutable;
use Sectum\Measure\Mass;

/** Which fish are sought. What is null asks for nothing. */
final readonly class Asked
{
    /**
     * @param  array<string, list<string>>  $names  ids by what they name (Named); any of several
     * @param  DateTimeImmutable|null  $from  first day
     * @param  DateTimeImmutable|null  $until  last day
     * @param  Mass|null  $over  of one fish, or heavier
     * @param  Mass|null  $under  of one fish, lighter
     * @param  int|null  $number  of the fish
     * @param  string  $rest  words that were not understood
     */
    public function __construct(
        public array $names = [],
        public ?DateTimeImmutable $from = null,
        public ?DateTimeImmutable $until = null,
        public ?Mass $over = null,
        public ?Mass $under = null,
        public ?int $number = null,
        public string $rest = '',
    ) {
    }
}
