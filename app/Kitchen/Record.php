<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\Table;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Support\Str;

/** A row of the kitchen's records, known by a ULID that the page may have made. */
abstract class Record extends Table
{
    use HasUlids;

    public $incrementing = false;

    protected $keyType = 'string';

    public function getIncrementing(): bool
    {
        return false;
    }

    /** In capitals, as the page writes them: an id has one spelling. */
    public function newUniqueId(): string
    {
        return (string) Str::ulid();
    }

    /** The house's next running number of this kind, from 1; asked inside the transaction that takes it. */
    public static function nextNumber(): int
    {
        $last = static::query()->max('number');

        return (is_numeric($last) ? (int) $last : 0) + 1;
    }
}
