<?php

declare(strict_types=1);

namespace Sectum\Tests\Custody;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Custody\BadCustody;
use Sectum\Custody\Custody;
use Sectum\Custody\CustodyCode;
use Sectum\Custody\CustodyEvent;
use Sectum\Custody\CustodyEventKind;
use Sectum\Custody\KeptAs;
use Sectum\Custody\ThingLimits;

/** The law of what is kept: its worked figures, each of its codes, and what holds for any events. */
final class CustodyTest extends TestCase
{
    /** @param  list<CustodyEvent>  $events */
    private static function at(int $minute, string $id, array $events): ThingLimits
    {
        return Custody::of($events, $minute)->thing($id) ?? self::fail("There is no {$id}.");
    }

    private static function cod(int $until = 4320, bool $proof = false): CustodyEvent
    {
        return CustodyEvent::received(0, 'cod', $until, 2000, $proof, allergens: ['fish']);
    }

    private static function is(CustodyEventKind $kind, int $minute, string ...$ids): CustodyEvent
    {
        return CustodyEvent::of($kind, $minute, array_values($ids));
    }

    /**
     * Each with the one thing the last event is about and the code it meets there; null where it is allowed.
     *
     * @return iterable<string, array{list<CustodyEvent>, CustodyCode|null}>
     */
    public static function acts(): iterable
    {
        $cod = self::cod();
        $tuna = CustodyEvent::received(0, 'cod', 4320, 2000, true, true);
        $frozen = self::is(CustodyEventKind::Frozen, 100, 'cod');
        $thaw = self::is(CustodyEventKind::Thaw, 2000, 'cod');
        $thawed = self::is(CustodyEventKind::Thawed, 2900, 'cod');
        $airless = self::is(CustodyEventKind::Airless, 200, 'cod');
        $out = CustodyEvent::warm(150, ['cod'], 30);
        $cut = fn (int $minute, KeptAs $as = KeptAs::Raw, bool $reading = false): CustodyEvent => CustodyEvent::made(
            $minute,
            'piece',
            ['cod'],
            1440,
            $as,
            $reading,
        );
        $soup = CustodyEvent::made(50, 'soup', ['cod'], 4320, KeptAs::Cooked, true);
        $freeze = fn (int $minute, string $id = 'cod'): CustodyEvent => self::is(
            CustodyEventKind::Frozen,
            $minute,
            $id,
        );
        yield 'a fish past its date is not frozen' => [[$cod, $freeze(4321)], CustodyCode::Past];
        yield 'at its date it is' => [[$cod, $freeze(4320)], null];
        yield 'what was thawed is not frozen again' => [
            [$cod, $frozen, $thaw, $thawed, $freeze(3000)],
            CustodyCode::ThawedBefore,
        ];
        yield 'what is frozen is not frozen' => [[$cod, $frozen, $freeze(120)], CustodyCode::Frozen];
        yield 'nothing is cut from what is frozen to serve it raw' => [
            [$cod, $frozen, $cut(200, KeptAs::RawService)],
            CustodyCode::Frozen,
        ];
        yield 'a block is sawn frozen' => [[$cod, $frozen, $cut(200)], null];
        yield 'not while it thaws' => [[$cod, $frozen, $thaw, $cut(2100)], CustodyCode::Frozen];
        yield 'raw needs proof' => [[$cod, $cut(100, KeptAs::RawService)], CustodyCode::RawClosed];
        yield 'with proof it is served raw' => [[self::cod(proof: true), $cut(100, KeptAs::RawService)], null];
        yield 'not past its raw moment' => [
            [self::cod(proof: true), $cut(2001, KeptAs::RawService)],
            CustodyCode::RawClosed,
        ];
        yield 'cooked has its reading' => [[$cod, $cut(100, KeptAs::Cooked)], CustodyCode::NoReading];
        yield 'and is cooked then' => [[$cod, $cut(100, KeptAs::Cooked, true)], null];
        yield 'two hours out stop it' => [[$cod, $out, $cut(160)], CustodyCode::Warm];
        yield 'a released fish goes on' => [
            [$cod, $out, self::is(CustodyEventKind::Released, 155, 'cod'), $cut(160)],
            null,
        ];
        yield 'but is not served raw' => [
            [self::cod(proof: true), $out, self::is(CustodyEventKind::Released, 155, 'cod'), $cut(
                160,
                KeptAs::RawService,
            )],
            CustodyCode::RawClosed,
        ];
        yield 'histamine is released by nobody' => [
            [$tuna, CustodyEvent::warm(480, ['cod'], 0), self::is(CustodyEventKind::Released, 490, 'cod')],
            CustodyCode::Histamine,
        ];
        yield 'eight hours stop it' => [[$tuna, CustodyEvent::warm(480, ['cod'], 0), $cut(490)], CustodyCode::Warm];
        yield 'a minute less does not' => [[$tuna, CustodyEvent::warm(479, ['cod'], 0), $cut(490)], null];
        yield 'four do when any was hot' => [
            [$tuna, CustodyEvent::warm(10, ['cod'], 0, true), CustodyEvent::warm(300, ['cod'], 70), $cut(310)],
            CustodyCode::Warm,
        ];
        yield 'raw fish is packed without air frozen only' => [
            [$cod, self::is(CustodyEventKind::Airless, 50, 'cod')],
            CustodyCode::Airless,
        ];
        yield 'a pack is opened before it thaws' => [[$cod, $frozen, $airless, $thaw], CustodyCode::Airless];
        yield 'opened it thaws' => [
            [$cod, $frozen, $airless, self::is(CustodyEventKind::Opened, 1999, 'cod'), $thaw],
            null,
        ];
        yield 'warm in its pack it is lost' => [
            [$cod, $frozen, $airless, CustodyEvent::warm(350, ['cod'], 300), $cut(400, KeptAs::Cooked, true)],
            CustodyCode::Airless,
        ];
        yield 'a thaw of days is past while it lasts' => [
            [$cod, $frozen, $thaw, $cut(4881, KeptAs::Cooked, true)],
            CustodyCode::Past,
        ];
        yield 'what failed its cooling is drawn on by nobody' => [
            [$cod, $soup, self::is(CustodyEventKind::NotCooled, 400, 'soup'), CustodyEvent::made(
                500,
                'cup',
                ['soup'],
                600,
                KeptAs::Raw,
            )],
            CustodyCode::Uncooled,
        ];
        yield 'raw fish has no cooling to fail' => [
            [$cod, self::is(CustodyEventKind::NotCooled, 400, 'cod')],
            CustodyCode::NotCooked,
        ];
        yield 'a rule is met by what is frozen' => [
            [$cod, self::is(CustodyEventKind::Proof, 50, 'cod')],
            CustodyCode::NotFrozen,
        ];
        yield 'and not by soup' => [
            [$cod, $soup, $freeze(60, 'soup'), self::is(CustodyEventKind::Proof, 70, 'soup')],
            CustodyCode::Cooked,
        ];
        yield 'nothing has two ids' => [[$cod, self::cod()], CustodyCode::Twice];
        yield 'what is not there is not frozen' => [[$cod, $freeze(10, '7')], CustodyCode::Unknown];
        yield 'what is used up is gone' => [
            [$cod, CustodyEvent::made(20, 'all', ['cod'], 100, KeptAs::Raw, emptied: ['cod']), $freeze(30)],
            CustodyCode::Gone,
        ];
    }

