<?php

declare(strict_types=1);

namespace Sectum\Practise\Gate;

use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;

/** A weight that was said before the scale did, and what the scale said. */
final readonly class Guess
{
    /**
     * @param  Mass  $guessed  above nothing
     * @param  Mass  $true  above nothing
     *
     * @throws BadDrill which names the figure
     */
    public function __construct(public Mass $guessed, public Mass $true)
    {
        $guessed->isPositive() || throw new BadDrill('A guess is more than nothing.', $guessed->grams(), '/guess_g');
        $true->isPositive() || throw new BadDrill('A piece weighs more than nothing.', $true->grams(), '/true_g');
    }

    /** How far off, with its sign, percent of what it weighed. */
    public function errorPct(): float
    {
        return (100 * ($this->guessed->milligrams - $this->true->milligrams)) / $this->true->milligrams;
    }
}
