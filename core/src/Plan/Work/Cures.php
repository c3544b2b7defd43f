<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\Prep\Cutter;

/**
 * The least that would make a day ready in time: somebody begins earlier, somebody stays longer, another pair of hands
 * for a while, and where nothing else does, fillets for one dish. Each is planned anew to see whether it really does.
 */
final readonly class Cures
{
    /** Minutes that are tried, the fewest first. */
    private const EARLIER = [15, 30, 45, 60, 90, 120];

    private const HANDS = [30, 60, 90, 120, 180, 240, 360];

    /** Share of the usual search each try is given. */
    private const EFFORT = 0.06;

    /** Another pair of hands is nobody yet: at the pace of the starting figures. */
    public const ANOTHER = 'another';

    /**
     * @param  non-empty-list<Cutter>  $cutters
     * @param  list<Pin>  $pins
     */
    private function __construct(
        private Workload $work,
        private array $cutters,
        private float $changeover,
        private array $pins,
    ) {
    }

    /**
     * @param  non-empty-list<Cutter>  $cutters
     * @param  list<Pin>  $pins
     * @return Cure|null the one with the fewest minutes more; null when none of them is enough, or nothing is late
     */
    public static function cheapest(PrepPlan $plan, array $cutters, float $changeover, array $pins): ?Cure
    {
        if ($plan->isReady()) {
            return null;
        }
        $search = new self($plan->work, $cutters, $changeover, $pins);
        $found = null;
        foreach ($search->shifts() as $one) {
            if (($found === null || $one->cure->minutes < $found->minutes) && $search->readyWith($one->hands)) {
                $found = $one->cure;
            }
        }

        return $found ?? $search->fillets(array_keys($plan->notReady()));
    }

    /** @return list<TriedCure> */
    private function shifts(): array
    {
        $all = [];
        foreach (self::EARLIER as $minutes) {
            foreach ($this->cutters as $i => $one) {
                if ($one->from - $minutes >= 0) {
                    $from = $one->from - $minutes;
                    $hands = $this->instead($i, new Cutter($one->id, $from, $one->to, $one->pace));
                    $all[] = new TriedCure(
                        new Cure(CureKind::Earlier, (float) $minutes, $one->id, null, $from),
                        $hands,
                    );
                }
                $hands = $this->instead($i, new Cutter($one->id, $one->from, $one->to + $minutes, $one->pace));
                $all[] = new TriedCure(new Cure(CureKind::Longer, (float) $minutes, $one->id), $hands);
            }
        }
        $opens = min(array_map(fn (Cutter $one): float => $one->from, $this->cutters));
        foreach (self::HANDS as $minutes) {
            $all[] = new TriedCure(
                new Cure(CureKind::MoreHands, (float) $minutes, null, null, $opens),
                [...$this->cutters, new Cutter(self::ANOTHER, $opens, $opens + $minutes)],
            );
        }

        return $all;
    }

    /** @return non-empty-list<Cutter> */
    private function instead(int $place, Cutter $other): array
    {
        return array_map(
            fn (int $i, Cutter $one): Cutter => $i === $place ? $other : $one,
            array_keys($this->cutters),
            $this->cutters,
        );
    }

    /** @param  non-empty-list<Cutter>  $cutters */
    private function readyWith(array $cutters): bool
    {
        return PrepPlan::of($this->work, $cutters, $this->changeover, $this->pins, self::EFFORT)->isReady();
    }

    /** @param  list<string>  $late  the worst first */
    private function fillets(array $late): ?Cure
    {
        foreach ($late as $serves) {
            $saved = $this->work->breakDownMinutes($serves);
            $without = $this->work->withFillets($serves);
            $plan = PrepPlan::of($without, $this->cutters, $this->changeover, $this->pins, self::EFFORT);
            if ($saved > 0 && $plan->isReady()) {
                return new Cure(CureKind::Fillets, $saved, null, $serves);
            }
        }

        return null;
    }
}
