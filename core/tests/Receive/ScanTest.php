<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Gs1\BadScan;
use Sectum\Gs1\CheckDigit;
use Sectum\Gs1\DigitalLink;
use Sectum\Gs1\Element;
use Sectum\Gs1\Scan;

final class ScanTest extends TestCase
{
    use TestTrait;

    private const YEAR = 2026;

    /** @return array<string, array{string, array<array-key, string>}> */
    public static function labels(): array
    {
        return [
            'with parentheses' => [
                '(01)09506000134352(10)ABC123(15)261200',
                ['01' => '09506000134352', '10' => 'ABC123', '15' => '31 Dec 2026'],
            ],
            'GS1-128, one separator' => [
                ']C1010950600013435231030041951'."0LOT-7\x1d21XYZ",
                ['01' => '09506000134352', '3103' => '4.195', '10' => 'LOT-7', '21' => 'XYZ'],
            ],
            'leading function character' => [
                "]d2\x1d0109506000134352\x1d17261130",
                ['01' => '09506000134352', '17' => '30 Nov 2026'],
            ],
            'a pallet' => [
                '(00)106141412345678908(02)09506000134352(37)12',
                ['00' => '106141412345678908', '02' => '09506000134352', '37' => '12'],
            ],
            'fish of a harvest range' => [
                '(7007)261120261122(7008)HKE(7005)27.7.a(7009)TBB(7010)01(422)528',
                [
                    '7007' => '20 Nov to 22 Nov 2026',
                    '7008' => 'HKE',
                    '7005' => '27.7.a',
                    '7009' => 'TBB',
                    '7010' => '01',
                    '422' => '528',
                ],
            ],
            'prices' => ['(3922)1390(3952)001250', ['3922' => '13.90', '3952' => '12.50']],
            'expiry to the minute' => ['(7003)2611301530', ['7003' => '30 Nov 2026, 15:30']],
            'pounds' => ['(01)09506000134352(3202)000925', ['01' => '09506000134352', '3202' => '9.25']],
            'places and orders' => [
                '(414)9506000134352(421)528AB12(400)PO-11(251)BOX-9(30)11',
                ['414' => '9506000134352', '421' => '528AB12', '400' => 'PO-11', '251' => 'BOX-9', '30' => '11'],
            ],
            'other dates' => [
                '(11)261101(13)261102(16)261130',
                ['11' => '1 Nov 2026', '13' => '2 Nov 2026', '16' => '30 Nov 2026'],
            ],
            'not used here, kept' => ['(8200)EXAMPLE.COM(99)OURS', ['8200' => 'EXAMPLE.COM', '99' => 'OURS']],
            'not used here, by separator' => ["99OURS\x1d10A", ['99' => 'OURS', '10' => 'A']],
            'lengths and volumes' => [
                '(3112)001234(3151)000012(3163)000500',
                ['3112' => '12.34', '3151' => '1.2', '3163' => '0.500'],
            ],
            'a link' => [
                'https://id.gs1.org/01/09506000134352/10/ABC%2F1/21/12345?17=261130&3103=000195&linkType=all',
                [
                    '01' => '09506000134352',
                    '10' => 'ABC/1',
                    '21' => '12345',
                    '17' => '30 Nov 2026',
                    '3103' => '0.195',
                ],
            ],
            'a link of another house, short number' => [
                'https://fish.example/some/path/01/9506000134352/10/L1',
                ['01' => '09506000134352', '10' => 'L1'],
            ],
            'a bare number' => ['9506000134352', ['01' => '09506000134352']],
            'a bare number with its symbol' => [']E09506000134352', ['01' => '09506000134352']],
        ];
    }

    /** @param  array<array-key, string>  $expected */
    #[DataProvider('labels')]
    public function test_a_label_is_read(string $text, array $expected): void
    {
        $read = [];
        foreach (Scan::read($text, self::YEAR)->elements as $element) {
            $read[$element->identifier->ai] = $element->text();
        }
        self::assertSame($expected, $read);
    }

    /** @return array<string, array{string, string}> */
    public static function faults(): array
    {
        return [
            'nothing' => ['  ', 'empty'],
            'a wrong check digit' => [
                '(01)09506000134353',
                '(01) Trade item (GTIN) is "09506000134353": its check digit',
            ],
            'a wrong check digit, bare' => [']E09506000134353', '(01) Trade item'],
            'cut short in a number' => ['01095060001343', '12 of its 14 characters: the scan was cut short'],
            'cut short in parentheses' => ['(01)0950600013435', '14 digits belong there'],
            'cut short after the identifier' => ['0109506000134352'.'10', '(10) Lot is empty'],
            'no such day' => ['(15)261131', 'no such day'],
            'no such month' => ['(17)261301', 'no such day'],
            'a range that ends before it begins' => ['(7007)261122261120', 'ends before it begins'],
            'a harvest on day 00' => ['(7007)261100', 'no such day'],
            'no such hour' => ['(7003)2611302530', 'no such time'],
            'letters in a weight' => [
                '(01)09506000134352(3103)00O195',
                '(3103) Net weight, kg is "00O195": 6 digits',
            ],
            'a lot too long' => ['(10)ABCDEFGHIJKLMNOPQRSTU', 'glued together'],
            'two lots' => ["10A\x1d10B", '(10) Lot stands there twice'],
            'two items' => ['(01)09506000134352(02)09506000134352(37)2', 'does not go with (01)'],
            'contents without a count' => ['(02)09506000134352', 'comes with (37)'],
            'a count of nothing' => ['(37)12', 'does not say of what'],
            'a foreign symbol' => [']A0123', 'not a GS1 label'],
            'a character no label carries' => ['(10)AB€', 'no label may carry'],
            'a space in a lot' => ['(10)AB CD', 'no label may carry'],
            'an identifier of the wrong length' => ['(310)004210', '(310) is no application identifier'],
            'text before the parentheses is no label' => ['lot (10)ABC', 'no application identifier'],
            'a link to nothing' => ['https://fish.example/our-fish', 'names no trade item'],
            'a link with a stray step' => [
                'https://id.gs1.org/01/09506000134352/99/A',
                'does not belong in the path',
            ],
            'far too long' => [str_repeat('9', 3000), 'glued together'],
        ];
    }

