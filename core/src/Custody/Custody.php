<?php

declare(strict_types=1);

namespace Sectum\Custody;

use Sectum\Message;

/**
 * What may still be done with things that are kept, and until when: the one law of dates, raw service and clocks.
 *
 * Freezing stops the clock and never turns it back. What is made of several has the worst of each. Proof of freezing
 * opens what was closed for want of proof and makes nothing fresher. Nothing becomes younger by changing its tub.
 *
 * Events are read in order. What the law forbids is not applied and is told. Facts (warm, a failed cooling, a thaw, a
 * discard) hold for each thing by itself; acts (made, frozen, proof, airless) fail as a whole by the first thing that
 * fails.
 */
final class Custody
{
    /** @var array<string, KeptThing> by id, with a letter before it: a name of digits is a name */
    private array $things = [];

    /** @var list<RefusedEvent> */
    private array $refused = [];

    private readonly OutClock $clock;

    private function __construct(private readonly CustodyHouse $house)
    {
        $this->clock = new OutClock($house);
    }

    /**
     * @param  list<CustodyEvent>  $events  in order of their minutes
     * @param  int  $at  the minute that is asked about
     *
     * @throws BadCustody when an event is out of order, or later than that
     */
    public static function of(array $events, int $at, CustodyHouse $house = new CustodyHouse()): CustodyAnswer
    {
        $law = new self($house);
        $before = null;
        foreach ($events as $i => $event) {
            if ($before !== null && $event->minute < $before) {
                throw self::bad(BadCustodySays::OutOfOrder, $event->minute, "/events/{$i}/minute");
            }
            if ($event->minute > $at) {
                throw self::bad(BadCustodySays::AfterAsked, $event->minute, "/events/{$i}/minute");
            }
            if ($event->kind === CustodyEventKind::Warm && $event->from > $event->minute) {
                throw self::bad(BadCustodySays::WrongWayRound, $event->from, "/events/{$i}/from_minute");
            }
            if (array_diff($event->emptied, $event->ids) !== []) {
                throw self::bad(BadCustodySays::NotUsed, $event->emptied, "/events/{$i}/emptied");
            }
            $before = $event->minute;
            $law->apply($i, $event);
        }
        $limits = [];
        foreach ($law->things as $thing) {
            $limits[] = [$thing->id, $law->limits($thing, $at)];
        }

        return new CustodyAnswer($limits, $law->refused);
    }

    private static function bad(BadCustodySays $why, mixed $value, string $pointer): BadCustody
    {
        return new BadCustody(new Message($why), $value, $pointer);
    }

    private function apply(int $i, CustodyEvent $event): void
    {
        if ($event->new !== '') {
            if (isset($this->things["t{$event->new}"])) {
                $this->refused[] = new RefusedEvent($i, CustodyCode::Twice, $event->new);

                return;
            }
            $event->kind === CustodyEventKind::Received ? $this->receive($event) : $this->make($i, $event);

            return;
        }
        $ids = array_values(array_unique($event->ids));
        if (! $event->kind->isFact()) {
            $things = $this->allowed($i, $event, $ids);
            foreach ($things ?? [] as $thing) {
                $this->act($event, $thing);
            }

            return;
        }
        foreach ($ids as $id) {
            $thing = $this->things["t{$id}"] ?? null;
            $code = $thing === null ? CustodyCode::Unknown : $this->barsFact($event, $thing);
            if ($thing === null || $code !== null) {
                $this->refused[] = new RefusedEvent($i, $code ?? CustodyCode::Unknown, $id);
            } else {
                $this->happens($event, $thing);
            }
        }
    }

    private function receive(CustodyEvent $event): void
    {
        $thing = new KeptThing(
            $event->new,
            $event->minute,
            $event->histamine,
            $event->warmMinutes,
            $event->hot,
            allergens: $event->allergens,
        );
        $thing->proof = $event->proof;
        $thing->thawed = $event->thawedBefore;
        if ($event->until === null) {
            $thing->frozenSince = $event->minute;
            $thing->left = $event->left ?? 0;
            $thing->rawLeft = $event->rawLeft;
        } else {
            $thing->until = $event->until;
            $thing->rawUntil = $event->rawUntil;
        }
        $this->things["t{$event->new}"] = $thing;
    }

    /**
     * The things of an act; null when one of them does not allow it.
     *
     * @param  list<string>  $ids
     * @return list<KeptThing>|null
     */
    private function allowed(int $i, CustodyEvent $event, array $ids): ?array
    {
        $things = [];
        foreach ($ids as $id) {
            $thing = $this->things["t{$id}"] ?? null;
            if ($thing === null) {
                $this->refused[] = new RefusedEvent($i, CustodyCode::Unknown, $id);

                return null;
            }
            $things[] = $thing;
        }
        $sawn = $event->kind === CustodyEventKind::Made && $event->as === KeptAs::Raw && self::allFrozen($things);
        foreach ($things as $thing) {
            $code = $this->bars($event, $thing, $sawn);
            if ($code !== null) {
                $this->refused[] = new RefusedEvent($i, $code, $thing->id);

                return null;
            }
        }

        return $things;
    }

