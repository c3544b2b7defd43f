<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Sectum\Measure\Money;

/**
 * Which dishes are asked for, and which earn.
 *
 * A dish is popular from 70 % of an even share of the portions sold, and earns from the mean contribution of a portion
 * sold. Compared exactly; only the mean that is told is rounded.
 */
final readonly class MenuReview
{
    private const OF_AN_EVEN_SHARE_PCT = 70;

    public int $sold;

    /** What a portion sold brings on average; null when nothing was sold. Rounded half up. */
    public ?int $average;

    /** Per cent of all portions sold from which a dish is popular. */
    public float $shareNeededPct;

    private BigInteger $earned;

    /** @param  non-empty-list<MenuDish>  $dishes */
    public function __construct(public array $dishes)
    {
        $this->sold = array_sum(array_map(fn (MenuDish $one): int => $one->sold, $dishes));
        $earned = BigInteger::zero();
        foreach ($dishes as $one) {
            $earned = $earned->plus(BigInteger::of($one->contribution)->multipliedBy($one->sold));
        }
        $this->earned = $earned;
        $this->average = $this->sold === 0
            ? null
            : Money::toMinor(BigRational::of($earned)->dividedBy($this->sold));
        $this->shareNeededPct = self::OF_AN_EVEN_SHARE_PCT / count($dishes);
    }

    public function sharePct(MenuDish $dish): float
    {
        return $this->sold === 0 ? 0.0 : 100 * $dish->sold / $this->sold;
    }

    public function isPopular(MenuDish $dish): bool
    {
        return $this->sold > 0 &&
            BigInteger::of(100 * count($this->dishes))
                ->multipliedBy($dish->sold)
                ->isGreaterThanOrEqualTo(BigInteger::of(self::OF_AN_EVEN_SHARE_PCT)->multipliedBy($this->sold));
    }

    public function isEarning(MenuDish $dish): bool
    {
        return $this->sold > 0 &&
            BigInteger::of($dish->contribution)->multipliedBy($this->sold)->isGreaterThanOrEqualTo($this->earned);
    }
}
