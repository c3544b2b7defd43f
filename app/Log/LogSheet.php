<?php

declare(strict_types=1);

namespace App\Log;

use App\Cost\CostBench;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Portion\PortionBench;
use App\Receive\Fish;
use App\Receive\Kept;

/** One fish from the box to the plate, on a page. Prices are only on it for whoever may see them. */
final readonly class LogSheet
{
    /** @return array<string, mixed> */
    public static function of(Fish $fish, Person $person): array
    {
        return [
            ...PortionBench::of($fish, $person),
            'cost' => $person->seesPrices() ? CostBench::of($fish, $person) : null,
            'history' => self::history($fish),
        ];
    }

    /** @return list<array{at: string, what: string}> first to last */
    private static function history(Fish $fish): array
    {
        $lines = [];
        foreach (Kept::of($fish) as [$at, $what]) {
            $lines[] = ['at' => $at, 'what' => $what];
        }
        foreach ($fish->pieces as $piece) {
            foreach ($piece->readings as $reading) {
                $lines[] = ['at' => $reading->taken_at, 'what' => "{$reading->person->name} weighed {$piece->name}: ".$reading->mass()->print().($reading->typed === null ? ' on the pan.' : ", typed as \"{$reading->typed}\".")];
                if ($reading->void !== null) {
                    $lines[] = ['at' => $reading->void->voided_at, 'what' => "{$reading->void->person->name} took back {$piece->name}, ".$reading->mass()->print().": {$reading->void->reason}."];
                }
            }
        }
        usort($lines, fn (array $a, array $b): int => strtotime($a['at']) <=> strtotime($b['at']));

        return array_map(fn (array $line): array => ['at' => Moment::at($line['at'])->format('j M, H:i'), 'what' => $line['what']], $lines);
    }
}
