<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Kept;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Hold\Kept\DrawnPortions;
use Sectum\Hold\Kept\KeptLedger;
use Sectum\Hold\Kept\KeptLot;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Kept\NotKept;
use Sectum\Hold\Kept\NotKeptBecause;
use Sectum\Hold\Kept\Pace;

final class KeptLedgerTest extends TestCase
{
    private const DAYS = 10_000;

    private static function lot(
        string $id,
        int $in,
        string $until,
        string $dish = 'hake',
        KeptState $state = KeptState::Chilled,
        string $since = '2026-03-01 10:00',
    ): KeptLot {
        return KeptLot::of($id, $dish, $state, $in, $in, new DateTimeImmutable($until), new DateTimeImmutable($since));
    }

    /**
     * @param  list<DrawnPortions>  $drawn
     * @return list<array{string, int}>
     */
    private static function drawn(array $drawn): array
    {
        return array_map(fn (DrawnPortions $one): array => [$one->lot->id, $one->count], $drawn);
    }

    private static function why(callable $do): ?NotKeptBecause
    {
        try {
            $do();
        } catch (NotKept $not) {
            $code = $not->said()?->code;

            return $code instanceof NotKeptBecause ? $code : null;
        }
        self::fail('It was taken.');
    }

    public function test_what_ends_first_is_served_first_and_nothing_past_or_frozen_is(): void
    {
        $today = new DateTimeImmutable('2026-03-02 19:30');
        $ledger = KeptLedger::of([
            self::lot('new', 6, '2026-03-03'),
            self::lot('past', 3, '2026-03-01'),
            self::lot('today', 4, '2026-03-02'),
            self::lot('frozen', 9, '2026-09-01', state: KeptState::Frozen),
            self::lot('other', 5, '2026-03-02', 'char'),
        ]);
        self::assertSame(10, $ledger->servable('hake', $today));
        $taken = $ledger->take('hake', 6, LeavesAs::Served, $today);
        self::assertSame([['today', 4], ['new', 2]], self::drawn($taken->drawn));
        self::assertSame(
            [['past', 3], ['new', 2]],
            self::drawn($taken->after->take('hake', 5, LeavesAs::Discarded, $today)->drawn),
        );
        self::assertSame(
            NotKeptBecause::OnlyLeft,
            self::why(fn () => $taken->after->take('hake', 5, LeavesAs::Served, $today)),
        );
        self::assertSame(
            NotKeptBecause::Past,
            self::why(fn () => $ledger->draw('past', 1, LeavesAs::StaffMeal, $today)),
        );
        self::assertSame(
            NotKeptBecause::StillFrozen,
            self::why(fn () => $ledger->draw('frozen', 1, LeavesAs::Served, $today)),
        );
        self::assertSame(NotKeptBecause::MoreThanTaken, self::why(fn () => $ledger->back('new', 1)));
        self::assertSame(
            NotKeptBecause::NoSuchTray,
            self::why(fn () => $ledger->draw('nowhere', 1, LeavesAs::Served, $today)),
        );
    }

    /** Ten thousand days of trays that come in, are served, moved, frozen, thawed, thrown away and taken back. */
    public function test_what_came_in_is_what_left_and_what_is_there_on_ten_thousand_days(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(2026));
        [$ledger, $in, $gone, $n] = [KeptLedger::of(), ['a' => 0, 'b' => 0], ['a' => 0, 'b' => 0], 0];
        [$day, $refused, $served] = [new DateTimeImmutable('2026-01-01'), 0, 0];
        for ($i = 0; $i < self::DAYS; $i++) {
            $day = $day->modify('+1 day');
            $dish = ['a', 'b'][$random->getInt(0, 1)];
            $count = $random->getInt(1, 9);
            $ledger = $ledger->put(
                self::lot('t'.$n++, $count, $day->modify('+'.$random->getInt(0, 2).' days')->format('Y-m-d'), $dish),
            );
            $in[$dish] += $count;
            for ($act = 0; $act < 4; $act++) {
                $how = LeavesAs::cases()[$random->getInt(0, 7)];
                $of = ['a', 'b'][$random->getInt(0, 1)];
                try {
                    $taken = $ledger->take($of, $random->getInt(1, 6), $how, $day);
                } catch (NotKept) {
                    $refused++;

                    continue;
                }
                foreach ($taken->drawn as $one) {
                    $gone[$of] += $one->count;
                    $served += $how === LeavesAs::Served ? $one->count : 0;
                    self::assertFalse($how->isEaten() && $one->lot->isPast($day), 'past its date and eaten');
                    self::assertFalse($how->isEaten() && ! $one->lot->state->canBeServed(), 'frozen and eaten');
                }
                $ledger = $taken->after;
                if ($how === LeavesAs::Moved || $how === LeavesAs::Frozen || $how === LeavesAs::Thawed) {
                    $to = $how === LeavesAs::Moved ? ($of === 'a' ? 'b' : 'a') : $of;
                    foreach ($taken->drawn as $one) {
                        $state = KeptState::tryFrom($how->value) ?? $one->lot->state;
                        $until = $one->lot->until->format('Y-m-d');
                        $ledger = $ledger->put(self::lot('t'.$n++, $one->count, $until, $to, $state));
                        $in[$to] += $one->count;
                    }
                } elseif ($random->getInt(0, 5) === 0) {
                    $ledger = $ledger->back($taken->drawn[0]->lot->id, $taken->drawn[0]->count);
                    $gone[$of] -= $taken->drawn[0]->count;
                }
            }
            foreach (['a', 'b'] as $of) {
                self::assertSame($in[$of] - $gone[$of], $ledger->left($of));
            }
            // What is empty is put away, as a kitchen does.
            $ledger = KeptLedger::of(array_filter($ledger->lots, fn (KeptLot $lot): bool => $lot->left > 0));
        }
        self::assertGreaterThan(1_000, $refused);
        self::assertGreaterThan(1_000, $served);
    }

    public function test_a_pace_is_told_once_some_were_served(): void
    {
        self::assertNull(Pace::lasts(10, 1));
        self::assertSame(120.0, Pace::lasts(10, 5));
        self::assertSame(0.0, Pace::lasts(0, 5));
    }
}
