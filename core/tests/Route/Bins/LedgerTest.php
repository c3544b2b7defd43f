<?php

declare(strict_types=1);

namespace Sectum\Tests\Route\Bins;

use Brick\Math\BigRational;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Cost\Cost;
use Sectum\Cost\Credit;
use Sectum\Cost\Product;
use Sectum\Cost\ProductCost;
use Sectum\Cost\Purchase;
use Sectum\Cost\Split;
use Sectum\Fish\Bin;
use Sectum\Math\LargestRemainder;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Route\Batches\Returned;
use Sectum\Route\Bins\Deposit;
use Sectum\Route\Bins\Drawn;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;
use Sectum\Route\Bins\Ledger;
use Sectum\Route\Bins\NoDeposit;
use Sectum\Route\Bins\NotInTheBin;
use Sectum\Route\Bins\NotInTheBinBecause;
use Sectum\Route\Bins\PastItsDate;
use Sectum\Tests\Euro;

final class LedgerTest extends TestCase
{
    private const DAYS = 10_000;

    private static function deposit(
        string $id,
        int $grams,
        string $until,
        string $since = '2026-03-01 08:00',
        string $kind = 'Hake',
        Keeping $keeping = Keeping::Cold,
        Bin $bin = Bin::Stock,
        int $value = 120,
    ): Deposit {
        return Deposit::of(
            $id,
            $bin,
            $keeping,
            Mass::ofGrams($grams),
            Euro::perKg($value),
            $kind,
            new DateTimeImmutable($until),
            new DateTimeImmutable($since),
        );
    }

    public function test_the_oldest_leaves_first_and_nothing_past_its_date_is_eaten(): void
    {
        $today = new DateTimeImmutable('2026-03-02 09:30');
        $ledger = Ledger::of([
            self::deposit('new', 500, '2026-03-03'),
            self::deposit('past', 300, '2026-03-01'),
            self::deposit('today', 400, '2026-03-02'),
        ]);
        self::assertSame(
            ['past', 'today', 'new'],
            array_map(fn (Deposit $one): string => $one->id, $ledger->oldestFirst(Bin::Stock)),
        );
        $taken = $ledger->take(Bin::Stock, Mass::ofGrams(600), Leaving::Batch, $today);
        $after = $taken->after;
        self::assertSame(
            [['today', 400], ['new', 200]],
            array_map(fn (Drawn $one): array => [$one->deposit->id, (int) $one->mass->grams()], $taken->drawn),
        );
        self::assertSame(600_000, $after->in(Bin::Stock)->milligrams);
        $after = $after->take(Bin::Stock, Mass::ofGrams(300), Leaving::Discard, $today)->after;
        self::assertSame(
            0,
            $after->deposits['past']->left->milligrams,
            'what is past leaves first when it is thrown away',
        );
        try {
            $ledger->draw('past', Mass::ofGrams(10), Leaving::Meal, $today);
            self::fail('It was eaten.');
        } catch (PastItsDate $past) {
            self::assertStringContainsString('date was 1 Mar', $past->getMessage());
        }
        $this->expectException(NotInTheBin::class);
        $this->expectExceptionMessage((new Message(NotInTheBinBecause::TooMuchToEat))->key());
        $ledger->take(Bin::Stock, Mass::ofGrams(950), Leaving::Batch, $today);
    }

    public function test_a_bin_is_emptied_once(): void
    {
        $today = new DateTimeImmutable('2026-03-02');
        $ledger = Ledger::of([self::deposit('one', 500, '2026-03-03')])->draw(
            'one',
            Mass::ofGrams(500),
            Leaving::Meal,
            $today,
        )->after;
        $this->expectExceptionMessage((new Message(NotInTheBinBecause::Empty))->key());
        $ledger->draw('one', Mass::ofGrams(500), Leaving::Meal, $today);
    }

