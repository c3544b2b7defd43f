<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Database\Row;
use App\Kitchen\Database\Table;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Database\Query\Builder;

/**
 * Portions that are held back: they lie there and are not served until somebody lets them go.
 *
 * @property int $seq
 * @property string $lot_id
 * @property string $why
 * @property string $held_by
 * @property string $held_at ISO 8601
 * @property string|null $released_at ISO 8601
 */
final class HeldLot extends Table
{
    protected $table = 'lot_holds';

    protected $primaryKey = 'seq';

    /** Ids of those held now. */
    public static function now(): Builder
    {
        return self::rows()->select('lot_id')->whereNull('released_at');
    }

    public static function why(string $lot): ?string
    {
        $why = self::rows()->where('lot_id', $lot)->whereNull('released_at')->value('why');

        return is_string($why) ? $why : null;
    }

    /** @return array<string, string> why, by lot */
    public static function whys(): array
    {
        $all = [];
        foreach (Row::all(self::rows()->whereNull('released_at')->get(['lot_id', 'why'])) as $row) {
            $all[$row->text('lot_id')] = $row->text('why');
        }

        return $all;
    }

    /**
     * Only asked inside a transaction; what is held already stays as it is.
     *
     * @param  list<string>  $lots
     * @return int lots that are held by it now
     */
    public static function hold(array $lots, string $why, Person $by): int
    {
        $held = array_keys(self::whys());
        $new = array_values(array_diff($lots, $held));
        foreach ($new as $lot) {
            self::rows()->insert([
                'lot_id' => $lot,
                'why' => $why,
                'held_by' => $by->id,
                'held_at' => Moment::written(now()),
            ]);
        }

        return count($new);
    }

    /** @return int lots that are let go */
    public static function release(string $why): int
    {
        return self::rows()
            ->where('why', $why)
            ->whereNull('released_at')
            ->update(['released_at' => Moment::written(now())]);
    }
}
