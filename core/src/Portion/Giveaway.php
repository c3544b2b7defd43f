<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** What goes out over the target, at what the fillets cost: the fish as bought, borne by its fillets alone. */
final readonly class Giveaway
{
    /**
     * @param  Mass  $given  0 or more
     * @param  Mass  $whole  the fish as bought
     * @param  int  $pricePerKgMinor  of the whole fish
     * @param  Mass  $fillets  above zero
     * @return int minor units, rounded half up once
     */
    public static function minor(Mass $given, Mass $whole, int $pricePerKgMinor, Mass $fillets): int
    {
        return Money::toMinor(
            BigRational::of($whole->milligrams)
                ->multipliedBy($pricePerKgMinor)
                ->dividedBy(1_000_000)
                ->multipliedBy($given->milligrams)
                ->dividedBy($fillets->milligrams),
        );
    }
}
