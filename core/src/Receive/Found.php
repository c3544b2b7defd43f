<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Measure\Mass;

/** One weighing out of a box: one fish, or several like ones together. */
final readonly class Found
{
    /**
     * @param  int  $count  fish in this weighing, 1 or more
     * @param  Mass  $step  the scale's
     * @param  string|null  $refused  why it was refused; null when it was taken
     * @param  string|null  $wrongGrade  what size it was sold as, when it is not
     * @param  string|null  $notIt  the signs of its kind that are missing, when it may be another
     * @param  string  $fish  its id; empty where nobody asks which it was
     */
    public function __construct(
        public Mass $mass,
        public int $count,
        public Mass $step,
        public ?string $refused = null,
        public ?string $wrongGrade = null,
        public ?string $notIt = null,
        public string $fish = '',
    ) {
    }

    /** The mean of one fish in it, whole milligrams, rounded down. */
    public function each(): Mass
    {
        return Mass::ofMilligrams(intdiv($this->mass->milligrams, max(1, $this->count)));
    }
}
