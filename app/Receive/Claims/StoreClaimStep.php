<?php

declare(strict_types=1);

namespace App\Receive\Claims;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\Fish;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\Claims\ClaimAnswer;
use Sectum\Receive\Claims\ClaimStep;
use Sectum\Receive\Claims\CreditNote;

/** A claim is sent, answered or credited; a credit lowers what its very fish cost. */
final readonly class StoreClaimStep
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $delivery, string $id, Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        DB::connection()->transaction(function () use ($delivery, $id, $fields, $person): void {
            if (! Once::isNew($id, "claim {$delivery}", $fields)) {
                return;
            }
            $file = ClaimFile::of($delivery);
            $undoes = $fields->maybeString('undoes');
            if ($undoes !== null) {
                $this->takeBack($file, $id, $undoes, $person);

                return;
            }
            $step = ClaimStep::from($fields->string('step'));
            Fault::within('', fn () => $file->course->mustBeReadyFor($step, $file->isNew()));
            $this->write($file, $id, $person, $step->value, match ($step) {
                ClaimStep::Sent => self::sent($file),
                ClaimStep::Answered => self::answered($fields),
                ClaimStep::Credited => self::credited($file, $fields),
            });
        });
    }

    /** @return array<string, mixed> */
    private static function sent(ClaimFile $file): array
    {
        $file->claim->isEmpty() && throw Fault::conflict('There is nothing to claim on this delivery.');

        return ['text' => $file->text(), 'items' => $file->items(), 'minor' => $file->claim->total->minor];
    }

    /** @return array<string, mixed> */
    private static function answered(Fields $fields): array
    {
        $answer = ClaimAnswer::tryFrom($fields->maybeString('answer') ?? '') ??
            throw Fault::inField('/answer', 'Say what the supplier answered.');

        return ['answer' => $answer->value, 'text' => trim($fields->maybeString('note') ?? '')];
    }

    /** @return array<string, mixed> */
    private static function credited(ClaimFile $file, Fields $fields): array
    {
        $number = trim($fields->maybeString('number') ?? '');
        $number !== '' || throw Fault::inField('/number', 'Type the number of the credit note.');
        self::mustBeNewNumber($file->delivery, $number);
        $settings = Settings::load();
        $items = $file->sent()->items ?? [];
        $amounts = array_fill(0, count($items), Money::zero($settings->currency));
        foreach ($fields->has('items') ? $fields->strings('items') : [] as $i => $typed) {
            isset($items[$i]) || throw Fault::inField('/items', 'The claim has no such item. Load it once more.');
            $amounts[$i] = trim($typed) === ''
                ? $amounts[$i]
                : Fault::at("/items/{$i}", fn (): Money => Money::parse($typed, $settings->currency));
        }
        $amounts = array_values($amounts);
        $note = Fault::within('', fn (): CreditNote => CreditNote::of(
            $amounts,
            array_map(
                fn (array $item): array => array_map(Mass::ofMilligrams(...), $item['fish']),
                $items,
            ),
            self::costs($items, $settings),
            $settings->currency,
        ));
        foreach ($note->fish as $fish => $share) {
            Fish::query()->whereKey($fish)->increment('credited_minor', $share->minor);
        }

        return [
            'number' => $number,
            'minor' => $note->total->minor,
            'items' => [[
                'line' => '',
                'sentence' => '',
                'minor' => $note->total->minor,
                'fish' => array_map(fn (Money $share): int => $share->minor, $note->fish),
            ]],
        ];
    }

    /**
     * What each fish cost at the invoice's price, less what was credited for it before.
     *
     * @param  list<array{fish: array<string, int>}>  $items
     * @return array<string, Money>
     */
    private static function costs(array $items, Settings $settings): array
    {
        $ids = array_keys(array_merge(...array_column($items, 'fish')));
        $costs = [];
        foreach (Fish::query()->with('pieces.readings.void')->whereKey($ids)->get() as $fish) {
            if ($fish->price_per_kg_minor !== null) {
                $costs[$fish->id] = $settings
                    ->perKg($fish->price_per_kg_minor)
                    ->times($fish->mass())
                    ->minus($settings->money($fish->credited_minor))
                    ->orNothing();
            }
        }

        return $costs;
    }

    /** A credit note is entered once, whoever holds it in hand. */
    private static function mustBeNewNumber(Delivery $delivery, string $number): void
    {
        $twin = ClaimEntry::query()
            ->with('writer')
            ->where('number', $number)
            ->whereIn('delivery_id', Delivery::query()->select('id')->where('supplier_id', $delivery->supplier_id))
            ->whereNotIn('id', ClaimEntry::query()->select('undoes')->whereNotNull('undoes'))
            ->first();
        $twin === null || throw Fault::inField(
            '/number',
            "Credit note {$number} is recorded already, by {$twin->writer->name}.",
        );
    }

    private function takeBack(ClaimFile $file, string $id, string $undoes, Person $person): void
    {
        $last = array_slice($file->entries, -1)[0] ?? null;
        if ($last?->id !== $undoes) {
            throw Fault::conflict('Only the last thing that happened to a claim can be undone. Load it once more.');
        }
        if ($last->step === ClaimStep::Credited) {
            foreach ($last->items as $item) {
                foreach ($item['fish'] as $fish => $minor) {
                    Fish::query()->whereKey($fish)->decrement('credited_minor', $minor);
                }
            }
        }
        $this->write($file, $id, $person, null, ['undoes' => $undoes]);
    }

    /** @param  array<string, mixed>  $what */
    private function write(ClaimFile $file, string $id, Person $person, ?string $step, array $what): void
    {
        ClaimEntry::query()->create([
            'id' => $id,
            'delivery_id' => $file->delivery->id,
            'step' => $step,
            ...$what,
            'written_by' => $person->id,
            'written_at' => Moment::written($this->clock->now()),
        ]);
        activity('delivery')
            ->performedOn($file->delivery)
            ->causedBy($person)
            ->log($step === null ? "{$person->name} undid a step of its claim." : "{$person->name}: claim {$step}.");
    }
}