    /** @param  list<CustodyEvent>  $events */
    #[DataProvider('acts')]
    public function test_an_act_meets_its_code_and_changes_nothing_then(array $events, ?CustodyCode $code): void
    {
        $last = count($events) - 1;
        $answer = Custody::of($events, 5000);
        self::assertSame($code === null ? [] : [[$last, $code]], array_map(
            fn ($one): array => [$one->event, $one->code],
            $answer->refused,
        ));
        if ($code !== null) {
            self::assertEquals(Custody::of(array_slice($events, 0, -1), 5000)->things, $answer->things);
        }
    }

    public function test_freezing_stops_the_clock_and_never_turns_it_back(): void
    {
        $events = [
            self::cod(),
            self::is(CustodyEventKind::Frozen, 4000, 'cod'),
            self::is(CustodyEventKind::Proof, 9000, 'cod'),
            self::is(CustodyEventKind::Thaw, 10_000, 'cod'),
        ];
        self::assertSame(10_000 + 1440 + 320, self::at(10_500, 'cod', $events)->until, 'while it thaws');
        $done = [...$events, self::is(CustodyEventKind::Thawed, 11_000, 'cod')];
        self::assertSame(11_320, self::at(11_100, 'cod', $done)->until, '320 minutes were left');
        self::assertFalse(self::at(11_100, 'cod', $done)->rawOpen, 'its raw moment had passed before');
        $long = [...$events, self::is(CustodyEventKind::Thawed, 30_000, 'cod')];
        self::assertSame(11_760, self::at(30_000, 'cod', $long)->until, 'a thaw counts no more than its window');
    }

    public function test_a_late_report_of_warmth_reaches_what_was_cut_meanwhile(): void
    {
        $tuna = CustodyEvent::received(0, 'tuna', 4320, 2880, true, true);
        $cut = CustodyEvent::made(200, 'loin', ['tuna'], 1440, KeptAs::Raw);
        $answer = self::at(400, 'loin', [$tuna, $cut, CustodyEvent::warm(300, ['tuna'], 50)]);
        self::assertSame(150, $answer->warm);
    }

    public function test_events_out_of_order_or_later_than_asked_are_refused_where_they_stand(): void
    {
        foreach (
            [
                '/events/1/minute' => [[self::is(CustodyEventKind::Thaw, 9, 'x'), self::cod()], 10],
                '/events/0/minute' => [[self::is(CustodyEventKind::Thaw, 11, 'x')], 10],
                '/events/0/from_minute' => [[CustodyEvent::warm(5, ['x'], 6)], 10],
                '/events/0/emptied' => [[CustodyEvent::made(5, 'y', ['x'], 6, KeptAs::Raw, emptied: ['z'])], 10],
            ] as $pointer => [$events, $at]
        ) {
            try {
                Custody::of($events, $at);
                self::fail($pointer);
            } catch (BadCustody $bad) {
                self::assertSame($pointer, $bad->pointer());
            }
        }
    }

