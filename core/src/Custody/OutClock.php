<?php

declare(strict_types=1);

namespace Sectum\Custody;

/**
 * How long things were out of the cold, and what that stops, by all that is known so far: a late report reaches what
 * was cut meanwhile.
 *
 * @internal
 */
final class OutClock
{
    /** Minutes a histamine fish may be above 4.4 °C, and when any of it was above 21 °C (FDA hazards guide). */
    public const HISTAMINE = 480;

    public const HISTAMINE_HOT = 240;

    /** @var array<int, int> minutes each thing came with out of the cold, by what is known so far */
    private array $cameWith = [];

    /** @var array<int, int> the same as far as they count for the stop */
    private array $cameCounted = [];

    /** @var array<string, bool> whether each came hot, uncooled or past its time, by what is known so far */
    private array $came = [];

    public function __construct(private readonly CustodyHouse $house)
    {
    }

    /** Something became known: what things came with is worked out anew. */
    public function forget(): void
    {
        $this->cameWith = $this->cameCounted = $this->came = [];
    }

    public function isUncooled(KeptThing $thing): bool
    {
        return $thing->uncooled || $this->ofParents('uncooled', $thing, $thing->parents, $this->isUncooled(...));
    }

    /**
     * Whether it is so of any it was made of. Each is asked once, however many ways lead to it.
     *
     * @param  list<KeptThing>  $parents
     * @param  callable(KeptThing): bool  $is
     */
    private function ofParents(string $what, KeptThing $thing, array $parents, callable $is): bool
    {
        return $this->came["{$thing->id} {$what}"] ??= array_filter($parents, $is) !== [];
    }

    public function isWarm(KeptThing $thing, int $minute): bool
    {
        $limit = $this->warmLimit($thing, $minute);

        return $limit !== null && $this->counted($thing, $minute) >= $limit;
    }

    public function warmLimit(KeptThing $thing, int $minute): ?int
    {
        return match (true) {
            $thing->histamine => $this->isHot($thing, $minute) ? self::HISTAMINE_HOT : self::HISTAMINE,
            $thing->cooked => null,
            default => $this->house->out,
        };
    }

    /** Minutes out of the cold at a minute, by all that is known now. */
    public function minutes(KeptThing $thing, int $minute): int
    {
        $came = $this->cameWith[spl_object_id($thing)] ??= max($thing->cameWarm, 0, ...array_map(
            fn (KeptThing $one): int => $this->minutes($one, $thing->made),
            $thing->warmedBy(),
        ));

        return $came + $thing->out($thing->made, $minute);
    }

    /** The same as far as it counts for the stop: anew from the last time the head chef released it. */
    private function counted(KeptThing $thing, int $minute): int
    {
        $since = array_filter($thing->released, fn (int $one): bool => $one <= $minute);
        if ($since !== []) {
            return $thing->out(max($since), $minute);
        }

        return $this->cameCounted($thing) + $thing->out($thing->made, $minute);
    }

    private function cameCounted(KeptThing $thing): int
    {
        return $this->cameCounted[spl_object_id($thing)] ??= max($thing->cameWarm, 0, ...array_map(
            fn (KeptThing $one): int => $this->counted($one, $thing->made),
            $thing->warmedBy(),
        ));
    }

    private function isHot(KeptThing $thing, int $minute): bool
    {
        return $thing->cameHot ||
            $thing->hot($minute) ||
            $this->ofParents(
                'hot',
                $thing,
                $thing->warmedBy(),
                fn (KeptThing $one): bool => $this->isHot($one, $thing->made),
            );
    }

    /** Whether fish without histamine, or such fish it was made of, ever reached its limit. */
    public function everWarm(KeptThing $thing, int $minute): bool
    {
        $came = fn (KeptThing $one): bool => $this->everWarm($one, $thing->made);
        if ($this->ofParents('ever', $thing, $thing->parents, $came)) {
            return true;
        }
        if ($thing->histamine || $thing->cooked) {
            return false;
        }
        $from = $thing->made;
        $came = $this->cameCounted($thing);
        foreach ([...$thing->released, $minute] as $to) {
            if ($to > $minute) {
                break;
            }
            if ($came + $thing->out($from, $to) >= $this->house->out) {
                return true;
            }
            [$came, $from] = [0, $to];
        }

        return false;
    }
}
