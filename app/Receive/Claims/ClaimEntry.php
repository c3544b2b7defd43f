<?php

declare(strict_types=1);

namespace App\Receive\Claims;

use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Receive\Claims\ClaimAnswer;
use Sectum\Receive\Claims\ClaimEvent;
use Sectum\Receive\Claims\ClaimStep;

/**
 * One thing that happened to the claim of a delivery; only ever added to.
 *
 * @property string $id ULID
 * @property string $delivery_id
 * @property ClaimStep|null $step null when it takes another back
 * @property ClaimAnswer|null $answer
 * @property string $number of the credit note
 * @property string $text as it was sent, or what the supplier said
 * @property list<array{line: string, sentence: string, minor: int|null, fish: array<string, int>}> $items as sent, with
 *     the milligrams of each fish; of a credit note with the minor units each fish got
 * @property int $minor claimed or credited in all
 * @property string|null $undoes
 * @property string $written_by
 * @property string $written_at ISO 8601
 * @property-read Person $writer
 */
final class ClaimEntry extends Record
{
    protected $table = 'claim_steps';

    /** @return BelongsTo<Person, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'written_by');
    }

    public function event(Currency $currency): ?ClaimEvent
    {
        return $this->step === null
            ? null
            : new ClaimEvent($this->step, Money::ofMinor($this->minor, $currency), $this->answer);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['step' => ClaimStep::class, 'answer' => ClaimAnswer::class, 'items' => 'array'];
    }
}
