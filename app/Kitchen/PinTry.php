<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\Table;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A PIN that was tried. Counted as failed before it is looked at, so that guesses made at the same moment are all
 * counted.
 *
 * @property int $id
 * @property string $person_id
 * @property string $address
 * @property string|null $tablet null where it is not known
 * @property int $at_s Unix time
 * @property bool $failed
 * @property-read Person $person
 */
final class PinTry extends Table
{
    protected $table = 'pin_tries';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /**
     * Those at whose names many wrong PINs were tried within a day, in one row or not.
     *
     * @return list<array{name: string, count: int}>
     */
    public static function rowsOfWrong(): array
    {
        $counts = self::query()
            ->where('failed', true)
            ->where('at_s', '>', Carbon::now()->getTimestamp() - Pin::REMEMBERED_S)
            ->selectRaw('person_id, count(*) as n')
            ->groupBy('person_id')
            ->havingRaw('count(*) >= ?', [Pin::TOLD_FROM])
            ->pluck('n', 'person_id');
        $names = Person::query()->whereKey($counts->keys()->all())->pluck('name', 'id');

        return array_values($counts
            ->map(fn (mixed $n, string|int $person): array => [
                'name' => is_string($names[$person] ?? null) ? $names[$person] : '',
                'count' => is_numeric($n) ? (int) $n : 0,
            ])
            ->all());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['failed' => 'boolean'];
    }
}
