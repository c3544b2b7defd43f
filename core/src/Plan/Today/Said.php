<?php

declare(strict_types=1);

namespace Sectum\Plan\Today;

/** One thing a head chef should know today. */
final readonly class Said
{
    /**
     * @param  float  $harm  among things of one kind: portions, guests, days; more is worse
     * @param  array<string, string|int|float|null>  $values  of its sentence
     */
    public function __construct(public TodaySays $what, public float $harm, public array $values)
    {
    }

    /**
     * The few that matter most: by kind, and within a kind the greatest first.
     *
     * @param  list<self>  $all
     * @return list<self>
     */
    public static function most(array $all, int $many): array
    {
        $place = array_flip(array_map(fn (TodaySays $one): string => $one->value, TodaySays::cases()));
        usort(
            $all,
            fn (self $a, self $b): int => [$place[$a->what->value], -$a->harm] <=> [$place[$b->what->value], -$b->harm],
        );

        return array_slice($all, 0, max(0, $many));
    }
}
