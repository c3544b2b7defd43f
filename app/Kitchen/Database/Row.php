<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A row of a table that has no model of its own, read by name and type. */
final readonly class Row
{
    private function __construct(private stdClass $row)
    {
    }

    public static function of(stdClass $row): self
    {
        return new self($row);
    }

    public static function maybe(mixed $row): ?self
    {
        return $row instanceof stdClass ? new self($row) : null;
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<self>
     */
    public static function all(Collection $rows): array
    {
        return array_values($rows->map(fn (stdClass $row): self => new self($row))->all());
    }

    /**
     * What a question answers that is asked with every weight: as it is written, it need not be put together first.
     *
     * @param  list<string|int|null>  $of
     * @return list<self>
     */
    public static function selected(string $question, array $of): array
    {
        /** @var list<stdClass> $rows */
        $rows = DB::select($question, $of);

        return array_map(fn (stdClass $row): self => new self($row), $rows);
    }

    public function text(string $column): string
    {
        $value = $this->row->{$column} ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * As they stand in the database.
     *
     * @param  list<string>  $columns
     * @return array<string, string|int|float|null>
     */
    public function cells(array $columns): array
    {
        $cells = [];
        foreach ($columns as $column) {
            $value = $this->row->{$column} ?? null;
            $cells[$column] = is_string($value) || is_int($value) || is_float($value) ? $value : null;
        }

        return $cells;
    }

    public function number(string $column): float
    {
        return (float) $this->text($column);
    }
}
