<?php

declare(strict_types=1);

namespace Sectum\Log\Week;

use Sectum\Measure\Money;

/** One thing a week has to say, and what it is worth to know it. */
final readonly class Sentence
{
    /**
     * @param  Money  $worth  a week
     * @param  array<string, string|int|float|null>  $values  what it is about
     */
    public function __construct(public Matter $matter, public Money $worth, public array $values)
    {
    }

    /**
     * The few that matter: worth most first, of one kind no more than two, so that a week does not say one thing three
     * times.
     *
     * @param  list<self>  $all
     * @return list<self>
     */
    public static function matter(array $all, int $many = 3): array
    {
        usort($all, fn (self $a, self $b): int => $b->worth->minor <=> $a->worth->minor);
        $said = [];
        $told = [];
        foreach ($all as $one) {
            $kind = $one->matter->value;
            if ($one->worth->minor > 0 && ($said[$kind] ?? 0) < 2 && count($told) < $many) {
                $said[$kind] = ($said[$kind] ?? 0) + 1;
                $told[] = $one;
            }
        }

        return $told;
    }
}
