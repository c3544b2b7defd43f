<?php

declare(strict_types=1);

namespace App\Fish;

/** What of a fish was thrown away out of the bins because it was spoilt. */
interface ThrownAway
{
    /**
     * @param  list<string>  $fish  ids
     * @return list<array{string, string}> the fish, and when, ISO 8601
     */
    public function spoilt(array $fish): array;
}
