<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use DateTimeImmutable;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Family;
use Sectum\Log\Epcis;
use Sectum\Log\Event;
use Sectum\Log\Place;
use Sectum\Log\Whereabouts;
use Sectum\Measure\Mass;

final class TraceTest extends TestCase
{
    use TestTrait;

    public function test_a_place_stands_once_and_nothing_is_lost(): void
    {
        $this->forAll(
            Generators::vector(30, Generators::choose(0, 5_000_000)),
            Generators::vector(30, Generators::choose(0, 4)),
            Generators::choose(1, 200_000_000),
        )->then(function (array $masses, array $names, int $in): void {
            $found = [];
            foreach (array_filter($masses, is_int(...)) as $i => $mass) {
                $found[] = new Place(
                    'place '.(is_int($names[$i]) ? $names[$i] : 0),
                    $i % 3 === 0 ? Family::Stock : Family::Usable,
                    Mass::ofMilligrams($mass),
                );
            }
            $where = Whereabouts::of(Mass::ofMilligrams($in), $found);
            $sum = array_sum(array_map(fn (Place $place): int => $place->mass->milligrams, $where->places));
            self::assertSame($in, $sum + $where->unaccounted->milligrams);
            self::assertSame(30, array_sum(array_map(fn (Place $place): int => $place->pieces, $where->places)));
            $by = array_map(fn (Place $place): string => $place->name, $where->places);
            self::assertSame($by, array_unique($by));
            self::assertEquals($where, Whereabouts::of(Mass::ofMilligrams($in), array_reverse($found)));
        });
    }

    public function test_events_say_what_went_in_and_what_came_out_in_kilograms(): void
    {
        $at = new DateTimeImmutable('2026-11-24 07:40:00+01:00');
        $document = Epcis::document(
            [
                new Event(
                    'receiving',
                    'urn:uuid:a',
                    $at,
                    ['https://id.gs1.org/01/09506000134352/10/H-1' => Mass::ofGrams(12_300)],
                    facts: ['catchArea' => '27.7.a'],
                ),
                new Event('refusing', 'urn:uuid:b', $at, [
                    'https://id.gs1.org/01/09506000134352/10/H-1' => Mass::ofGrams(2010),
                ]),
                new Event(
                    'breaking down',
                    'urn:uuid:c',
                    $at,
                    ['x:in' => Mass::ofMilligrams(4_210_000)],
                    ['x:out' => Mass::ofMilligrams(650_005)],
                ),
            ],
            $at,
        );
        [$receiving, $refusing, $cutting] = (array) data($document, 'epcisBody', 'eventList');
        self::assertSame(
            ['ObjectEvent', 'OBSERVE', 'receiving', 'in_progress', '+01:00', '27.7.a'],
            [
                data($receiving, 'type'),
                data($receiving, 'action'),
                data($receiving, 'bizStep'),
                data($receiving, 'disposition'),
                data($receiving, 'eventTimeZoneOffset'),
                data($receiving, 'sectum:catchArea'),
            ],
        );
        self::assertSame(
            [['epcClass' => 'https://id.gs1.org/01/09506000134352/10/H-1', 'quantity' => 12.3, 'uom' => 'KGM']],
            data($receiving, 'quantityList'),
        );
        self::assertSame('non_conformant', data($refusing, 'disposition'));
        self::assertSame(
            ['TransformationEvent', 4.21, 0.650005, null],
            [
                data($cutting, 'type'),
                data($cutting, 'inputQuantityList', 0, 'quantity'),
                data($cutting, 'outputQuantityList', 0, 'quantity'),
                data($cutting, 'action'),
            ],
        );
    }
}

/** A member somewhere below; null when there is none. */
function data(mixed $value, string|int ...$path): mixed
{
    foreach ($path as $step) {
        $value = is_array($value) ? $value[$step] ?? null : null;
    }

    return $value;
}
