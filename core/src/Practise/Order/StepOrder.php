<?php

declare(strict_types=1);

namespace Sectum\Practise\Order;

use Sectum\Practise\BadDrill;

/**
 * An order of steps beside what has to come before what: pairs of the transitive closure that stand the wrong way are
 * broken (handbook, numbers 17). What may swap may swap.
 */
final readonly class StepOrder
{
    /**
     * @param  int  $pairs  of the transitive closure
     * @param  float  $scorePct  that stand the right way; all of them where nothing has to come before anything
     * @param  list<Before>  $wrong
     */
    private function __construct(public int $pairs, public float $scorePct, public array $wrong)
    {
    }

    /**
     * @param  list<string>  $given  each once
     * @param  list<Before>  $before  first before then
     *
     * @throws BadDrill when a step stands twice, is unknown, or has to come before itself
     */
    public static function of(array $given, array $before): self
    {
        $place = array_flip($given);
        count($place) === count($given) || throw new BadDrill('A step stands there twice.', $given, '/given');
        $after = array_fill_keys($given, []);
        foreach ($before as $i => $pair) {
            foreach ([$pair->first, $pair->then] as $j => $step) {
                isset($place[$step]) ||
                    throw new BadDrill("“{$step}” is not among the steps.", $step, "/before/{$i}/{$j}");
            }
            $after[$pair->first][$pair->then] = true;
        }
        $pairs = 0;
        $wrong = [];
        foreach ($given as $step) {
            foreach (self::later($step, $after) as $then) {
                $then !== $step ||
                    throw new BadDrill("“{$step}” has to come before itself.", $step, '/before');
                $pairs++;
                if ($place[$then] < $place[$step]) {
                    $wrong[] = new Before($step, $then);
                }
            }
        }

        return new self($pairs, $pairs === 0 ? 100.0 : (100 * ($pairs - count($wrong))) / $pairs, $wrong);
    }

    /**
     * Everything that comes after a step, however far.
     *
     * @param  array<string, array<string, true>>  $after
     * @return list<string>
     */
    private static function later(string $step, array $after): array
    {
        $found = [];
        $open = array_map(strval(...), array_keys($after[$step] ?? []));
        while ($open !== []) {
            $next = array_pop($open);
            if (! isset($found[$next])) {
                $found[$next] = true;
                array_push($open, ...array_map(strval(...), array_keys($after[$next] ?? [])));
            }
        }

        return array_map(strval(...), array_keys($found));
    }
}
