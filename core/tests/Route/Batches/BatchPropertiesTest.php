<?php

declare(strict_types=1);

namespace Sectum\Tests\Route\Batches;

use Brick\Math\BigRational;
use DateTimeImmutable;
use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Batches\Cooling;
use Sectum\Route\Batches\CoreReading;
use Sectum\Route\Batches\EnoughSoon;
use Sectum\Route\Batches\FilledPot;
use Sectum\Route\Batches\Ingredient;
use Sectum\Route\Batches\Recipe;
use Sectum\Route\Batches\Returned;
use Sectum\Route\Bins\DateMark;
use Sectum\Route\Bins\DaysKept;
use Sectum\Route\Bins\Deposit;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;
use Sectum\Route\Bins\Ledger;
use Sectum\Tests\Euro;

/** What holds for any batch, pot, date and temperature. */
final class BatchPropertiesTest extends TestCase
{
    use TestTrait;

    /** @return list<int> */
    private static function whole(mixed $numbers): array
    {
        return array_values(
            array_map(fn (mixed $one): int => is_int($one) ? $one : 1, is_array($numbers) ? $numbers : []),
        );
    }

    public function test_pots_hold_all_of_it_or_say_how_much_is_over_and_none_boils_over(): void
    {
        $this->limitTo(200)
            ->forAll(
                new ChooseGenerator(10, 60_000),
                new SequenceGenerator(new ChooseGenerator(1, 60)),
                new ChooseGenerator(0, 3000),
            )
            ->then(function (int $grams, mixed $pots, int $water): void {
                $litres = [...array_map(floatval(...), self::whole($pots)), 6.0];
                $plan = BatchPlan::of(
                    Recipe::of('Stock', true, [new Ingredient('water', $water, true)], 0.5, 0.05, 30, []),
                    Mass::ofGrams($grams),
                    $litres,
                    new DateTimeImmutable('2026-03-02'),
                );
                self::assertEqualsWithDelta(
                    $plan->volume,
                    array_sum(array_map(fn (FilledPot $pot): float => $pot->filled, $plan->pots)) + $plan->over,
                    1e-6,
                );
                foreach ($plan->pots as $pot) {
                    self::assertLessThanOrEqual(BatchPlan::FULL * $pot->litres + 1e-9, $pot->filled);
                    self::assertContains($pot->litres, $litres);
                }
                self::assertTrue(
                    $plan->over < 1e-9 || count($plan->pots) === count($litres),
                    'nothing is over while a pot is free',
                );
                self::assertGreaterThanOrEqual($plan->low, $plan->expected);
                self::assertGreaterThanOrEqual($plan->expected, $plan->high);
                self::assertLessThanOrEqual($plan->wentIn + 1e-9, $plan->expected);
            });
    }

    public function test_a_batch_gives_back_all_it_brought_and_more_to_whoever_gave_more(): void
    {
        $this->limitTo(200)
            ->forAll(
                new ChooseGenerator(0, 30_000),
                new ChooseGenerator(0, 3000),
                new SequenceGenerator(new ChooseGenerator(1, 900_000)),
            )
            ->then(function (int $milli, int $value, mixed $masses): void {
                $all = [...self::whole($masses), 500_000];
                $back = Returned::of(
                    BigRational::nd($milli, 1000),
                    Euro::of($value),
                    array_map(Mass::ofMilligrams(...), $all),
                );
                self::assertSame($back->total->minor, array_sum(Euro::cents($back->shares)));
                foreach ($all as $i => $mass) {
                    foreach ($all as $j => $other) {
                        self::assertTrue($mass < $other || $back->shares[$i]->minor >= $back->shares[$j]->minor - 1);
                    }
                }
            });
    }

