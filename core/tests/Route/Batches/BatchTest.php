<?php

declare(strict_types=1);

namespace Sectum\Tests\Route\Batches;

use Brick\Math\BigRational;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Message;
use Sectum\Route\Batches\Amount;
use Sectum\Route\Batches\BadRecipe;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Batches\Cooling;
use Sectum\Route\Batches\CoolingSays;
use Sectum\Route\Batches\CoreReading;
use Sectum\Route\Batches\DueMark;
use Sectum\Route\Batches\EnoughSays;
use Sectum\Route\Batches\EnoughSoon;
use Sectum\Route\Batches\FilledPot;
use Sectum\Route\Batches\Ingredient;
use Sectum\Route\Batches\Mark;
use Sectum\Route\Batches\Recipe;
use Sectum\Route\Batches\Returned;
use Sectum\Tests\Euro;

final class BatchTest extends TestCase
{
    private static function stock(float $yield = 1.0, float $sd = 0.08, int $minutes = 40): Recipe
    {
        return Recipe::of(
            'White stock',
            true,
            [
                new Ingredient('water', 1200, true),
                new Ingredient('onion', 120, false),
                new Ingredient('white wine', 100, true),
            ],
            $yield,
            $sd,
            $minutes,
            [new Mark(35, 'Strain', 'Longer and it sours'), new Mark(8, 'Skim', 'Before it is stirred in')],
        );
    }

    public function test_four_kilos_of_bones(): void
    {
        $plan = BatchPlan::of(
            self::stock(),
            Mass::ofGrams(4000),
            [20, 12, 6],
            new DateTimeImmutable('2026-03-02 14:10'),
        );
        self::assertSame(
            [['water', 4800.0], ['onion', 480.0], ['white wine', 400.0]],
            array_map(fn (Amount $one): array => [$one->name, $one->amount], $plan->amounts),
        );
        self::assertEqualsWithDelta(0.9 * 4 + 5.68, $plan->volume, 1e-9);
        self::assertSame(
            [12.0],
            array_map(fn (FilledPot $pot): float => $pot->litres, $plan->pots),
            'the smallest pot that holds it and can be skimmed',
        );
        self::assertSame(0.0, $plan->over);
        self::assertEqualsWithDelta(
            [4.0 - 1.645 * 0.32, 4.0, 4.0 + 1.645 * 0.32],
            [$plan->low, $plan->expected, $plan->high],
            0.001,
        );
        self::assertSame(
            [['14:18', 'Skim'], ['14:45', 'Strain']],
            array_map(fn (DueMark $mark): array => [$mark->at->format('H:i'), $mark->doing], $plan->line),
        );
    }

