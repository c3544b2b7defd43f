<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;

/**
 * How much may be asked of the kitchen computer while others wait for it: what takes longer than a moment is sent as a
 * job.
 * The filter on the command line knows no such bounds.
 */
final readonly class Bounds
{
    /**
     * What the lengths of these lists of the request may come to multiplied: a second or two on the slowest machine
     * this runs on.
     */
    private const MOST = [
        'allocate' => [['fillets', 'kinds'], 200],
        'reconcile' => [['pieces'], 120],
        'recovery' => [['pieces'], 120],
        'expected-yield' => [['records_pct'], 2_000],
    ];

    private const MOST_BYTES = 64_000;

    /** @throws Fault when it has to be sent as a job */
    public static function check(string $name, string $json): void
    {
        if (isset(self::MOST[$name])) {
            [$lists, $most] = self::MOST[$name];
            self::size($lists, $json) <= $most ||
                throw Fault::inField(
                    '/'.$lists[0],
                    "This takes too long to wait for. Send it as a job: PUT /api/compute/{$name}/jobs/ with an id.",
                );
        }
        strlen($json) <= self::MOST_BYTES ||
            throw Fault::tooLarge(
                "That is too much to wait for. Send it as a job: PUT /api/compute/{$name}/jobs/ with an id.",
            );
    }

    /** @param  list<string>  $lists  of the request */
    private static function size(array $lists, string $json): int
    {
        $request = json_decode($json, true, 16);
        $counts = array_map(
            fn (string $list): int => is_array($request) && is_array($request[$list] ?? null)
                ? count($request[$list])
                : 1,
            $lists,
        );

        return (int) array_product($counts);
    }
}
