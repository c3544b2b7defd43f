<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Math\Counted;

/**
 * What a growing number of fish gives together.
 *
 * Given how the lot is, fish know nothing of each other; averaged over that they do. Only numbers of portions at which
 * something would still be missing are kept.
 */
final class Supply
{
    private int $fish = 0;

    /** @var list<list<float>> by way of the lot: chance of each number of portions below `enough` */
    private array $made;

    /** @param  list<Counted>  $gives  what one fish gives, by way of the lot */
    public function __construct(private readonly array $gives, private readonly int $enough)
    {
        $none = $enough === 0 ? [] : [1.0, ...array_fill(0, $enough - 1, 0.0)];
        $this->made = array_fill(0, count($gives), $none);
    }

    public function add(int $fish): void
    {
        for ($i = 0; $i < $fish; $i++) {
            foreach ($this->made as $lot => $made) {
                $this->made[$lot] = $this->oneMore($made, $this->gives[$lot]->chances);
            }
        }
        $this->fish += $fish;
    }

    public function fish(): int
    {
        return $this->fish;
    }

    /** Portions on average. */
    public function mean(): float
    {
        $sum = array_sum(array_map(fn (Counted $one): float => $one->mean(), $this->gives));

        return ($this->fish * $sum) / max(1, count($this->gives));
    }

    /** How far from its mean it usually lies: what differs from fish to fish, and what all fish of a lot share. */
    public function sd(): float
    {
        $lots = max(1, count($this->gives));
        $means = array_map(fn (Counted $one): float => $one->mean(), $this->gives);
        $own = array_sum(array_map(fn (Counted $one): float => $one->variance(), $this->gives)) / $lots;
        $middle = array_sum($means) / $lots;
        $shared = array_sum(array_map(fn (float $mean): float => ($mean - $middle) ** 2, $means)) / $lots;

        return sqrt($this->fish * $own + $this->fish ** 2 * $shared);
    }

    /** @return list<float> chance of each number of portions below `enough`, over all ways the lot may be */
    public function made(): array
    {
        $sum = array_fill(0, $this->enough, 0.0);
        foreach ($this->made as $made) {
            foreach ($made as $n => $chance) {
                $sum[$n] += $chance / count($this->made);
            }
        }

        return array_values($sum);
    }

    /**
     * @param  list<float>  $made
     * @param  list<float>  $gives
     * @return list<float>
     */
    private function oneMore(array $made, array $gives): array
    {
        $sum = array_fill(0, $this->enough, 0.0);
        foreach ($gives as $portions => $chance) {
            if ($chance > 0) {
                for ($n = $this->enough - 1 - $portions; $n >= 0; $n--) {
                    if ($made[$n] > 0) {
                        $sum[$n + $portions] += $made[$n] * $chance;
                    }
                }
            }
        }

        return array_values($sum);
    }
}
