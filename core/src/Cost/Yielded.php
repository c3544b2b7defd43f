<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** A kilo of fish as bought, what it costs all told, and what of it is served. */
final readonly class Yielded
{
    /**
     * @param  BigRational  $pricePerKg  minor units a kilo as bought, 0 or more
     * @param  BigRational  $workPerKg  delivery and labour, minor units a kilo as bought, 0 or more
     * @param  BigRational  $creditPerKg  what its trim is worth, minor units a kilo as bought, 0 or more
     * @param  BigRational  $yieldPct  served of what was bought, above 0 up to 100
     */
    private function __construct(
        public BigRational $pricePerKg,
        public BigRational $workPerKg,
        public BigRational $creditPerKg,
        public BigRational $yieldPct,
        public Currency $currency,
    ) {
    }

    /** @throws BadWhatIf when one is out of range */
    public static function of(
        BigRational $pricePerKg,
        BigRational $workPerKg,
        BigRational $creditPerKg,
        BigRational $yieldPct,
        Currency $currency,
    ): self {
        $amounts = ['/price_per_kg' => $pricePerKg, '/work_per_kg' => $workPerKg, '/credit_per_kg' => $creditPerKg];
        foreach ($amounts as $at => $amount) {
            ! $amount->isNegative() ||
                throw new BadWhatIf('That is nothing or more, not less than nothing.', $amount->toFloat(), $at);
        }
        ($yieldPct->isGreaterThanOrEqualTo(self::leastYield()) && $yieldPct->isLessThanOrEqualTo(100)) ||
            throw new BadWhatIf(
                'A fish gives more than nothing and at most 100 % of itself.',
                $yieldPct->toFloat(),
                '/yield_pct',
            );

        return new self($pricePerKg, $workPerKg, $creditPerKg, $yieldPct, $currency);
    }

    /** A hundredth of a percent: what gives less was never cut. */
    private static function leastYield(): BigRational
    {
        return BigRational::nd(1, 100);
    }

    /** Minor units for a kilo that is served; below zero when the trim is worth more than the fish. */
    public function ediblePerKg(): BigRational
    {
        return $this->pricePerKg
            ->plus($this->workPerKg)
            ->minus($this->creditPerKg)
            ->multipliedBy(100)
            ->dividedBy($this->yieldPct);
    }

    /** What a kilo that is served costs. */
    public function edible(): PricePerKg
    {
        return PricePerKg::of(Money::round($this->ediblePerKg(), $this->currency));
    }

    /** What a portion of it costs. */
    public function portion(Mass $portion): Money
    {
        return Money::round(
            $this->ediblePerKg()->multipliedBy($portion->milligrams)->dividedBy(1_000_000),
            $this->currency,
        );
    }

    /** The same fish with a yield of so many points more or less. */
    public function yielding(BigRational $pct): self
    {
        return self::of($this->pricePerKg, $this->workPerKg, $this->creditPerKg, $pct, $this->currency);
    }
}
