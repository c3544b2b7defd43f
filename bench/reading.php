<?php

declare(strict_types=1);

// A pan reading stored and the whole screen's figures back, over HTTP, beside a bare route of the same framework in the
// same run.
// Needs the demo: bin/demo in another terminal. Writes a fish and its readings into it. Loopback only, 120 requests a
// row.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/served.php';

use Illuminate\Support\Str;

$send = signedIn((int) ($argv[1] ?? 8080));
$species = $send('GET', '/receive')['species'][0]['id'];

$fish = null;
$parts = [
    'head',
    'collar',
    'side-a',
    'side-b',
    'frame',
    'fins',
    'ribs',
    'skin',
    'belly',
    'trim',
    'scrapings',
    'dark-muscle',
];
$rows = timedInTurn([
    'bare framework route' => fn () => $send('GET', '/up'),
    'kitchen (session, database)' => fn () => $send('GET', '/kitchen'),
    'a reading and the whole bench' => function (int $i) use ($send, $species, $parts, &$fish): void {
        if ($i % count($parts) === 0) {
            $fish = (string) Str::ulid();
            $send('PUT', "/receive/fish/{$fish}", [
                'reading' => (string) Str::ulid(),
                'species' => $species,
                'supplier' => 'Bench',
                'state' => 'gutted',
                'weight' => ['typed' => '4210 g'],
            ]);
        }
        $send('PUT', "/breakdown/fish/{$fish}/readings/".Str::ulid(), [
            'part' => $parts[$i % count($parts)],
            'weight' => [
                'pan' => [
                    'mass_mg' => 150_000 + 5000 * $i,
                    'tare_mg' => 0,
                    'resolution_mg' => 5000,
                    'steady' => true,
                ],
            ],
        ]);
    },
], 120);
printf("%-32s %10s %10s %8s\n", '', 'median ms', 'p95 ms', 'ratio');
foreach ($rows as $name => [$median, $p95]) {
    printf("%-32s %10.1f %10.1f %8.1f\n", $name, $median, $p95, $median / $rows['bare framework route'][0]);
}