    public function test_a_limit_that_was_missed_stays_missed_whatever_is_measured_later(): void
    {
        $this->limitTo(200)
            ->forAll(
                new SequenceGenerator(new ChooseGenerator(0, 700)),
                new ChooseGenerator(0, 900),
                new ChooseGenerator(0, 560),
            )
            ->then(function (mixed $curve, int $later, int $tenths): void {
                $start = new DateTimeImmutable('2026-03-02 14:00');
                $readings = [new CoreReading($start, Temperature::ofCelsius(70))];
                $celsius = 70.0;
                foreach (self::whole($curve) as $i => $drop) {
                    $celsius = max(1.0, min(56.0, $celsius) - $drop / 40);
                    $readings[] = new CoreReading(
                        $start->modify('+'. 20 * ($i + 1).' minutes'),
                        Temperature::ofCelsius($celsius),
                    );
                }
                $end = $start->modify('+'. 20 * count($readings).' minutes');
                $before = Cooling::of($readings, $end);
                $after = Cooling::of(
                    [
                        ...$readings,
                        new CoreReading($end->modify("+{$later} minutes"), Temperature::ofCelsius($tenths / 10)),
                    ],
                    $end->modify("+{$later} minutes"),
                );
                if ($before->meets !== null) {
                    self::assertSame($before->meets, $after->meets);
                }
                self::assertEquals(
                    $before->said,
                    Cooling::of(array_reverse($readings), $end)->said,
                    'in whatever order they were written down',
                );
            });
    }

    public function test_more_in_the_bin_or_more_coming_in_never_makes_it_later(): void
    {
        $this->limitTo(200)
            ->forAll(
                new ChooseGenerator(0, 6_000_000),
                new ChooseGenerator(1, 30_000_000),
                new ChooseGenerator(0, 900_000),
            )
            ->then(function (int $have, int $came, int $more): void {
                $days = fn (int $have, int $came): float => EnoughSoon::of(
                    Mass::ofMilligrams($have),
                    Mass::ofGrams(4000),
                    Mass::ofMilligrams($came),
                    14,
                    2,
                )->days ?? INF;
                self::assertLessThanOrEqual($days($have, $came), $days($have + $more, $came));
                self::assertLessThanOrEqual($days($have, $came), $days($have, $came + $more));
            });
    }

    public function test_a_cold_mark_is_never_after_the_fish_and_never_longer_than_the_house_allows(): void
    {
        $this->limitTo(200)
            ->forAll(new ChooseGenerator(0, 7), new ChooseGenerator(1, 10), new ChooseGenerator(0, 12))
            ->then(function (int $bin, int $days, int $left): void {
                $cut = new DateTimeImmutable('2026-03-02 16:45');
                $ends = $cut->modify("+{$left} days");
                $mark = DateMark::of(Bin::cases()[$bin], Keeping::Cold, new DaysKept($days, 30), $cut, $ends);
                self::assertLessThanOrEqual($ends->setTime(0, 0), $mark->day);
                self::assertLessThan($cut->setTime(0, 0)->modify("+{$days} days"), $mark->day);
                self::assertContains(
                    $mark->day->format('Ymd'),
                    [$ends->format('Ymd'), $cut->modify('+'.($days - 1).' days')->format('Ymd')],
                    'one of the two decides',
                );
            });
    }

    public function test_however_a_deposit_is_taken_apart_its_pieces_are_worth_what_was_put_in(): void
    {
        $this->limitTo(150)
            ->forAll(
                new ChooseGenerator(1, 5_000_000),
                new ChooseGenerator(0, 3000),
                new SequenceGenerator(new ChooseGenerator(1, 900_000)),
            )
            ->then(function (int $mass, int $value, mixed $takes): void {
                $day = new DateTimeImmutable('2026-03-02');
                $deposit = Deposit::of(
                    'a',
                    Bin::Mince,
                    Keeping::Cold,
                    Mass::ofMilligrams($mass),
                    Euro::perKg($value),
                    'Hake',
                    $day,
                    $day,
                );
                $ledger = Ledger::of([$deposit]);
                $worth = $gone = 0;
                foreach ([...self::whole($takes), PHP_INT_MAX] as $some) {
                    $left = $ledger->deposits['a']->left->milligrams;
                    if ($left > 0) {
                        $taken = $ledger->draw(
                            'a',
                            Mass::ofMilligrams(min($some, $left)),
                            Leaving::Meal,
                            $day,
                        );
                        [$ledger, $drawn] = [$taken->after, $taken->drawn[0]];
                        $worth += $drawn->worth->minor;
                        $gone += $drawn->mass->milligrams;
                        self::assertGreaterThanOrEqual(0, $drawn->worth->minor);
                        self::assertSame($deposit->value->minor, $worth + $ledger->deposits['a']->leftWorth()->minor);
                    }
                }
                self::assertSame([$mass, $deposit->value->minor], [$gone, $worth]);
            });
    }
}
