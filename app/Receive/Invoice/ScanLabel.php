<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Catalogue\Species;
use App\Fish\DeliveryLine;
use App\Kitchen\Format\Words;
use Psr\Clock\ClockInterface;
use Sectum\Gs1\Element;
use Sectum\Gs1\Scan;

/** What a scanned label says, and what of it belongs into a line. */
final readonly class ScanLabel
{
    /** Production methods of identifier 7010 (General Specifications). */
    private const PRODUCTION = ['01' => 'wild', '02' => 'wild', '03' => 'farmed', '04' => 'farmed'];

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function read(string $text, Words $words): array
    {
        $scan = Scan::read($text, (int) $this->clock->now()->format('Y'));
        $species = $this->species($scan);
        $mass = $scan->netMass();

        return [
            'elements' => array_map(
                fn (Element $element): array => [
                    'ai' => $element->identifier->ai,
                    'title' => $element->identifier->title,
                    'text' => $element->text(),
                ],
                $scan->elements,
            ),
            'line' => array_filter(
                [
                    'species' => $species?->id,
                    'species_name' => $species?->name,
                    'state' => $species?->usual_state->value,
                    'lot' => $scan->get('10')?->value,
                    'gtin' => ($scan->get('01') ?? $scan->get('02'))?->value,
                    'area' => $scan->get('7005')?->value,
                    'gear' => $scan->get('7009')?->value,
                    'harvested_on' => $scan->get('7007')?->until()?->format('Y-m-d'),
                    'production' => self::PRODUCTION[$scan->get('7010')->value ?? ''] ?? null,
                    'vessel' => $scan->get('251')?->value,
                    'count' => $scan->count(),
                    'invoiced' => $mass === null ? null : $mass->brief($words->units->box()),
                    'tag' => $scan->get('21')?->value,
                ],
                fn (mixed $value): bool => $value !== null,
            ),
        ];
    }

    /** By its FAO code, or by what this trade item was last time. */
    private function species(Scan $scan): ?Species
    {
        $code = $scan->get('7008')?->value;
        if ($code !== null) {
            return Species::query()->where('code', strtoupper($code))->first();
        }
        $gtin = ($scan->get('01') ?? $scan->get('02'))?->value;

        return $gtin === null
            ? null
            : DeliveryLine::query()->with('species')->where('gtin', $gtin)->orderByDesc('id')->first()?->species;
    }
}
