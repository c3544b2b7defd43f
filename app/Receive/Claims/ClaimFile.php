<?php

declare(strict_types=1);

namespace App\Receive\Claims;

use App\Fish\Delivery;
use App\Kitchen\Settings;
use App\Receive\Delivery\DeliveryView;
use Sectum\Measure\Mass;
use Sectum\Receive\Claim;
use Sectum\Receive\ClaimItem;
use Sectum\Receive\Claims\ClaimCourse;
use Sectum\Receive\Claims\ClaimStep;

/** The claim of a delivery as it is now, with all that happened to it. */
final readonly class ClaimFile
{
    /**
     * @param  list<ClaimEntry>  $entries  in the order they happened, those taken back left out
     */
    private function __construct(
        public Delivery $delivery,
        public Claim $claim,
        public array $entries,
        public ClaimCourse $course,
    ) {
    }

    /** @param  bool  $priced  whether whoever asks may see what it cost */
    public static function of(string $delivery, bool $priced = true): self
    {
        $settings = Settings::load();
        $found = Delivery::atTheDoor($delivery);
        $all = ClaimEntry::query()
            ->with('writer')
            ->where('delivery_id', $found->id)
            ->orderBy('written_at')
            ->orderBy('id')
            ->get();
        $undone = $all->pluck('undoes')->filter()->all();
        $entries = array_values(
            array_filter(
                $all->all(),
                fn (ClaimEntry $one): bool => $one->step !== null && ! in_array($one->id, $undone, true),
            ),
        );

        return new self(
            $found,
            DeliveryView::claim($found, $priced, $settings->currency),
            $entries,
            ClaimCourse::of(
                array_values(
                    array_filter(array_map(fn (ClaimEntry $one) => $one->event($settings->currency), $entries)),
                ),
                $settings->currency,
            ),
        );
    }

    /** The text as it goes to the supplier now. */
    public function text(): string
    {
        return DeliveryView::letter($this->delivery, $this->claim);
    }

    /** As it was sent last; null while it was not. */
    public function sent(): ?ClaimEntry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->step === ClaimStep::Sent) {
                return $entry;
            }
        }

        return null;
    }

    /** Whether what is claimed now differs from what was sent last. */
    public function isNew(): bool
    {
        return $this->sent()?->text !== $this->text();
    }

    /** @return list<array{line: string, sentence: string, minor: int|null, fish: array<string, int>}> */
    public function items(): array
    {
        return array_map(
            fn (ClaimItem $item): array => [
                'line' => $item->line,
                'sentence' => $item->sentence,
                'minor' => $item->claimed?->minor,
                'fish' => array_map(fn (Mass $mass): int => $mass->milligrams, $item->fish),
            ],
            $this->claim->items,
        );
    }
}