    /** @return non-empty-list<CustodyEvent> what might happen in a kitchen, in any order and often forbidden */
    private static function dice(int $seed): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));
        $flip = fn (): bool => $dice->getInt(0, 1) === 1;
        $minute = 0;
        $ids = [];
        $events = [];
        $events[] = CustodyEvent::received(0, 'first', 4000, 2000, true);
        for ($i = 0; $i < 40; $i++) {
            $minute += $dice->getInt(0, 300);
            $some = fn (): string => $ids === [] ? 'none' : $ids[$dice->getInt(0, count($ids) - 1)];
            $kinds = CustodyEventKind::cases();
            $kind = $i < 3 ? CustodyEventKind::Received : $kinds[$dice->getInt(0, count($kinds) - 1)];
            $events[] = match ($kind) {
                CustodyEventKind::Received => $dice->getInt(0, 1) === 1
                    ? CustodyEvent::received(
                        $minute,
                        (string) $i,
                        $minute + $dice->getInt(0, 6000),
                        $flip() ? $minute + $dice->getInt(0, 3000) : null,
                        $flip(),
                        $flip(),
                        allergens: ["a{$i}"],
                    )
                    : CustodyEvent::receivedFrozen($minute, (string) $i, $dice->getInt(0, 6000), 2000, $flip()),
                CustodyEventKind::Made => CustodyEvent::made(
                    $minute,
                    (string) $i,
                    [$some(), $some()],
                    $dice->getInt(0, 5000),
                    KeptAs::cases()[$dice->getInt(0, 2)],
                    $dice->getInt(0, 3) > 0,
                ),
                CustodyEventKind::Warm => CustodyEvent::warm(
                    $minute,
                    [$some()],
                    max(0, $minute - $dice->getInt(0, 100)),
                    $dice->getInt(0, 4) === 0,
                ),
                CustodyEventKind::Released,
                CustodyEventKind::NotCooled,
                CustodyEventKind::Frozen,
                CustodyEventKind::Proof,
                CustodyEventKind::Airless,
                CustodyEventKind::Opened,
                CustodyEventKind::Thaw,
                CustodyEventKind::Thawed,
                CustodyEventKind::Discarded => CustodyEvent::of($kind, $minute, [$some()]),
            };
            if (in_array($kind, [CustodyEventKind::Received, CustodyEventKind::Made], true)) {
                $ids[] = (string) $i;
            }
        }

        return $events;
    }

    public function test_whatever_happens_dates_never_grow_down_a_chain_and_raw_opens_by_proof_alone(): void
    {
        $made = 0;
        for ($seed = 1; $seed <= 400; $seed++) {
            $events = self::dice($seed);
            $at = $events[count($events) - 1]->minute;
            $answer = Custody::of($events, $at);
            $refused = array_map(fn ($one): int => $one->event, $answer->refused);
            foreach ($events as $i => $event) {
                if ($event->kind !== CustodyEventKind::Made || in_array($i, $refused, true)) {
                    continue;
                }
                $made++;
                $now = Custody::of(array_slice($events, 0, $i + 1), $event->minute);
                $child = $now->thing($event->new) ?? self::fail();
                foreach ($event->ids as $id) {
                    $before = Custody::of(array_slice($events, 0, $i), $event->minute)->thing($id) ?? self::fail();
                    if ($event->as !== KeptAs::Cooked && $child->until !== null) {
                        self::assertLessThanOrEqual($before->until, $child->until, "seed {$seed}, event {$i}");
                    }
                    self::assertFalse($child->rawOpen && ! $before->rawOpen, "seed {$seed}, event {$i}: raw");
                    self::assertSame([], array_diff($before->allergens, $child->allergens), "seed {$seed}, event {$i}");
                }
            }
            foreach ($answer->things as [$id, $thing]) {
                self::assertFalse($thing->rawOpen && ($thing->stop !== null || ! $thing->proof), "seed {$seed}: {$id}");
                self::assertFalse($thing->mayBeFrozen() && $thing->thawed, "seed {$seed}: {$id}");
            }
        }
        self::assertGreaterThan(100, $made);
    }

    public function test_what_was_refused_changes_nothing(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $events = self::dice($seed);
            $at = $events[count($events) - 1]->minute;
            $answer = Custody::of($events, $at);
            $refused = array_map(fn ($one): int => $one->event, $answer->refused);
            $allowed = array_values(array_diff_key($events, array_flip($refused)));
            self::assertEquals($answer->things, Custody::of($allowed, $at)->things, "seed {$seed}");
            self::assertSame([], Custody::of($allowed, $at)->refused, "seed {$seed}");
        }
    }
}
