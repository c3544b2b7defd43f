<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Log\Find\Asked;
use Sectum\Log\Find\AskedInWords;
use Sectum\Log\Find\Vocabulary;
use Sectum\Measure\UnitSystem;

final class FindTest extends TestCase
{
    private function read(string $said, UnitSystem $units = UnitSystem::Metric): Asked
    {
        return AskedInWords::read(
            $said,
            new Vocabulary([
                'species' => ['h' => 'Hake', 'z' => 'Zander', 'b' => 'Gilthead bream', 's' => 'Sea bass'],
                'state' => ['gutted' => 'gutted', 'round' => 'ungutted'],
                'supplier' => ['hf' => 'Harbourgate Fish', 'lf' => 'Lakeside Fishery'],
                'cutter' => ['i' => 'Ilse Varga', 't' => 'Tobin Hale'],
                'dish' => ['d1' => 'Hake, brown butter', 'd2' => 'Zander on lentils'],
                'lot' => ['H-2311' => 'H-2311'],
            ]),
            new DateTimeImmutable('2026-11-28'),
            $units,
        );
    }

    /** @return array<string, array{string, array<string, list<string>>, string|null, string|null}> */
    public static function said(): array
    {
        return [
            'since a month' => ['hake since October over 3 kg', ['species' => ['h']], '2026-10-01', null],
            'by somebody' => [
                'Zander by Ilse last week',
                ['species' => ['z'], 'cutter' => ['i']],
                '2026-11-16',
                '2026-11-22',
            ],
            'from a supplier' => ['bream from Lakeside', ['species' => ['b'], 'supplier' => ['lf']], null, null],
            'the longer name' => ['Hake, brown butter', ['dish' => ['d1']], null, null],
            'for a dish' => ['for zander', ['dish' => ['d2']], null, null],
            'a month ahead' => ['in December', [], '2025-12-01', '2025-12-31'],
            'a day' => ['gutted 3 nov', ['state' => ['gutted']], '2026-11-03', '2026-11-03'],
            'a day of last year' => ['since 3 december', [], '2025-12-03', null],
            'between days' => ['since 2026-09-01 until 2026-09-30', [], '2026-09-01', '2026-09-30'],
            'a weekday' => ['monday', [], '2026-11-23', '2026-11-23'],
            'no such day' => ['since 2026-02-31', [], null, null],
            'a lot' => ['lot h-2311', ['lot' => ['H-2311']], null, null],
            'two kinds' => ['hake and zander', ['species' => ['h', 'z']], null, null],
        ];
    }

    /** @param  array<string, list<string>>  $names */
    #[DataProvider('said')]
    public function test_what_is_said_is_read(string $said, array $names, ?string $from, ?string $until): void
    {
        $asked = $this->read($said);
        self::assertEquals($names, $asked->names);
        self::assertSame($from, $asked->from?->format('Y-m-d'));
        self::assertSame($until, $asked->until?->format('Y-m-d'));
        self::assertSame('', $asked->rest);
    }

    public function test_sizes_in_every_unit(): void
    {
        $asked = $this->read('hake over 3 kg');
        self::assertSame(3_000_000, $asked->over?->milligrams);
        self::assertNull($asked->under);
        $asked = $this->read('between 2 and 3,5 kg');
        self::assertSame([2_000_000, 3_500_000], [$asked->over?->milligrams, $asked->under?->milligrams]);
        $asked = $this->read('800 g - 1 kg');
        self::assertSame([800_000, 1_000_000], [$asked->over?->milligrams, $asked->under?->milligrams]);
        self::assertSame(1_500_000, $this->read('under 1500g')->under?->milligrams);
        self::assertSame(1_814_369, $this->read('over 4 lb', UnitSystem::Us)->over?->milligrams);
    }

    public function test_a_number_and_what_nobody_is_called(): void
    {
        self::assertSame(31, $this->read('no. 31')->number);
        self::assertSame(31, $this->read('31')->number);
        self::assertNull($this->read('31 hake')->number);
        $asked = $this->read('hake from Saltmarsh');
        self::assertSame(['species' => ['h']], $asked->names);
        self::assertSame('saltmarsh', $asked->rest);
        self::assertSame('', $this->read('  ')->rest);
        self::assertSame([], $this->read("' or 1=1 --")->names);
    }
}