    public function test_more_than_one_pot_and_more_than_the_pots_hold(): void
    {
        $two = BatchPlan::of(self::stock(), Mass::ofGrams(8000), [6, 20, 12], new DateTimeImmutable('2026-03-02'));
        self::assertSame([20.0, 6.0], array_map(fn (FilledPot $pot): float => $pot->litres, $two->pots));
        self::assertEqualsWithDelta(
            $two->volume,
            array_sum(array_map(fn (FilledPot $pot): float => $pot->filled, $two->pots)),
            1e-9,
        );
        $over = BatchPlan::of(self::stock(), Mass::ofGrams(8000), [6], new DateTimeImmutable('2026-03-02'));
        self::assertEqualsWithDelta($over->volume - 5.1, $over->over, 1e-9);
        self::assertSame(
            [],
            BatchPlan::of(self::stock(), Mass::ofGrams(10), [], new DateTimeImmutable('2026-03-02'))->pots,
        );
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_made_is_refused(callable $make, string $pointer): void
    {
        try {
            $make();
            self::fail('It was made.');
        } catch (BadRecipe $refused) {
            self::assertSame($pointer, $refused->pointer());
            self::assertStringEndsWith('.', $refused->getMessage());
        }
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'gives nothing' => [fn () => self::stock(0.0), '/yield_per_kg'];
        yield 'gives more than went in' => [fn () => self::stock(2.5), '/yield_per_kg'];
        yield 'no fish' => [
            fn () => BatchPlan::of(self::stock(), Mass::zero(), [], new DateTimeImmutable('2026-03-02')),
            '/mass',
        ];
        yield 'less than nothing' => [
            fn () => Recipe::of('Odd', false, [new Ingredient('salt', -1, false)], 1, 0, 0, []),
            '/ingredients/0',
        ];
        yield 'strained after it is done' => [fn () => self::stock(minutes: 30), '/marks/1'];
        yield 'wild' => [fn () => self::stock(sd: 1.2), '/yield_sd'];
        yield 'a week' => [fn () => self::stock(minutes: 10_000), '/minutes'];
        yield 'a pot of nothing' => [
            fn () => BatchPlan::of(self::stock(), Mass::ofGrams(10), [0.0], new DateTimeImmutable('2026-03-02')),
            '/pots/0',
        ];
    }

    public function test_when_there_will_be_enough(): void
    {
        $soon = fn (int $have, int $came, ?int $left): EnoughSoon => EnoughSoon::of(
            Mass::ofGrams($have),
            Mass::ofGrams(4000),
            Mass::ofGrams($came),
            10,
            $left,
        );
        self::assertSame(0.0, $soon(4000, 0, 1)->days);
        $three = $soon(1000, 11_000, 5);
        self::assertEquals(new Message(EnoughSays::InDays, ['count' => 3]), $three->said);
        self::assertFalse($three->tooLate);
        self::assertTrue($soon(1000, 11_000, 2)->tooLate);
        self::assertNull($soon(1000, 0, 2)->days);
        self::assertSame(EnoughSays::Tomorrow, $soon(3900, 11_000, 2)->said->code);
        self::assertSame(EnoughSays::InDaysTooLate, $soon(1000, 11_000, 2)->said->code);
        self::assertEquals(
            new Message(EnoughSays::NothingComes, ['lacks' => Mass::ofGrams(3000)]),
            $soon(1000, 0, 2)->said,
        );
    }

    /** @param  list<array{string, float}>  $readings */
    #[DataProvider('coolings')]
    public function test_a_pot_cools_in_time_or_it_does_not(
        array $readings,
        string $now,
        ?bool $meets,
        Message $says,
    ): void {
        $cooling = Cooling::of(
            array_map(
                fn (array $one): CoreReading => new CoreReading(
                    new DateTimeImmutable("2026-03-02 {$one[0]}"),
                    Temperature::ofCelsius($one[1]),
                ),
                $readings,
            ),
            new DateTimeImmutable("2026-03-02 {$now}"),
        );
        self::assertSame($meets, $cooling->meets);
        self::assertEquals($says, $cooling->said);
    }

    /** @return iterable<string, array{list<array{string, float}>, string, bool|null, Message}> */
    public static function coolings(): iterable
    {
        $by = fn (CoolingSays $what, float $limit, string $by): Message => new Message($what, [
            'limit' => Temperature::ofCelsius($limit),
            'by' => new DateTimeImmutable("2026-03-02 {$by}"),
        ]);
        $failed = fn (float $limit, float $hours): Message => new Message(CoolingSays::Failed, [
            'rule' => 'FDA Food Code 3-501.14',
            'limit' => Temperature::ofCelsius($limit),
            'hours' => $hours,
            'hot' => Temperature::ofCelsius(57),
        ]);
        yield 'nothing measured' => [[], '14:00', null, new Message(CoolingSays::Unmeasured)];
        yield 'still warm, in time' => [
            [['14:00', 82.0], ['14:20', 57.0]],
            '15:00',
            null,
            $by(CoolingSays::WarmBy, 21, '16:20'),
        ];
        yield 'warm at the last minute' => [
            [['14:20', 57.0], ['16:20', 21.0]],
            '16:30',
            null,
            $by(CoolingSays::ColdBy, 5, '20:20'),
        ];
        yield 'a minute late' => [[['14:20', 57.0], ['16:21', 21.0]], '16:30', false, $failed(21, 2)];
        yield 'nobody looked' => [[['14:20', 57.0]], '16:21', false, $failed(21, 2)];
        yield 'cold in time' => [
            [['16:00', 20.0], ['20:00', 4.8], ['14:20', 57.0]],
            '20:05',
            true,
            new Message(CoolingSays::Meets, ['rule' => 'FDA Food Code 3-501.14']),
        ];
        yield 'cold too late' => [
            [['14:20', 57.0], ['16:00', 20.0], ['20:21', 4.8]],
            '20:25',
            false,
            $failed(5, 6),
        ];
        yield 'never that hot' => [
            [['14:00', 40.0], ['15:00', 20.0]],
            '15:05',
            null,
            $by(CoolingSays::ColdBy, 5, '20:00'),
        ];
    }

    public function test_what_a_batch_brought_goes_back_by_mass_to_the_cent(): void
    {
        $back = Returned::of(BigRational::nd(41, 10), Euro::of(385), [
            Mass::ofGrams(1000),
            Mass::ofGrams(1000),
            Mass::ofGrams(1000),
        ]);
        self::assertSame([1579, [527, 526, 526]], [$back->total->minor, Euro::cents($back->shares)]);
    }
}
