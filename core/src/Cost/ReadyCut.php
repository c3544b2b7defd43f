<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** Whole fish cut in the house against fillets that come ready cut, a served kilo against a served kilo. */
final readonly class ReadyCut
{
    /**
     * @param  Money  $whole  a served kilo, cut here
     * @param  Money  $ready  a served kilo, bought cut
     * @param  Money  $saves  by cutting here, a served kilo; below zero when ready cut is cheaper
     * @param  PricePerKg  $evenReady  price of a kilo of ready fillets at which both cost the same
     * @param  PricePerKg|null  $evenWhole  price of a kilo of whole fish at which they do; null when no price does
     * @param  Money  $point  what one more point of yield is worth, a served kilo
     */
    private function __construct(
        public Money $whole,
        public Money $ready,
        public Money $saves,
        public PricePerKg $evenReady,
        public ?PricePerKg $evenWhole,
        public Money $point,
    ) {
    }

    /**
     * @param  Yielded  $whole  the fish cut here
     * @param  Yielded  $ready  the fillets bought cut, with what is still trimmed off them
     *
     * @throws BadWhatIf when one gives nothing
     */
    public static function of(Yielded $whole, Yielded $ready): self
    {
        $money = fn (BigRational $minor): Money => Money::round($minor, $whole->currency);
        [$cut, $bought] = [$whole->ediblePerKg(), $ready->ediblePerKg()];
        $evenReady = $cut
            ->multipliedBy($ready->yieldPct)
            ->dividedBy(100)
            ->minus($ready->workPerKg)
            ->plus($ready->creditPerKg);
        $evenWhole = $bought
            ->multipliedBy($whole->yieldPct)
            ->dividedBy(100)
            ->minus($whole->workPerKg)
            ->plus($whole->creditPerKg);
        $better = $whole->yieldPct->plus(1)->isGreaterThan(100) ? BigRational::of(100) : $whole->yieldPct->plus(1);

        return new self(
            $money($cut),
            $money($bought),
            $money($bought)->minus($money($cut)),
            PricePerKg::of($money($evenReady)->orNothing()),
            $evenWhole->isNegative() ? null : PricePerKg::of($money($evenWhole)),
            $money($cut->minus($whole->yielding($better)->ediblePerKg())),
        );
    }
}
