<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Message;

/** One line of an invoice beside what was found in the box. */
final readonly class Invoiced
{
    /** A line this many times its invoice is asked about: a slipped unit or point is likelier. */
    private const ASK_BEYOND = 2;

    /**
     * @param  string  $name  as the kitchen calls the fish
     * @param  Mass|null  $mass  as invoiced
     * @param  int|null  $count  fish as invoiced
     * @param  BigRational|null  $price  minor units for one unit; null when the kitchen does not know it
     * @param  list<Found>  $found  every weighing of this line
     * @param  BigRational|null  $ordered  minor units a kilo it was ordered at; null without an order
     */
    public function __construct(
        public string $name,
        public ?Mass $mass,
        public ?int $count,
        public ?BigRational $price,
        public PriceUnit $unit,
        public array $found,
        public ?BigRational $ordered = null,
    ) {
    }

    public function received(): Mass
    {
        return array_reduce($this->found, fn (Mass $sum, Found $found): Mass => $sum->plus($found->mass), Mass::zero());
    }

    public function receivedCount(): int
    {
        return array_sum(array_map(fn (Found $found): int => $found->count, $this->found));
    }

    /**
     * How far the sum of these weighings can be off without anybody being wrong: half a step of the scale each.
     */
    public function tolerance(): Mass
    {
        return Mass::ofMilligrams(
            intdiv(array_sum(array_map(fn (Found $found): int => $found->step->milligrams, $this->found)), 2),
        );
    }

    /** The question to ask before one more weighing is taken; null when there is nothing odd about it. */
    public function question(Found $more): ?Message
    {
        $mass = $this->received()->plus($more->mass);
        if ($this->mass !== null && $mass->milligrams > self::ASK_BEYOND * $this->mass->milligrams) {
            return new Message(LineQuestion::TooHeavy, [
                'mass' => $mass,
                'name' => $this->name,
                'invoiced' => $this->mass,
            ]);
        }
        $count = $this->receivedCount() + $more->count;

        return $this->count !== null && $count > self::ASK_BEYOND * $this->count
            ? new Message(LineQuestion::TooMany, ['count' => $count, 'invoiced' => $this->count])
            : null;
    }

    /**
     * Which way the line is off beyond the scale's tolerance; null when it is not.
     */
    public function gap(): ?Message
    {
        if ($this->unit === PriceUnit::Each && $this->count !== null) {
            $missing = $this->count - $this->receivedCount();

            return $missing === 0
                ? null
                : new Message($missing > 0 ? LineGap::FishShort : LineGap::FishOver, ['count' => abs($missing)]);
        }
        $missing = $this->mass?->minus($this->received());

        return $missing === null || $missing->abs()->milligrams <= $this->tolerance()->milligrams
            ? null
            : new Message($missing->isPositive() ? LineGap::Short : LineGap::Over, ['mass' => $missing->abs()]);
    }
}