    public function test_what_goes_in_weighs_something_and_lies_there_once(): void
    {
        foreach (
            [
                fn (): Deposit => self::deposit('a', 0, '2026-03-03'),
                fn (): Ledger => Ledger::of([self::deposit('a', 5, '2026-03-03')])->put(
                    self::deposit('a', 5, '2026-03-03'),
                ),
            ] as $wrong
        ) {
            try {
                $wrong();
                self::fail('It was put in.');
            } catch (NoDeposit $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }

    public function test_kinds_and_places_are_kept_apart(): void
    {
        $ledger = Ledger::of([
            self::deposit('a', 500, '2026-03-03'),
            self::deposit('b', 300, '2026-03-03', kind: 'Meagre'),
            self::deposit('c', 200, '2026-05-03', keeping: Keeping::Frozen),
        ]);
        self::assertSame(
            [1_000_000, 700_000, 500_000, 200_000],
            [
                $ledger->in(Bin::Stock)->milligrams,
                $ledger->in(Bin::Stock, null, 'Hake')->milligrams,
                $ledger->in(Bin::Stock, Keeping::Cold, 'Hake')->milligrams,
                $ledger->in(Bin::Stock, Keeping::Frozen)->milligrams,
            ],
        );
        self::assertSame(0, $ledger->in(Bin::Mince)->milligrams);
    }

    /**
     * Ten thousand random days of a kitchen: whatever is done, masses and money add up, and no bin falls below zero.
     */
    public function test_nothing_is_lost_or_made_over_ten_thousand_days(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(20261125));
        $day = new DateTimeImmutable('2000-01-01');
        $ledger = Ledger::of();
        $came = $portions = $lost = $in = 0;
        $out = array_fill_keys(array_column(Leaving::cases(), 'value'), 0);
        $moneyIn = $moneyOut = $spent = $onPlates = $credited = $returned = $dealtBack = $refused = 0;
        $net = [];
        for ($n = 1; $n <= self::DAYS; $n++) {
            $day = $day->modify('+1 day');
            // A fish comes, is cut, and what is no portion goes to bins.
            $whole = $dice->getInt(300_000, 9_000_000);
            [$plate, $toBins, $gone] = LargestRemainder::split($whole, [
                $dice->getInt(30, 60),
                $dice->getInt(20, 50),
                $dice->getInt(0, 2),
            ]);
            [$came, $portions, $lost] = [$came + $whole, $portions + $plate, $lost + $gone];
            $credits = [];
            $shares = [$dice->getInt(1, 9), $dice->getInt(1, 9), $dice->getInt(1, 9)];
            foreach (LargestRemainder::split($toBins, $shares) as $i => $mass) {
                $bin = Bin::cases()[$dice->getInt(0, 7)];
                $deposit = Deposit::of(
                    "{$n}-{$i}",
                    $bin,
                    $dice->getInt(0, 5) === 0 ? Keeping::Frozen : Keeping::Cold,
                    Mass::ofMilligrams($mass),
                    Euro::perKg($dice->getInt(0, 2000)),
                    'K'.$dice->getInt(0, 2),
                    $day->modify('+'.$dice->getInt(0, 4).' days'),
                    $day,
                );
                $ledger = $ledger->put($deposit);
                [$in, $moneyIn] = [$in + $mass, $moneyIn + $deposit->value->minor];
                $credits[] = Credit::returned($deposit->in, $deposit->value);
            }
            $cost = Cost::of(
                new Purchase(
                    Mass::ofMilligrams($whole),
                    Euro::perKg($dice->getInt(0, 3000)),
                    Euro::of(50),
                    BigRational::of($dice->getInt(0, 30)),
                    Euro::of(1860),
                ),
                $credits,
                [new Product('plate', Mass::ofMilligrams($plate), $dice->getInt(1, 20), BigRational::one())],
                Split::ByWeight,
            );
            $spent += $cost->invoice->minor + $cost->labour->minor;
            $credited += array_sum(Euro::cents($cost->credits));
            $onPlates += array_sum(
                array_map(fn (ProductCost $product): int => array_sum(Euro::cents($product->pieces)), $cost->products),
            );
            // Bins are emptied: batches, meals, discard, corrections, moves; asked too much, they refuse and stay as
            // they are.
            foreach (range(1, 4) as $_) {
                $bin = Bin::cases()[$dice->getInt(0, 7)];
                $how = Leaving::cases()[$dice->getInt(0, 4)];
                try {
                    $taken = $ledger->take(
                        $bin,
                        Mass::ofMilligrams($dice->getInt(1, 1 + (int) (1.1 * $ledger->in($bin)->milligrams))),
                        $how,
                        $day,
                    );
                } catch (NotInTheBin) {
                    $refused++;

                    continue;
                }
                [$ledger, $drawn] = [$taken->after, $taken->drawn];
                foreach ($drawn as $one) {
                    $out[$how->value] += $one->mass->milligrams;
                    $moneyOut += $one->worth->minor;
                }
                if ($how === Leaving::Batch) {
                    $back = Returned::of(
                        BigRational::nd($dice->getInt(0, 9000), 1000),
                        Euro::of($dice->getInt(0, 900)),
                        array_map(fn (Drawn $one): Mass => $one->mass, $drawn),
                    );
                    [$returned, $dealtBack] = [
                        $returned + $back->total->minor,
                        $dealtBack + array_sum(Euro::cents($back->shares)),
                    ];
                }
            }
            // What is empty is not carried on: a day is a day.
            $ledger = Ledger::of(
                array_filter($ledger->deposits, function (Deposit $one) use (&$net): bool {
                    $net[] = $one->left->milligrams < 0 ? 1 : 0;

                    return $one->left->isPositive() || $one->leftWorth()->minor !== 0;
                }),
            );
        }
        $left = array_sum(array_map(fn (Deposit $one): int => $one->left->milligrams, $ledger->deposits));
        $leftMinor = array_sum(array_map(fn (Deposit $one): int => $one->leftWorth()->minor, $ledger->deposits));
        self::assertSame($came, $portions + $lost + array_sum($out) + $left);
        self::assertSame($in, array_sum($out) + $left);
        self::assertSame($moneyIn, $moneyOut + $leftMinor);
        self::assertSame($spent, $onPlates + $credited);
        self::assertSame($moneyIn, $credited);
        self::assertSame($returned, $dealtBack);
        self::assertSame(0, array_sum($net));
        self::assertGreaterThan(1000, $refused);
        self::assertGreaterThan(0, min($out));
    }
}
