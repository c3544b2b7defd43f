<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** The fish there is, shared out over the dishes that want it. */
final readonly class Shared
{
    /**
     * @param  array<string, list<Share>>  $shares  by dish at a service
     * @param  array<string, float>  $missing  portions of this day there is no fish for, by dish at a service
     */
    private function __construct(public array $shares, public array $missing)
    {
    }

    /**
     * Whole fish, as many as should give the portions; what one gives beyond them goes to the next dish of its lot.
     *
     * @param  list<LotToCut>  $lots  what is cut first in front
     * @param  list<DishToServe>  $dishes  who is served first in front
     */
    public static function of(array $lots, array $dishes): self
    {
        $shares = $missing = $over = [];
        $left = array_map(fn (LotToCut $lot): int => $lot->fish, $lots);
        foreach ($dishes as $one) {
            $wanted = $one->portions;
            foreach ($lots as $i => $lot) {
                $each = $lot->portions[$one->dish] ?? 0.0;
                $later = $one->done === DoneOn::AnotherDay && $lot->toReceive;
                if ($wanted < 0.5 || $each <= 0 || $later) {
                    continue;
                }
                $rest = min($wanted, $each * ($over[$i] ?? 0.0));
                $fish = min($left[$i], (int) ceil(($wanted - $rest) / $each - 1e-9));
                $given = min($wanted, $rest + $fish * $each);
                if ($given > 0) {
                    $shares[$one->id][] = new Share($lot, $fish, $given);
                    $left[$i] -= $fish;
                    $over[$i] = ($over[$i] ?? 0.0) + $fish - $given / $each;
                    $wanted -= $given;
                }
            }
            if ($wanted >= 0.5 && $one->done !== DoneOn::AnotherDay) {
                $missing[$one->id] = $wanted;
            }
        }

        return new self($shares, $missing);
    }
}
