<?php

declare(strict_types=1);

namespace App\Log\Complaint;

/** A row of what a screen shows, read as text for paper. */
final readonly class ShownRow
{
    /** @param  array<array-key, mixed>  $row */
    public function __construct(private array $row)
    {
    }

    public function __invoke(string $name): string
    {
        $value = $this->row[$name] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    /** @return list<string> */
    public function list(string $name): array
    {
        $list = $this->row[$name] ?? [];

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }
}
