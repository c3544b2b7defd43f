<?php

declare(strict_types=1);

namespace App\Receive\Claims;

use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Delivery\DeliveryView;
use Sectum\Measure\Money;
use Sectum\Receive\Claims\ClaimAnswer;

/** What the claim's screen shows: what is claimed, what was sent, what the supplier said and credited. */
final readonly class ClaimView
{
    /** @return Answer */
    public static function of(string $delivery, Person $person): array
    {
        $file = ClaimFile::of($delivery, $person->seesPrices());
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $course = $file->course;
        $sent = $file->sent();
        $print = fn (?Money $money): ?string => $money === null || $money->minor === 0 || ! $person->seesPrices()
            ? null
            : $money->print();

        return [
            'delivery' => DeliveryView::head($file->delivery, $words),
            'items' => DeliveryView::items($file->claim),
            'total' => $print($file->claim->total),
            'text' => $file->claim->isEmpty() ? null : $file->text(),
            'state' => $course->state->value,
            'is_new' => $file->isNew(),
            'claimed' => $print($course->claimed),
            'credited' => $print($course->credited),
            'outstanding' => $print($course->outstanding()),
            'answers' => array_column(ClaimAnswer::cases(), 'value'),
            'sent' => array_map(
                fn (array $item): array => [
                    'line' => $item['line'],
                    'sentence' => $item['sentence'],
                    'amount' => $item['minor'] === null || ! $person->seesPrices()
                        ? ''
                        : $settings->money($item['minor'])->plain(),
                    'carried' => $item['fish'] !== [],
                ],
                $sent->items ?? [],
            ),
            'steps' => array_map(
                fn (ClaimEntry $entry, int $i): array => [
                    'id' => $entry->id,
                    'step' => $entry->step?->value,
                    'answer' => $entry->answer?->value,
                    'number' => $entry->number,
                    'note' => $entry->answer === null ? '' : $entry->text,
                    'money' => $print($settings->money($entry->minor)),
                    'by' => $entry->writer->name,
                    'at' => Moment::at($entry->written_at)->format('D j M, H:i'),
                    'can_undo' => $person->seesPrices() && $i === count($file->entries) - 1,
                ],
                $file->entries,
                array_keys($file->entries),
            ),
        ];
    }
}
