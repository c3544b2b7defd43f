<?php

declare(strict_types=1);

// A pan reading stored and the whole screen's figures back, over HTTP, beside a bare route of the same framework in the
// same run.
// Needs the demo: bin/demo in another terminal. Writes a fish and its readings into it. Loopback only, 120 requests a
// row.

require __DIR__.'/../vendor/autoload.php';

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Support\Str;

$cookies = new CookieJar();
$client = new Client([
    'base_uri' => 'http://127.0.0.1:'.($argv[1] ?? '8080'),
    'cookies' => $cookies,
    'timeout' => 10,
]);
$send = function (string $verb, string $path, ?array $body = null) use ($client, $cookies): mixed {
    $token = $cookies->getCookieByName('XSRF-TOKEN')?->getValue();
    $answer = $client->request(
        $verb,
        "/api{$path}",
        ['headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode((string) $token)]] +
            ($body === null ? [] : ['json' => $body]),
    );

    return json_decode((string) $answer->getBody(), true);
};
$kitchen = $send('GET', '/kitchen');
$send('POST', '/session', ['person' => $kitchen['people'][0]['id'], 'pin' => $kitchen['people'][0]['demo_pin']]);
$species = $send('GET', '/receive')['species'][0]['id'];

$time = function (callable $once): array {
    $times = [];
    for ($i = 0; $i < 120; $i++) {
        $start = hrtime(true);
        $once($i);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[60], $times[114]];
};

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
$rows = [
    'bare framework route' => $time(fn () => $client->get('/up')),
    'kitchen (session, database)' => $time(fn () => $send('GET', '/kitchen')),
    'a reading and the whole bench' => $time(function (int $i) use ($send, $species, $parts, &$fish): void {
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
    }),
];
printf("%-32s %10s %10s %8s\n", '', 'median ms', 'p95 ms', 'ratio');
foreach ($rows as $name => [$median, $p95]) {
    printf("%-32s %10.1f %10.1f %8.1f\n", $name, $median, $p95, $median / $rows['bare framework route'][0]);
}
