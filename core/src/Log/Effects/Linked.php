<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/**
 * Which levels of a factor can be told from the others at all: those that share a group with one of them. A supplier
 * who alone brings his kinds is told from his fish by nothing.
 */
final readonly class Linked
{
    /**
     * @param  list<Seen>  $records
     * @return array<string, int> fish by level, those that share a group with another level
     */
    public static function levels(array $records, string $factor): array
    {
        $groups = $counts = $linked = [];
        foreach ($records as $one) {
            $level = $one->levels[$factor] ?? '';
            if ($level !== '') {
                $groups[$one->group][$level] = true;
                $counts[$level] = ($counts[$level] ?? 0) + 1;
            }
        }
        foreach ($groups as $levels) {
            if (count($levels) > 1) {
                $linked += $levels;
            }
        }

        return array_intersect_key($counts, $linked);
    }
}
