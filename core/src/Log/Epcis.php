<?php

declare(strict_types=1);

namespace Sectum\Log;

use DateTimeImmutable;
use Sectum\Measure\Mass;

/**
 * Events as a GS1 EPCIS 2.0 document in JSON-LD: an object event for receiving and for
 * refusing, a transformation event for breaking down.
 *
 * Masses are in kilograms (UN/ECE unit code KGM), steps and dispositions from GS1's Core Business Vocabulary.
 */
final readonly class Epcis
{
    private const CONTEXT = 'https://ref.gs1.org/standards/epcis/2.0.0/epcis-context.jsonld';

    private const OWN = 'https://sectum.example/terms/';

    /**
     * @param  list<Event>  $events
     * @return array<string, mixed>
     */
    public static function document(array $events, DateTimeImmutable $made): array
    {
        return [
            '@context' => [self::CONTEXT, ['sectum' => self::OWN]],
            'type' => 'EPCISDocument',
            'schemaVersion' => '2.0',
            'creationDate' => $made->format(DATE_RFC3339_EXTENDED),
            'epcisBody' => ['eventList' => array_map(self::event(...), $events)],
        ];
    }

    /** @return array<string, mixed> */
    private static function event(Event $event): array
    {
        $facts = [];
        foreach ($event->facts as $name => $value) {
            $facts["sectum:{$name}"] = $value;
        }
        $common = [
            'eventID' => $event->id,
            'eventTime' => $event->at->format(DATE_RFC3339_EXTENDED),
            'eventTimeZoneOffset' => $event->at->format('P'),
        ];

        return match ($event->kind) {
            'breaking down' => [
                'type' => 'TransformationEvent',
                ...$common,
                'bizStep' => 'commissioning',
                'inputQuantityList' => self::quantities($event->inputs),
                'outputQuantityList' => self::quantities($event->outputs),
                ...$facts,
            ],
            'receiving' => [
                'type' => 'ObjectEvent',
                ...$common,
                'action' => 'OBSERVE',
                'bizStep' => 'receiving',
                'disposition' => 'in_progress',
                'quantityList' => self::quantities($event->inputs),
                ...$facts,
            ],
            'refusing' => [
                'type' => 'ObjectEvent',
                ...$common,
                'action' => 'OBSERVE',
                'bizStep' => 'inspecting',
                'disposition' => 'non_conformant',
                'quantityList' => self::quantities($event->inputs),
                ...$facts,
            ],
        };
    }

    /**
     * @param  array<string, Mass>  $masses
     * @return list<array<string, string|float>> class, kilograms and unit of each
     */
    private static function quantities(array $masses): array
    {
        return array_map(
            fn (string $uri, Mass $mass): array => [
                'epcClass' => $uri,
                'quantity' => $mass->milligrams / 1_000_000,
                'uom' => 'KGM',
            ],
            array_map(strval(...), array_keys($masses)),
            array_values($masses),
        );
    }
}
