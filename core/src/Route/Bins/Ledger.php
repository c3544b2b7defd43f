<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use DateTimeImmutable;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Message;

/**
 * What lies in the bins, deposit by deposit. What came in is what left and what is there, to the milligram and to the
 * minor unit; nothing falls below zero, and nothing past its date is eaten.
 */
final readonly class Ledger
{
    /** @param  array<string, Deposit>  $deposits  by their ids, in the order in which they came */
    private function __construct(public array $deposits)
    {
    }

    /**
     * @param  iterable<Deposit>  $deposits
     *
     * @throws NoDeposit when two go by one name
     */
    public static function of(iterable $deposits = []): self
    {
        $ledger = [];
        foreach ($deposits as $deposit) {
            ! isset($ledger[$deposit->id]) ||
                throw new NoDeposit('That lies in the bin already.', $deposit->id, '/id');
            $ledger[$deposit->id] = $deposit;
        }

        return new self($ledger);
    }

    /** @throws NoDeposit when it lies there already */
    public function put(Deposit $deposit): self
    {
        return self::of([...array_values($this->deposits), $deposit]);
    }

    public function in(Bin $bin, ?Keeping $keeping = null, ?string $kind = null): Mass
    {
        return Deposit::together($this->lying($bin, $keeping, $kind));
    }

    /**
     * What lies in a bin, the one that ends first in front, of equals the one that came first.
     *
     * @return list<Deposit>
     */
    public function oldestFirst(Bin $bin, ?Keeping $keeping = null, ?string $kind = null): array
    {
        $there = $this->lying($bin, $keeping, $kind);
        usort($there, fn (Deposit $a, Deposit $b): int => [$a->until, $a->since] <=> [$b->until, $b->since]);

        return $there;
    }

    /** @return list<Deposit> what of a bin may still be eaten, oldest first */
    public function eatable(Bin $bin, DateTimeImmutable $today): array
    {
        return array_values(array_filter($this->oldestFirst($bin), fn (Deposit $one): bool => ! $one->isPast($today)));
    }

    /**
     * Takes so much out of a bin, oldest first; what is past its date is left lying when it is to be eaten.
     *
     * @param  string|null  $kind  only of this kind of fish
     *
     * @throws NotInTheBin when there is not so much
     */
    public function take(
        Bin $bin,
        Mass $mass,
        Leaving $how,
        DateTimeImmutable $today,
        ?Keeping $keeping = null,
        ?string $kind = null,
    ): Taken {
        $mass->isPositive() || throw new NotInTheBin('Say how much is taken out.', $mass->milligrams, '/mass');
        $ledger = $this;
        $drawn = [];
        $wanted = $mass;
        foreach ($this->oldestFirst($bin, $keeping, $kind) as $deposit) {
            if ($how->isEaten() && $deposit->isPast($today)) {
                continue;
            }
            $some = $deposit->left->milligrams < $wanted->milligrams ? $deposit->left : $wanted;
            if ($some->isPositive()) {
                $taken = $ledger->draw($deposit->id, $some, $how, $today);
                $ledger = $taken->after;
                $drawn[] = $taken->drawn[0];
                $wanted = $wanted->minus($some);
            }
        }
        if ($wanted->isPositive() || $drawn === []) {
            throw new NotInTheBin(
                new Message($how->isEaten() ? NotInTheBinBecause::TooMuchToEat : NotInTheBinBecause::TooMuch, [
                    'bin' => $bin,
                    'left' => $mass->minus($wanted),
                    'wanted' => $mass,
                ]),
                $mass->milligrams,
                '/mass',
            );
        }

        return new Taken($ledger, $drawn);
    }

    /**
     * Takes so much of one deposit.
     *
     * @throws NotInTheBin when there is not so much of it
     * @throws PastItsDate when it was to be eaten and may not be
     */
    public function draw(string $id, Mass $mass, Leaving $how, DateTimeImmutable $today): Taken
    {
        $deposit =
            $this->deposits[$id] ??
            throw new NotInTheBin(new Message(NotInTheBinBecause::NoSuchTub), $id, '/deposit');
        if ($mass->milligrams > $deposit->left->milligrams || ! $mass->isPositive()) {
            throw new NotInTheBin(
                new Message($deposit->left->isPositive() ? NotInTheBinBecause::OnlyLeft : NotInTheBinBecause::Empty, [
                    'left' => $deposit->left,
                ]),
                $mass->milligrams,
                '/mass',
            );
        }
        if ($how->isEaten() && $deposit->isPast($today)) {
            throw new PastItsDate(
                'Its date was '.$deposit->until->format('j M').'. The head chef can only discard it.',
                $deposit->until->format('Y-m-d'),
                '/deposit',
            );
        }
        $drawn = new Drawn($deposit, $mass, $deposit->worthOfNext($mass));

        return new Taken(new self([...$this->deposits, $id => $deposit->less($mass)]), [$drawn]);
    }

    /** @return list<Deposit> of which something is left */
    private function lying(Bin $bin, ?Keeping $keeping, ?string $kind): array
    {
        return array_values(
            array_filter(
                $this->deposits,
                fn (Deposit $one): bool => $one->bin === $bin &&
                    $one->left->isPositive() &&
                    ($keeping === null || $one->keeping === $keeping) &&
                    ($kind === null || $one->kind === $kind),
            ),
        );
    }
}
