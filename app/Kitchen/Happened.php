<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Fish\Reading;
use Illuminate\Support\Carbon;
use Spatie\Activitylog\Models\Activity;

/**
 * Something somebody did, in a sentence, in universal time.
 *
 * @property int|null $after_seq the reading that was the latest then: what happened after what is no question of a
 *     clock
 */
final class Happened extends Activity
{
    public function freshTimestamp(): Carbon
    {
        return Carbon::now('UTC');
    }

    protected static function booted(): void
    {
        self::creating(function (self $happened): void {
            $happened->after_seq = Reading::last();
        });
    }
}
