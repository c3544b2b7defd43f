<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** A fish that was not scaled or gutted as it was sold: what came off it here, and the minutes that took. */
final readonly class NotAsSold
{
    private const SECONDS_AN_HOUR = 3600;

    /**
     * @param  string  $name  the fish, as the kitchen calls it
     * @param  list<SoldDone>  $not  what was not done
     * @param  Mass|null  $mass  what came off; null while nobody weighed it
     * @param  int  $seconds  usual for doing it here
     * @param  BigRational|null  $pricePerKg  minor units; null when the kitchen does not know it
     * @param  Money|null  $perHour  what an hour of work costs the house; null where no prices are seen
     * @param  array<string, Mass>  $fish  the fish by its id, with what it weighed whole
     */
    public function __construct(
        private string $name,
        private array $not,
        private ?Mass $mass,
        private int $seconds,
        private ?BigRational $pricePerKg,
        private ?Money $perHour,
        private array $fish = [],
    ) {
    }

    /** One item of the claim: the weight at the invoice's price and the time at the house's rate, rounded once. */
    public function item(): ClaimItem
    {
        $money = $this->money();
        $done = implode(' or ', array_map(fn (SoldDone $one): string => $one->value, $this->not));
        $minutes = max(1, (int) round($this->seconds / 60));

        return new ClaimItem(
            'not as sold',
            $this->name,
            $this->mass ?? Mass::zero(),
            0,
            $money,
            "{$this->name}: not {$done} as sold. Done here: ".
                ($this->mass === null ? 'its weight follows' : "{$this->mass->print()} came off").
                ", about {$minutes} min of work".
                ($money === null ? '.' : ": {$money->print()}."),
            $this->fish,
        );
    }

    private function money(): ?Money
    {
        if ($this->perHour === null) {
            return null;
        }
        $work = BigRational::of($this->perHour->minor)->multipliedBy($this->seconds)->dividedBy(self::SECONDS_AN_HOUR);
        $weight =
            $this->mass === null || $this->pricePerKg === null
                ? BigRational::zero()
                : $this->pricePerKg->multipliedBy($this->mass->milligrams)->dividedBy(1_000_000);

        return Money::round($work->plus($weight), $this->perHour->currency);
    }
}