    #[DataProvider('faults')]
    public function test_a_bad_code_says_which_element_is_wrong(string $text, string $saying): void
    {
        $this->expectException(BadScan::class);
        $this->expectExceptionMessage($saying);
        Scan::read($text, self::YEAR);
    }

    public function test_weights_and_counts_are_read_exactly(): void
    {
        self::assertSame(4_210_000, Scan::read('(3103)004210', self::YEAR)->netMass()?->milligrams);
        self::assertSame(4_195_729, Scan::read('(3202)000925', self::YEAR)->netMass()?->milligrams);
        self::assertNull(Scan::read('(3103)000000', self::YEAR)->netMass());
        self::assertSame(12, Scan::read('(02)09506000134352(37)12', self::YEAR)->count());
        self::assertSame(11, Scan::read('(30)11', self::YEAR)->count());
        self::assertNull(Scan::read('(10)A', self::YEAR)->count());
    }

    public function test_two_digit_years_lie_around_the_year_they_are_read_in(): void
    {
        $year = fn (string $label, int $now): string => Scan::read($label, $now)->elements[0]->text();
        self::assertSame('1 Jan 2076', $year('(15)760101', 2026));
        self::assertSame('1 Jan 1977', $year('(15)770101', 2026));
        self::assertSame('1 Jan 2101', $year('(15)010101', 2095));
        self::assertSame('29 Feb 2028', $year('(15)280200', 2026));
    }

    public function test_what_is_written_as_a_link_reads_as_it_was(): void
    {
        $this->forAll(Generators::vector(12, Generators::elements(str_split('AZaz09./+-%&?_'))))->then(function (
            array $letters,
        ): void {
            $lot = implode('', array_filter($letters, is_string(...)));
            $scan = Scan::read(DigitalLink::ofLot('09506000134352', $lot), self::YEAR);
            self::assertSame($lot, $scan->get('10')?->value);
        });
    }

    public function test_one_wrong_digit_never_passes_for_a_trade_item(): void
    {
        $this->forAll(Generators::choose(0, 999_999_999), Generators::choose(0, 13), Generators::choose(1, 9))->then(
            function (int $item, int $at, int $by): void {
                $digits = str_pad((string) $item, 13, '0', STR_PAD_LEFT);
                $digits .= CheckDigit::of($digits);
                self::assertTrue(CheckDigit::fits($digits));
                $digits[$at] = (string) (((int) $digits[$at] + $by) % 10);
                self::assertFalse(CheckDigit::fits($digits));
            },
        );
    }

    public function test_ten_thousand_mutilated_labels_raise_the_named_exception_or_are_read(): void
    {
        mt_srand(20261124);
        $labels = array_column(self::labels(), 0);
        $pieces = ['', "\x1d", '(', ')', '01', '3103', "\x00", 'é', '00', '%', '/', ']C1', '9'];
        $read = 0;
        for ($i = 0; $i < 10_000; $i++) {
            $text = $labels[$i % count($labels)];
            for ($k = mt_rand(1, 3); $k > 0; $k--) {
                $at = mt_rand(0, strlen($text));
                $text = match (mt_rand(0, 4)) {
                    0 => substr($text, 0, $at),
                    1 => substr($text, 0, $at).$pieces[mt_rand(0, count($pieces) - 1)].substr($text, $at),
                    2 => substr_replace($text, chr(mt_rand(0, 255)), $at, 1),
                    3 => substr($text, $at).substr($text, 0, $at),
                    default => $text.$labels[mt_rand(0, count($labels) - 1)],
                };
            }
            try {
                $scan = Scan::read($text, self::YEAR);
                $read++;
                // What is read stands by its own rules.
                foreach ($scan->elements as $element) {
                    Element::of($element->identifier, $element->value, self::YEAR);
                    $element->text();
                }
                $scan->netMass();
                self::assertGreaterThanOrEqual(0, $scan->count() ?? 0);
            } catch (BadScan $bad) {
                self::assertNotSame('', $bad->getMessage());
                self::assertSame('/text', $bad->pointer());
            }
        }
        self::assertGreaterThan(100, $read);
        self::assertLessThan(9_000, $read);
    }
}
