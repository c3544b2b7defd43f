<?php

declare(strict_types=1);

namespace App\Hold\Now;

/** One thing that runs or is due, with the way to it. Times are seconds since 1970; null where there is none. */
final readonly class NowThing
{
    /**
     * @param  string  $key  the same thing is the same key on every tablet, so that one is told of it once
     * @param  string  $kind  treatment, turn, made-up, weigh, cooling, out, freezing, thaw-begin, thaw, read, silent,
     *     range, past or ends
     * @param  string  $name  what it is called; of trays how many
     * @param  string  $to  the page it stands on
     * @param  int|null  $early  from when on it may end
     * @param  int|null  $due  when somebody has to do something
     * @param  int|null  $late  by when at the latest
     * @param  string|null  $fish  that can be put back into the cold from here
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $name,
        public string $to,
        public ?int $from = null,
        public ?int $early = null,
        public ?int $due = null,
        public ?int $late = null,
        public bool $urgent = false,
        public ?string $fish = null,
    ) {
    }
}
