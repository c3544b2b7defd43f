<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\EachKeyOnce;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * How a reading was taken back. Few ever are, and readings read from their pieces say whether they were: of the others
 * nothing is asked.
 *
 * @template TReading of Reading
 *
 * @extends HasOne<ReadingVoid, TReading>
 */
final class TakenBack extends HasOne
{
    use EachKeyOnce;

    /** @param  array<int, TReading>  $models */
    public function addEagerConstraints(array $models): void
    {
        parent::addEagerConstraints(
            array_filter($models, fn (Reading $reading): bool => $reading->is_taken_back !== 0),
        );
    }
}
