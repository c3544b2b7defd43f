<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

use Sectum\Plan\BadPlan;

/** One piece of the day's work. */
final readonly class Task
{
    /**
     * @param  float  $minutes  at pace 1, or as long as it runs by itself
     * @param  float|null  $ready  minute of the day before which it cannot begin
     * @param  float|null  $due  minute of the day after which it is late
     * @param  list<string>  $after  tasks it waits for
     * @param  string|null  $lot  fish that may follow each other without a clean-down; null is a lot of its own
     * @param  bool  $raw  cut for raw service: on a clean board
     * @param  bool  $hands  false for what runs by itself: a brine, a rest, a chill
     * @param  string|null  $by  the only cutter who does it; null for whoever can
     *
     * @throws BadPlan which names the figure
     */
    public function __construct(
        public string $id,
        public float $minutes,
        public ?float $ready = null,
        public ?float $due = null,
        public array $after = [],
        public ?string $lot = null,
        public bool $raw = false,
        public bool $hands = true,
        public ?string $by = null,
    ) {
        ($minutes > 0 && $minutes <= 20_160) ||
            throw new BadPlan('A task takes more than nothing and at most two weeks.', $minutes, '/minutes');
        ($ready === null || $due === null || $due >= $ready) ||
            throw new BadPlan("\"{$id}\" is due before it can begin.", $due, '/due');
        in_array($id, $after, true) &&
            throw new BadPlan("\"{$id}\" waits for itself.", $id, '/after');
    }

    /**
     * The same that does not wait for some others.
     *
     * @param  list<string>  $others
     */
    public function without(array $others): self
    {
        return new self(
            $this->id,
            $this->minutes,
            $this->ready,
            $this->due,
            array_values(array_diff($this->after, $others)),
            $this->lot,
            $this->raw,
            $this->hands,
            $this->by,
        );
    }
}
