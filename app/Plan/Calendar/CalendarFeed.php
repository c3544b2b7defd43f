<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Kitchen\Record;

/**
 * An address under which the services can be read by a calendar, until it is revoked.
 *
 * @property string $id
 * @property string $token
 * @property string $made_by
 * @property string $made_at ISO 8601
 * @property string|null $ended_at
 */
final class CalendarFeed extends Record
{
    protected $table = 'calendar_feeds';
}
