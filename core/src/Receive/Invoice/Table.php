<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

/** A file of rows under one header. */
final readonly class Table
{
    /**
     * @param  list<string>  $headers
     * @param  array<int, list<string>>  $rows  by the line they begin on
     */
    public function __construct(public array $headers, public array $rows)
    {
    }
}
