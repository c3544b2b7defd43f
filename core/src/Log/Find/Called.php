<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

/** What some words name. */
final readonly class Called
{
    /**
     * @param  list<string>  $ids  of those so called
     * @param  int  $words  it took
     */
    public function __construct(public Named $kind, public array $ids, public int $words)
    {
    }
}
