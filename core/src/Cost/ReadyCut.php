<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Money;

/** Whole fish cut in the house against fillets that come ready cut, a served kilo against a served kilo. */
final readonly class ReadyCut
{
    /**
     * @param  int  $wholeMinor  a served kilo, cut here
     * @param  int  $readyMinor  a served kilo, bought cut
     * @param  int  $savesMinor  by cutting here, a served kilo; below zero when ready cut is cheaper
     * @param  int  $evenReadyMinor  price of a kilo of ready fillets at which both cost the same
     * @param  int|null  $evenWholeMinor  price of a kilo of whole fish at which they do; null when no price does
     * @param  int  $pointMinor  what one more point of yield is worth, a served kilo
     */
    private function __construct(
        public int $wholeMinor,
        public int $readyMinor,
        public int $savesMinor,
        public int $evenReadyMinor,
        public ?int $evenWholeMinor,
        public int $pointMinor,
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
            Money::toMinor($cut),
            Money::toMinor($bought),
            Money::toMinor($bought) - Money::toMinor($cut),
            max(0, Money::toMinor($evenReady)),
            $evenWhole->isNegative() ? null : Money::toMinor($evenWhole),
            Money::toMinor($cut->minus($whole->yielding($better)->ediblePerKg())),
        );
    }
}
