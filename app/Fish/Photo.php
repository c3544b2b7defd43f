<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Moment;
use App\Kitchen\Record;

/**
 * A picture of fish as they came, re-encoded by us.
 *
 * @property string $id
 * @property string $line_id
 * @property int $width pixels
 * @property int $height pixels
 * @property int $bytes
 * @property string $taken_by
 * @property string $taken_at ISO 8601
 */
final class Photo extends Record
{
    protected $table = 'photos';

    /** Where it is kept; never below the page's own folder. */
    public function path(): string
    {
        return storage_path('app/photos/'.strtolower($this->id).'.jpg');
    }

    /**
     * @return array{id: string, width: int, height: int, at: string} as the page shows it, with the hour it was taken
     */
    public function view(): array
    {
        return [
            'id' => $this->id,
            'width' => $this->width,
            'height' => $this->height,
            'at' => Moment::hour($this->taken_at),
        ];
    }
}
