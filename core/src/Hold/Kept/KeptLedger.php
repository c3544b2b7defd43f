<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

use DateTimeImmutable;
use Sectum\Message;

/**
 * Portions kept for service, lot by lot. What came in is what left and what is there; nothing falls below zero, nothing
 * past its date is eaten, nothing frozen is served, and what ends first goes first.
 */
final readonly class KeptLedger
{
    /** @param  array<string, KeptLot>  $lots  by their ids */
    private function __construct(public array $lots)
    {
    }

    /**
     * @param  iterable<KeptLot>  $lots
     *
     * @throws NotKept when two go by one name
     */
    public static function of(iterable $lots = []): self
    {
        $all = [];
        foreach ($lots as $lot) {
            ! isset($all[$lot->id]) || throw new NotKept('That tray is here already.', $lot->id, '/id');
            $all[$lot->id] = $lot;
        }

        return new self($all);
    }

    /** @throws NotKept when it is here already */
    public function put(KeptLot $lot): self
    {
        return self::of([...array_values($this->lots), $lot]);
    }

    /** So many of a dish are there, whatever their date. */
    public function left(string $dish): int
    {
        return array_sum(array_map(fn (KeptLot $lot): int => $lot->left, $this->lying($dish)));
    }

    /** So many of a dish may be served today. */
    public function servable(string $dish, DateTimeImmutable $today): int
    {
        return array_sum(
            array_map(
                fn (KeptLot $lot): int => $lot->isPast($today) || ! $lot->state->canBeServed() ? 0 : $lot->left,
                $this->lying($dish),
            ),
        );
    }

    /** @return list<KeptLot> of which some are left, the one that ends first in front */
    public function oldestFirst(string $dish): array
    {
        $lying = $this->lying($dish);
        usort($lying, fn (KeptLot $a, KeptLot $b): int => [$a->until, $a->since, $a->id] <=> [
            $b->until,
            $b->since,
            $b->id,
        ]);

        return $lying;
    }

    /**
     * Takes so many portions of a dish, what ends first first. What is eaten is in date and not frozen; what is thrown
     * away is past its date first.
     *
     * @throws NotKept when there are not so many
     */
    public function take(string $dish, int $count, LeavesAs $how, DateTimeImmutable $today): TakenPortions
    {
        $count > 0 || throw new NotKept('Say how many.', $count, '/count');
        [$ledger, $drawn, $wanted] = [$this, [], $count];
        foreach ($this->oldestFirst($dish) as $lot) {
            $may = ! $how->isEaten() || (! $lot->isPast($today) && $lot->state->canBeServed());
            $some = $may ? min($wanted, $lot->left) : 0;
            if ($some > 0) {
                $taken = $ledger->draw($lot->id, $some, $how, $today);
                $ledger = $taken->after;
                $drawn[] = $taken->drawn[0];
                $wanted -= $some;
            }
        }
        if ($wanted > 0) {
            $left = $count - $wanted;
            throw new NotKept(
                new Message($left === 0 ? NotKeptBecause::NoneLeft : NotKeptBecause::OnlyLeft, [
                    'left' => $left,
                    'count' => $count,
                ]),
                $count,
                '/count',
            );
        }

        return new TakenPortions($ledger, $drawn);
    }

    /**
     * Takes so many of one lot.
     *
     * @throws NotKept when there are not so many of it, or they may not be eaten
     */
    public function draw(string $id, int $count, LeavesAs $how, DateTimeImmutable $today): TakenPortions
    {
        $lot = $this->lots[$id] ?? throw new NotKept(new Message(NotKeptBecause::NoSuchTray), $id, '/lot');
        $count > 0 || throw new NotKept('Say how many.', $count, '/count');
        if ($count > $lot->left) {
            throw new NotKept(
                new Message($lot->left === 0 ? NotKeptBecause::NoneLeft : NotKeptBecause::OnlyLeft, [
                    'left' => $lot->left,
                    'count' => $count,
                ]),
                $count,
                '/count',
            );
        }
        if ($how->isEaten()) {
            ! $lot->isPast($today) ||
                throw new NotKept(
                    new Message(NotKeptBecause::Past, ['day' => $lot->until->format('j M')]),
                    $id,
                    '/lot',
                );
            $lot->state->canBeServed() ||
                throw new NotKept(new Message(NotKeptBecause::StillFrozen), $id, '/lot');
        }

        return new TakenPortions(
            new self([...$this->lots, $id => $lot->less($count)]),
            [new DrawnPortions($lot, $count)],
        );
    }

    /**
     * Puts back what was taken by mistake.
     *
     * @throws NotKept when more come back than were taken
     */
    public function back(string $id, int $count): self
    {
        $lot = $this->lots[$id] ?? throw new NotKept(new Message(NotKeptBecause::NoSuchTray), $id, '/lot');
        ($count > 0 && $lot->left + $count <= $lot->in) ||
            throw new NotKept(new Message(NotKeptBecause::MoreThanTaken), $count, '/count');

        return new self([...$this->lots, $id => $lot->less(-$count)]);
    }

    /** @return list<KeptLot> */
    private function lying(string $dish): array
    {
        return array_values(
            array_filter($this->lots, fn (KeptLot $lot): bool => $lot->dish === $dish && $lot->left > 0),
        );
    }
}
