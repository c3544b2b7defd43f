<?php

declare(strict_types=1);

namespace App\Devices;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the label printer was given. Never changed and never deleted: the database refuses both.
 *
 * @property string $id
 * @property string|null $batch_id
 * @property string $title
 * @property int $labels
 * @property string $pdf the file's bytes
 * @property string $printed_by
 * @property string $printed_at
 * @property-read Person $person
 */
final class Printed extends Record
{
    private const SHOWN = 30;

    protected $table = 'printed';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'printed_by');
    }

    /** @return list<Answer> last printed first */
    public static function latest(): array
    {
        return self::lines(self::query());
    }

    /** @return list<Answer> */
    public static function ofBatch(string $batch): array
    {
        return self::lines(self::query()->where('batch_id', $batch));
    }

    /**
     * @param  Builder<self>  $query
     * @return list<Answer>
     */
    private static function lines(Builder $query): array
    {
        $printed = $query
            ->with('person')
            ->orderByDesc('printed_at')
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get(['id', 'batch_id', 'title', 'labels', 'printed_by', 'printed_at']);

        return array_values(
            $printed
                ->map(
                    fn (self $one): array => [
                        'id' => $one->id,
                        'title' => $one->title,
                        'labels' => $one->labels,
                        'by' => $one->person->name,
                        'at' => Moment::at($one->printed_at)->format('j M, H:i'),
                    ],
                )
                ->all(),
        );
    }
}
