<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use App\Kitchen\Database\Table;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Carbon;

/**
 * A backup that was made, opened and found whole.
 *
 * @property int $id
 * @property string $file
 * @property int $bytes
 * @property string $sha256
 * @property string $made_at
 */
final class Backup extends Table
{
    protected $table = 'backups';

    /** A night and two hours: what is older was missed. */
    private const DUE_AFTER_S = 26 * 3600;

    /** What to tell the head chef when the last backup is too old; null while it is not, and in the demo. */
    public static function due(): ?string
    {
        if (config('sectum.demo') === true) {
            return null;
        }
        $last = self::query()->orderByDesc('id')->first();
        $since = $last === null ? Person::query()->min('created_at') : $last->made_at;
        if (
            ! is_string($since) ||
            Moment::at($since)->getTimestamp() > Carbon::now()->getTimestamp() - self::DUE_AFTER_S
        ) {
            return null;
        }

        return $last === null
            ? 'No backup has been made yet. Run "php artisan sectum:backup" on the kitchen computer.'
            : 'The last backup was made on '.
                    Moment::at($last->made_at)->format('D j M, H:i').
                    '. Run "php artisan sectum:backup" on the kitchen computer.';
    }
}
