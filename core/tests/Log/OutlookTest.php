<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\FatGrade;
use Sectum\Fish\SeasonMonths;
use Sectum\Fish\SeasonSupply;
use Sectum\Log\Find\Level;
use Sectum\Log\House\YieldFile;
use Sectum\Log\Origin\CatchArea;
use Sectum\Log\Origin\OriginLine;
use Sectum\Log\Season\MenuReason;
use Sectum\Log\Season\Outlook;
use Sectum\Log\Supplier\WinningPrice;
use Sectum\Log\Week\Matter;
use Sectum\Log\Week\Sentence;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\UnitSystem;
use Sectum\Receive\Invoice\BadInvoice;

final class OutlookTest extends TestCase
{
    private function euro(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of('EUR'));
    }

    public function test_a_month_is_judged_by_the_calendar_until_the_house_knows_better(): void
    {
        $start = new SeasonMonths('', 1, 3, FatGrade::Lean, -2.0, true, SeasonSupply::Plenty, 'spawning', 'estimate');
        $of = fn (?float $price, int $priced, ?Level $yield, ?bool $suits): array => Outlook::of(
            $start,
            $price,
            $priced,
            $yield,
            $suits,
        )->reasons;
        self::assertSame(
            [MenuReason::Plenty, MenuReason::Unsuited, MenuReason::Roe, MenuReason::YieldsLess],
            $of(null, 0, null, false),
        );
        self::assertNotContains(MenuReason::YieldsLess, $of(null, 0, Level::of(3, 0.3, 1.0), null), 'own fish say no');
        $two = Level::of(2, 4.0, 9.0);
        self::assertContains(MenuReason::YieldsLess, $of(null, 0, $two, null), 'two fish say nothing');
        self::assertContains(MenuReason::Cheaper, $of(-6.0, 3, null, null));
        self::assertNotContains(MenuReason::Cheaper, $of(-6.0, 2, null, null));
        self::assertContains(MenuReason::Dearer, $of(5.0, 9, null, null));
        self::assertSame([], Outlook::of(null, null, 0, null, null)->reasons);
    }

    public function test_a_level_is_a_mean_with_students_spread(): void
    {
        $level = Level::of(4, 8.0, 24.0);
        self::assertSame(2.0, $level->mean);
        // sd √(8/3), t of 3 at 95 % is 2.3534: half width 2.3534·1.63299/2.
        self::assertEqualsWithDelta(2.0 - 1.92155, $level->low, 1e-4);
        self::assertNull(Level::of(1, 8.0, 64.0)->low);
    }

    public function test_a_supplier_wins_at_the_price_that_leaves_his_kilo_no_dearer(): void
    {
        // 10 kg at 9.00, 6.00 of other cost, 5 kg edible: 19.20 a kilo. 18.00 is reached at 8.40.
        $price = WinningPrice::of(
            Mass::ofGrams(10_000),
            $this->euro(600),
            Mass::ofGrams(5_000),
            $this->euro(1800)->per(Mass::ofGrams(1000)),
        );
        self::assertSame('€8.40', $price?->perKg->print());
        self::assertNull(WinningPrice::of(
            Mass::ofGrams(10_000),
            $this->euro(9_600),
            Mass::ofGrams(5_000),
            $this->euro(1800)->per(Mass::ofGrams(1000)),
        ));
    }

    public function test_a_week_says_what_is_worth_most_and_no_kind_three_times(): void
    {
        $one = fn (Matter $matter, int $minor): Sentence => new Sentence($matter, $this->euro($minor), []);
        $told = Sentence::matter([
            $one(Matter::Step, 900),
            $one(Matter::Short, 100),
            $one(Matter::Step, 800),
            $one(Matter::Step, 700),
            $one(Matter::Drift, 0),
            $one(Matter::Best, 300),
        ]);
        self::assertSame([900, 800, 300], array_map(fn (Sentence $said): int => $said->worth->minor, $told));
        self::assertSame([], Sentence::matter([$one(Matter::Drift, 0)]));
    }

    public function test_fish_of_one_origin_are_one_line(): void
    {
        $line = fn (string $day, string $cut, string $hand): OriginLine => new OriginLine(
            'Hake',
            'Merluccius merluccius',
            'wild',
            '27.7.a',
            'longline',
            'Grey Petrel',
            $day,
            [$cut],
            [$hand],
        );
        $together = OriginLine::together([
            $line('2026-11-20', '2026-11-22', 'Ilse'),
            $line('2026-11-20', '2026-11-23', 'Ilse'),
            $line('2026-11-21', '2026-11-23', 'Tobin'),
        ]);
        self::assertCount(2, $together);
        self::assertSame([['2026-11-22', '2026-11-23'], ['Ilse']], [$together[0]->cut, $together[0]->hands]);
    }

    public function test_a_guest_reads_the_sea_and_not_a_number_alone(): void
    {
        self::assertSame(
            [
                'Irish Sea (FAO 27.7.a)',
                'North Sea (FAO 27.4.b)',
                'Northeast Atlantic (FAO 27.7)',
                'Western Mediterranean (FAO 37.1.2)',
                'Eastern Central Atlantic (FAO 34)',
                'Loch Duar farm',
                '99.1',
                '',
            ],
            array_map(
                CatchArea::said(...),
                ['27.7.a', ' FAO 27.4.B', '27.7', '37.1.2', 'fao34', 'Loch Duar farm', '99.1', ''],
            ),
        );
    }

    /** @return array<string, array{string, float|null, float|null, string|null}> */
    public static function written(): array
    {
        return [
            'grams and percent' => ["Fish,Weight,Yield\nHake,2100,58.9\n", 2100.0, 58.9, null],
            'kilos, comma, share of one' => ["Fish;kg;%\nHake;2,1;0,589\n", 2100.0, 58.9, null],
            'two weights' => ["Species\tWhole\tFillets\nHake\t2100\t1050\n", 2100.0, 50.0, null],
            'units in the cells' => ["Fish,Whole,Yield\nHake,4 lb 10 oz,58 %\n", 2097.8, 58.0, null],
            'a day' => ["Fish,Whole,Yield,Date\nHake,2100,58,03/11/2025\n", 2100.0, 58.0, '2025-11-03'],
            'no such day' => ["Fish,Whole,Yield,Date\nHake,2100,58,31/02/2025\n", 2100.0, 58.0, null],
            'no weight' => ["Fish,Whole,Yield\nHake,heavy,58\n", null, 58.0, null],
        ];
    }

    #[DataProvider('written')]
    public function test_an_old_notebook_is_read(string $file, ?float $grams, ?float $pct, ?string $day): void
    {
        $read = YieldFile::read($file, null, UnitSystem::Metric);
        self::assertSame([], $read->faults);
        $row = $read->rows[0] ?? null;
        self::assertNotNull($row);
        self::assertEqualsWithDelta($grams, $row->each?->grams(), 0.2);
        self::assertEqualsWithDelta($pct, $row->pct, 1e-9);
        self::assertSame($day, $row->day?->format('Y-m-d'));
        self::assertCount($grams === null || str_contains($file, '31/02') ? 1 : 0, $row->faults);
    }

    public function test_months_first_and_what_is_no_table(): void
    {
        $file = "Fish,Whole,Yield,Date\nHake,2100,58,11/03/2025\n";
        $row = YieldFile::read($file, null, UnitSystem::Metric, dayFirst: false)->rows[0] ?? null;
        self::assertSame('2025-11-03', $row?->day?->format('Y-m-d'));
        self::assertCount(3, YieldFile::read("A,B\n1,2\n", null, UnitSystem::Metric)->faults);
        $this->expectException(BadInvoice::class);
        YieldFile::read('one line', null, UnitSystem::Metric);
    }
}
