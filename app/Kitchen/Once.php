<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * What was sent under an id the page made, so that the same request sent again writes nothing, and another one under
 * the same id is noticed.
 */
final readonly class Once
{
    /**
     * Whether this id comes for the first time. Only asked inside the transaction that writes what it names, so that of
     * two that come at once one waits and then knows.
     *
     * @param  string  $what  what the id names: kind of act and what it is done to
     *
     * @throws Fault when the id was sent before with other content
     */
    public static function isNew(string $id, string $what, Fields|string $content): bool
    {
        DB::transactionLevel() > 0 || throw new LogicException('Asked outside the transaction that writes it.');
        $digest = hash('sha256', $what."\n".(is_string($content) ? $content : self::canonical($content->all())));
        if (
            Sent::rows()
                ->insertOrIgnore(['id' => $id, 'digest' => $digest]) === 1
        ) {
            return true;
        }
        if (Sent::query()->whereKey($id)->value('digest') !== $digest) {
            throw Fault::conflict('This was sent before with other content, and kept so. Nothing was changed.', [
                'id' => $id,
            ]);
        }

        return false;
    }

    /** @param  array<array-key, mixed>  $values */
    private static function canonical(array $values): string
    {
        return json_encode(self::sorted($values), JSON_THROW_ON_ERROR);
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }
}
