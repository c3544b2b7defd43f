<?php

declare(strict_types=1);

namespace App\Compute;

use App\Kitchen\Record;

/**
 * A computation that is done beside the page.
 *
 * @property string $id
 * @property string $name
 * @property string $asked_by
 * @property string $asked_at
 * @property string $state waiting, computing, done or refused
 * @property int $progress_pct 0 to 100
 * @property string $request JSON
 * @property string|null $answer JSON; a problem document when it was refused
 */
final class Computed extends Record
{
    public const WAITING = 'waiting';

    public const COMPUTING = 'computing';

    public const DONE = 'done';

    public const REFUSED = 'refused';

    protected $table = 'computations';

    protected $attributes = ['state' => self::WAITING, 'progress_pct' => 0];

    /** @return Answer */
    public function view(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'state' => $this->state,
            'progress_pct' => $this->progress_pct,
            'answer' => $this->answer === null ? null : json_decode($this->answer, false, 64, JSON_THROW_ON_ERROR),
        ];
    }
}
