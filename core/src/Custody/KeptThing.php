<?php

declare(strict_types=1);

namespace Sectum\Custody;

/**
 * What the law remembers of one thing while it reads the events. Only Custody changes it.
 *
 * @internal
 */
final class KeptThing
{
    /** Until when it may be used; of what is frozen, of no meaning. */
    public int $until = 0;

    /** After which it is not bright enough to be served raw; null: never was. */
    public ?int $rawUntil = null;

    public bool $proof = false;

    public bool $thawed = false;

    /** Since when it is frozen, with what was left of its two dates then. */
    public ?int $frozenSince = null;

    public int $left = 0;

    public ?int $rawLeft = null;

    public ?int $thawBegan = null;

    public bool $airless = false;

    /** It thawed without air by being warm, and is stopped for good. */
    public bool $spoiltAirless = false;

    public bool $gone = false;

    /** Its cooling failed; what was made of it is stopped with it. */
    public bool $uncooled = false;

    /** @var list<array{int, int, bool}> out of the cold: from, to, hot */
    public array $intervals = [];

    /** @var list<int> when the head chef released it, in order */
    public array $released = [];

    /** @var list<self> */
    public array $parents = [];

    /** @param  list<string>  $allergens */
    public function __construct(
        public readonly string $id,
        public readonly int $made,
        public readonly bool $histamine,
        public readonly int $cameWarm = 0,
        public readonly bool $cameHot = false,
        public readonly bool $cooked = false,
        public readonly bool $hasCooked = false,
        public readonly array $allergens = [],
    ) {
    }

    /** Minutes out of the cold between two minutes, none counted twice. */
    public function out(int $from, int $to): int
    {
        $all = [];
        foreach ($this->intervals as [$begins, $ends]) {
            if (max($begins, $from) < min($ends, $to)) {
                $all[] = [max($begins, $from), min($ends, $to)];
            }
        }
        sort($all);
        $minutes = 0;
        $reached = $from;
        foreach ($all as [$begins, $ends]) {
            $minutes += max(0, $ends - max($begins, $reached));
            $reached = max($reached, $ends);
        }

        return $minutes;
    }

    /** Whether it was above 21 °C since it was made, by an interval that began before a minute. */
    public function hot(int $by): bool
    {
        foreach ($this->intervals as [$begins, $ends, $hot]) {
            if ($hot && max($begins, $this->made) < min($ends, $by)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Of what it is made of, those whose time out of the cold counts on: histamine fish where it is one, and none where
     * it was cooked and is not.
     *
     * @return list<self>
     */
    public function warmedBy(): array
    {
        return match (true) {
            $this->histamine => array_values(array_filter($this->parents, fn (self $one): bool => $one->histamine)),
            $this->cooked => [],
            default => $this->parents,
        };
    }

    /** Raw of what is all frozen: it stays frozen. */
    public function saw(CustodyEvent $event): void
    {
        $raw = array_map(fn (self $one): ?int => $one->rawLeft, $this->parents);
        $this->frozenSince = $event->minute;
        $this->left = min($event->keeps, ...array_map(fn (self $one): int => $one->left, $this->parents));
        $this->rawLeft = in_array(null, $raw, true) ? null : min($this->left, ...array_filter($raw, is_int(...)));
        $this->inherit();
    }

    public function cut(CustodyEvent $event): void
    {
        $untils = array_map(fn (self $one): int => $one->until, $this->parents);
        $this->until = min($event->minute + $event->keeps, ...$untils);
        $this->rawUntil = $this->until;
        foreach ($this->parents as $one) {
            $this->rawUntil = $this->rawUntil === null || $one->rawUntil === null || $one->rawUntil < $event->minute
                ? null
                : min($this->rawUntil, $one->rawUntil);
        }
        $this->inherit();
    }

    private function inherit(): void
    {
        $this->proof = array_filter($this->parents, fn (self $one): bool => ! $one->proof) === [];
        $this->thawed = array_filter($this->parents, fn (self $one): bool => $one->thawed) !== [];
    }

    public function freeze(int $minute): void
    {
        $this->frozenSince = $minute;
        $this->left = $this->until - $minute;
        $this->rawLeft = $this->rawUntil === null || $this->rawUntil < $minute ? null : $this->rawUntil - $minute;
    }

    public function endThaw(int $minute, CustodyHouse $house): void
    {
        $base = min($minute, ($this->thawBegan ?? $minute) + $house->thawWindow);
        $this->until = $base + min($house->thawKeeps, $this->left);
        $this->rawUntil = $this->rawLeft === null ? null : min($this->until, $base + $this->rawLeft);
        $this->thawed = true;
        $this->frozenSince = $this->thawBegan = null;
    }

    /** Until when what thaws may be used, as long as it thaws. */
    public function thawUntil(CustodyHouse $house): int
    {
        return ($this->thawBegan ?? 0) + $house->thawWindow + min($house->thawKeeps, $this->left);
    }
}
