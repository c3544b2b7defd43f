<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Kitchen\Record;
use Sectum\Plan\Work\Pin;

/**
 * A task the head chef gave to a hand, or put at an hour. One that was let go again holds neither.
 *
 * @property string $id
 * @property string $day
 * @property string $task which one, by what it is about
 * @property string|null $cutter_id
 * @property int|null $at_minute of the day
 * @property int $version
 * @property string $stored_by
 */
final class PrepPin extends Record
{
    protected $table = 'prep_pins';

    protected $attributes = ['version' => 1];

    public function holds(): bool
    {
        return $this->cutter_id !== null || $this->at_minute !== null;
    }

    public function pin(): Pin
    {
        return new Pin($this->task, $this->cutter_id, $this->at_minute === null ? null : (float) $this->at_minute);
    }
}
