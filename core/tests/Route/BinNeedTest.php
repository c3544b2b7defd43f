<?php

declare(strict_types=1);

namespace Sectum\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Ours;
use Sectum\Measure\Mass;
use Sectum\Route\BinNeed;
use Sectum\Route\Bins\Booked;
use Sectum\Tests\Euro;

final class BinNeedTest extends TestCase
{
    /** @return iterable<string, array{int|null, int|null, int, int|null, int|null}> */
    public static function bins(): iterable
    {
        yield 'room and a batch to wait for' => [8000, 4000, 3000, 5000, 1000];
        yield 'exactly enough for a batch' => [8000, 4000, 4000, 4000, null];
        yield 'more than a batch' => [8000, 4000, 4500, 3500, null];
        yield 'fuller than it holds' => [8000, null, 9000, 0, null];
        yield 'no limit and no batch' => [null, null, 9000, null, null];
        yield 'empty' => [8000, 4000, 0, 8000, 4000];
    }

    #[DataProvider('bins')]
    public function test_what_still_fits_and_what_a_batch_lacks(
        ?int $holds,
        ?int $batch,
        int $there,
        ?int $room,
        ?int $lacks,
    ): void {
        $grams = fn (?int $grams): ?Mass => $grams === null ? null : Mass::ofGrams($grams);
        $need = BinNeed::of(Euro::perKg(120), $grams($holds), $grams($batch), Mass::ofGrams($there));
        self::assertSame(120, $need->value?->perKg->minor);
        self::assertEquals($grams($room), $need->room);
        self::assertEquals($grams($lacks), $need->lacks);
    }

    public function test_what_the_bins_hold_of_a_piece_is_set_beside_what_they_should(): void
    {
        $booked = new Booked(Mass::ofGrams(500), Mass::ofGrams(80));
        self::assertSame(420_000, $booked->net()->milligrams);
        self::assertSame(30_000, $booked->missing(Mass::ofGrams(450))->milligrams);
        self::assertSame(-20_000, $booked->missing(Mass::ofGrams(400))->milligrams);
        self::assertSame(-420_000, $booked->missing(null)->milligrams);
    }

    public function test_two_fish_say_nothing_of_an_answer_yet(): void
    {
        self::assertSame(
            [false, false, true],
            [(new Ours(0, 0))->isEnough(), (new Ours(2, 1.1))->isEnough(), (new Ours(3, 1.1))->isEnough()],
        );
    }
}
