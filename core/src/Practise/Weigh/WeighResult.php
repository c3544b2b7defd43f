<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

use Sectum\Practise\Gate\Guess;

/** What came of weighing by eye. */
final readonly class WeighResult
{
    /** @param  list<Guess>  $guesses  beside what each piece weighs */
    public function __construct(public float $scorePct, public array $guesses)
    {
    }
}