    /** @param  list<KeptThing>  $things */
    private static function allFrozen(array $things): bool
    {
        return array_filter(
            $things,
            fn (KeptThing $one): bool => $one->frozenSince === null || $one->thawBegan !== null,
        ) === [];
    }

    /** Why an act is not done with a thing. */
    private function bars(CustodyEvent $event, KeptThing $thing, bool $sawn): ?CustodyCode
    {
        $ofFrozen = match ($event->kind) {
            CustodyEventKind::Proof, CustodyEventKind::Airless => true,
            CustodyEventKind::Made => $sawn || $event->as === KeptAs::Cooked,
            CustodyEventKind::Received,
            CustodyEventKind::Frozen,
            CustodyEventKind::Warm,
            CustodyEventKind::Released,
            CustodyEventKind::NotCooled,
            CustodyEventKind::Opened,
            CustodyEventKind::Thaw,
            CustodyEventKind::Thawed,
            CustodyEventKind::Discarded => false,
        };

        return $this->stop($thing, $event->minute, $ofFrozen) ?? match ($event->kind) {
            CustodyEventKind::Made => $event->as === KeptAs::RawService && ! $this->rawOpen($thing, $event->minute)
                ? CustodyCode::RawClosed
                : null,
            CustodyEventKind::Frozen => $thing->thawed ? CustodyCode::ThawedBefore : null,
            CustodyEventKind::Proof => match (true) {
                $thing->frozenSince === null || $thing->thawBegan !== null => CustodyCode::NotFrozen,
                $thing->hasCooked => CustodyCode::Cooked,
                default => null,
            },
            CustodyEventKind::Airless => ! $thing->hasCooked &&
                ($thing->frozenSince === null || $thing->thawBegan !== null)
                    ? CustodyCode::Airless
                    : null,
            CustodyEventKind::Received,
            CustodyEventKind::Warm,
            CustodyEventKind::Released,
            CustodyEventKind::NotCooled,
            CustodyEventKind::Opened,
            CustodyEventKind::Thaw,
            CustodyEventKind::Thawed,
            CustodyEventKind::Discarded => null,
        };
    }

    /** Why nothing is done with a thing at a minute, whatever it is that should be done. */
    private function stop(KeptThing $thing, int $minute, bool $ofFrozen = false): ?CustodyCode
    {
        return $this->stopForGood($thing, $minute) ?? match (true) {
            $thing->thawBegan !== null && $minute > $thing->thawUntil($this->house) => CustodyCode::Past,
            $thing->frozenSince !== null && ! $ofFrozen => CustodyCode::Frozen,
            $thing->frozenSince === null && $minute > $thing->until => CustodyCode::Past,
            default => null,
        };
    }

    private function stopForGood(KeptThing $thing, int $minute): ?CustodyCode
    {
        return match (true) {
            $thing->gone => CustodyCode::Gone,
            $this->clock->isWarm($thing, $minute) => CustodyCode::Warm,
            $this->clock->isUncooled($thing) => CustodyCode::Uncooled,
            $thing->spoiltAirless => CustodyCode::Airless,
            default => null,
        };
    }

    private function make(int $i, CustodyEvent $event): void
    {
        $of = $this->allowed($i, $event, array_values(array_unique($event->ids)));
        if ($of === null) {
            return;
        }
        if ($event->as === KeptAs::Cooked && ! $event->reading) {
            $this->refused[] = new RefusedEvent($i, CustodyCode::NoReading, $event->new);

            return;
        }
        $any = fn (callable $is): bool => array_filter($of, $is) !== [];
        $cooked = $event->as === KeptAs::Cooked;
        $thing = new KeptThing(
            $event->new,
            $event->minute,
            $any(fn (KeptThing $one): bool => $one->histamine),
            cooked: $cooked,
            hasCooked: $cooked || $any(fn (KeptThing $one): bool => $one->hasCooked),
            allergens: array_merge($event->allergens, ...array_map(fn (KeptThing $one): array => $one->allergens, $of)),
        );
        $thing->parents = $of;
        match (true) {
            $cooked => $this->cook($thing, $event),
            $of !== [] && self::allFrozen($of) => $thing->saw($event),
            default => $thing->cut($event),
        };
        foreach ($event->emptied as $id) {
            $this->things["t{$id}"]->gone = true;
        }
        $this->things["t{$event->new}"] = $thing;
    }

