<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\BreakDown\Workmanship\WorkmanshipView;
use App\Cost\CostBench;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Portion\PortionBench;

/** One fish from the box to the plate, on a page. Prices are only on it for whoever may see them. */
final readonly class LogSheet
{
    /** @return Answer */
    public static function of(Fish $fish, Person $person): array
    {
        return [
            ...PortionBench::of($fish, $person),
            'cost' => $person->seesPrices() ? CostBench::of($fish, $person) : null,
            // What a knife left is its cutter's and the head chef's to read.
            'workmanship' => array_values(array_filter(
                WorkmanshipView::sides($fish),
                fn (array $side): bool => $person->role === Role::HeadChef ||
                    data_get($side, 'cut_by.id') === $person->id,
            )),
            'history' => self::history($fish),
        ];
    }

    /** @return list<array{at: string, what: string}> in the order in which it happened */
    private static function history(Fish $fish): array
    {
        $lines = [];
        foreach (History::of($fish) as $i => [$after, $at, $what]) {
            $lines[] = [[$after, 2, $i], $at, $what];
        }
        foreach ($fish->pieces as $piece) {
            foreach ($piece->readings as $reading) {
                $lines[] = [
                    [$reading->seq, 0, 0],
                    $reading->taken_at,
                    "{$reading->by()} weighed {$piece->name}: ".
                    $reading->mass()->print().
                    ($reading->typed === null ? ' on the scale.' : ", typed as \"{$reading->typed}\"."),
                ];
                if ($reading->void !== null) {
                    $lines[] = [
                        [$reading->void->after_seq ?? $reading->seq, 1, 0],
                        $reading->void->voided_at,
                        "{$reading->void->person->name} took back {$piece->name}, ".
                        $reading->mass()->print().
                        ": {$reading->void->reason}.",
                    ];
                }
            }
        }
        usort($lines, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(
            fn (array $line): array => ['at' => Moment::at($line[1])->format('j M, H:i'), 'what' => $line[2]],
            $lines,
        );
    }
}
