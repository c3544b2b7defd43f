<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Brick\Math\BigRational;
use DateTimeImmutable;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** One part of one fish in a bin: its mark, and how much of it is left. */
final readonly class Deposit
{
    /**
     * @param  Mass  $in  above zero
     * @param  Mass  $left  0 up to what was put in
     * @param  Money  $value  of all that was put in
     * @param  DateTimeImmutable  $until  the last day it may be eaten
     * @param  DateTimeImmutable  $since  when it was put in
     */
    private function __construct(
        public string $id,
        public Bin $bin,
        public Keeping $keeping,
        public Mass $in,
        public Mass $left,
        public Money $value,
        public string $kind,
        public DateTimeImmutable $until,
        public DateTimeImmutable $since,
    ) {
    }

    /**
     * @param  string  $kind  of fish, so that a soup of one kind can be made
     * @param  PricePerKg  $value  0 or more
     *
     * @throws NoDeposit when it weighs nothing
     */
    public static function of(
        string $id,
        Bin $bin,
        Keeping $keeping,
        Mass $mass,
        PricePerKg $value,
        string $kind,
        DateTimeImmutable $until,
        DateTimeImmutable $since,
    ): self {
        $mass->isPositive() ||
            throw new NoDeposit('What goes into a bin is weighed first.', $mass->milligrams, '/mass');

        return new self(
            $id,
            $bin,
            $keeping,
            $mass,
            $mass,
            $value->times($mass)->orNothing(),
            $kind,
            $until->setTime(0, 0),
            $since,
        );
    }

    /**
     * What is left of them together.
     *
     * @param  array<array-key, self>  $deposits
     */
    public static function together(array $deposits): Mass
    {
        return array_reduce($deposits, fn (Mass $sum, self $one): Mass => $sum->plus($one->left), Mass::zero());
    }

    /** The same with some of it gone. */
    public function less(Mass $mass): self
    {
        return new self(
            $this->id,
            $this->bin,
            $this->keeping,
            $this->in,
            $this->left->minus($mass),
            $this->value,
            $this->kind,
            $this->until,
            $this->since,
        );
    }

    /** What is left of it is worth: the value put in, less the value of all that left. */
    public function leftWorth(): Money
    {
        return $this->value->minus($this->goneWorth($this->in->minus($this->left)));
    }

    /** What the next so much of it is worth; what all of it fetches, taken in any portions, is what was put in. */
    public function worthOfNext(Mass $mass): Money
    {
        $gone = $this->in->minus($this->left);

        return $this->goneWorth($gone->plus($mass))->minus($this->goneWorth($gone));
    }

    /** Days left to eat it on, counting today; 0 and below when its date is past. */
    public function daysLeft(DateTimeImmutable $today): int
    {
        return (int) $today->setTime(0, 0)->diff($this->until)->format('%r%a') + 1;
    }

    public function isPast(DateTimeImmutable $today): bool
    {
        return $this->daysLeft($today) <= 0;
    }

    private function goneWorth(Mass $gone): Money
    {
        return $this->value->multipliedBy(BigRational::nd($gone->milligrams, $this->in->milligrams));
    }
}