    private function cook(KeptThing $thing, CustodyEvent $event): void
    {
        $thing->until = $event->minute + $event->keeps;
        foreach ($thing->parents as $one) {
            if ($one->hasCooked) {
                $thing->thawed = $thing->thawed || $one->thawed || $one->frozenSince !== null;
                $thing->until = min($thing->until, match (true) {
                    $one->frozenSince === null => $one->until,
                    $one->thawBegan === null => $event->minute + $one->left,
                    default => $one->thawUntil($this->house),
                });
            }
        }
    }

    private function act(CustodyEvent $event, KeptThing $thing): void
    {
        if ($event->kind === CustodyEventKind::Frozen) {
            $thing->freeze($event->minute);
        }
        $thing->proof = $thing->proof || $event->kind === CustodyEventKind::Proof;
        $thing->airless = $thing->airless || $event->kind === CustodyEventKind::Airless;
    }

    /** Why a fact is not true of a thing. */
    private function barsFact(CustodyEvent $event, KeptThing $thing): ?CustodyCode
    {
        $minute = $event->minute;

        return match ($event->kind) {
            CustodyEventKind::NotCooled => $thing->hasCooked ? null : CustodyCode::NotCooked,
            CustodyEventKind::Opened => $thing->airless ? null : CustodyCode::NotAirless,
            CustodyEventKind::Released => match (true) {
                $thing->gone => CustodyCode::Gone,
                $thing->histamine => CustodyCode::Histamine,
                ! $this->clock->isWarm($thing, $minute) => CustodyCode::NotStopped,
                default => null,
            },
            CustodyEventKind::Thaw => match (true) {
                $thing->gone => CustodyCode::Gone,
                $this->clock->isWarm($thing, $minute) => CustodyCode::Warm,
                $this->clock->isUncooled($thing) => CustodyCode::Uncooled,
                $thing->frozenSince === null || $thing->thawBegan !== null => CustodyCode::NotFrozen,
                $thing->airless && ! $thing->hasCooked => CustodyCode::Airless,
                default => null,
            },
            CustodyEventKind::Thawed => match (true) {
                $thing->gone => CustodyCode::Gone,
                $thing->thawBegan === null => CustodyCode::NotThawing,
                default => null,
            },
            CustodyEventKind::Warm,
            CustodyEventKind::Discarded,
            CustodyEventKind::Received,
            CustodyEventKind::Made,
            CustodyEventKind::Frozen,
            CustodyEventKind::Proof,
            CustodyEventKind::Airless => null,
        };
    }

    private function happens(CustodyEvent $event, KeptThing $thing): void
    {
        match ($event->kind) {
            CustodyEventKind::Warm => $this->warm($event, $thing),
            CustodyEventKind::Released => $thing->released[] = $event->minute,
            CustodyEventKind::NotCooled => $thing->uncooled = true,
            CustodyEventKind::Opened => $thing->airless = false,
            CustodyEventKind::Thaw => $thing->thawBegan = $event->minute,
            CustodyEventKind::Thawed => $thing->endThaw($event->minute, $this->house),
            CustodyEventKind::Discarded => $thing->gone = true,
            CustodyEventKind::Received,
            CustodyEventKind::Made,
            CustodyEventKind::Frozen,
            CustodyEventKind::Proof,
            CustodyEventKind::Airless => null,
        };
        $this->clock->forget();
    }

    private function warm(CustodyEvent $event, KeptThing $thing): void
    {
        $thing->intervals[] = [$event->from, $event->minute, $event->hot];
        if ($thing->frozenSince !== null && $thing->thawBegan === null) {
            $thing->thawBegan = max($event->from, $thing->frozenSince);
            $thing->spoiltAirless = $thing->spoiltAirless || ($thing->airless && ! $thing->hasCooked);
        }
    }

    private function rawOpen(KeptThing $thing, int $minute): bool
    {
        return $this->stop($thing, $minute) === null &&
            ! $thing->hasCooked &&
            $thing->proof &&
            $thing->rawUntil !== null &&
            $minute <= $thing->rawUntil &&
            ! $this->clock->everWarm($thing, $minute);
    }

    private function limits(KeptThing $thing, int $at): ThingLimits
    {
        $rawOpen = $this->rawOpen($thing, $at);
        $allergens = array_values(array_unique($thing->allergens));
        sort($allergens, SORT_STRING);

        return new ThingLimits(
            match (true) {
                $thing->frozenSince === null => $thing->until,
                $thing->thawBegan === null => null,
                default => $thing->thawUntil($this->house),
            },
            $this->stop($thing, $at),
            $rawOpen,
            $rawOpen ? min($thing->until, $thing->rawUntil ?? $thing->until) : null,
            $thing->thawed,
            $thing->frozenSince !== null,
            $thing->thawBegan !== null,
            $thing->proof,
            $this->clock->minutes($thing, $at),
            $this->clock->warmLimit($thing, $at),
            $allergens,
        );
    }
}
