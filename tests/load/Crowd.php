<?php

declare(strict_types=1);

namespace Tests\load;

use CurlHandle;
use CurlMultiHandle;
use Generator;
use RuntimeException;

/**
 * Several clients at once against one server on this machine, each with its session: a client is a generator that
 * yields what it asks (verb, path, body; "PAUSE" and seconds to wait a moment) and is given the answer (status, JSON).
 * Bounded in time; nothing but loopback is ever asked.
 */
final class Crowd
{
    private CurlMultiHandle $multi;

    /**
     * @var array<int, array{Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>,
     *     float}> who pauses, until when
     */
    private array $pausing = [];

    /** @var array<int, array<string, string>> cookies by client */
    private array $cookies = [];

    /**
     * @var array<int, array{Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>, int,
     *     float, string}>
     */
    private array $asking = [];

    /** @var list<float> milliseconds of every answer */
    public array $took = [];

    /** @var array<int, int> how many answers of every status */
    public array $statuses = [];

    /** @var list<string> the first few answers nobody should get */
    public array $broken = [];

    /** @var array<string, list<float>> the same by verb, and by verb and path */
    public array $tookBy = [];

    /** @param  string|null  $authority  file of the certificate an address over HTTPS is trusted by */
    public function __construct(private readonly string $address, private readonly ?string $authority = null)
    {
        preg_match('#^http://127\.0\.0\.1:|^https://localhost:#', $address) === 1 ||
            throw new RuntimeException('Only this machine is ever loaded.');
        $this->multi = curl_multi_init();
    }

    /**
     * Lets every client ask until it has nothing more to ask, or the time is over.
     *
     * @param  list<Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>>  $clients
     */
    public function run(array $clients, float $seconds): void
    {
        $end = microtime(true) + $seconds;
        foreach ($clients as $i => $client) {
            // Whoever asked before is signed in still.
            $this->cookies[$i] ??= [];
            $this->ask($client, $i);
        }
        do {
            curl_multi_exec($this->multi, $running);
            while (($done = curl_multi_info_read($this->multi)) !== false) {
                $this->answered($done['handle'], microtime(true) < $end);
            }
            $this->wake($end);
            $this->asking === [] ? usleep(2_000) : curl_multi_select($this->multi, 0.005);
        } while ($this->asking !== [] || $this->pausing !== []);
    }

    private function wake(float $end): void
    {
        foreach ($this->pausing as $i => [$client, $until]) {
            if (microtime(true) >= min($until, $end)) {
                unset($this->pausing[$i]);
                if (microtime(true) < $end) {
                    $client->send([0, null]);
                    $this->ask($client, $i);
                }
            }
        }
    }

    /** @param  string|null  $verb  of requests of one kind only */
    public function percentile(float $share, ?string $verb = null): float
    {
        $took = $verb === null ? $this->took : $this->tookBy[$verb] ?? [];
        sort($took);

        return $took[(int) floor($share * (count($took) - 1))] ?? 0.0;
    }

    public function count(int $from, int $to): int
    {
        return array_sum(
            array_filter(
                $this->statuses,
                fn (int $status): bool => $status >= $from && $status <= $to,
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /** @param  Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>  $client */
    private function ask(Generator $client, int $i): void
    {
        if (! $client->valid()) {
            return;
        }
        [$verb, $path, $body] = $client->current();
        if ($verb === 'PAUSE') {
            $this->pausing[$i] = [$client, microtime(true) + (float) $path];

            return;
        }
        $handle = curl_init("{$this->address}/api{$path}");
        $token = urldecode($this->cookies[$i]['XSRF-TOKEN'] ?? '');
        curl_setopt_array(
            $handle,
            [
                CURLOPT_CUSTOMREQUEST => $verb,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_COOKIE => implode(
                    '; ',
                    array_map(
                        fn (string $name, string $value): string => "{$name}={$value}",
                        array_keys($this->cookies[$i]),
                        $this->cookies[$i],
                    ),
                ),
                CURLOPT_HEADERFUNCTION => function (CurlHandle $of, string $line) use ($i): int {
                    // Over HTTP/2 a header's name is written small.
                    if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $set) === 1) {
                        $this->cookies[$i][$set[1]] = $set[2];
                    }

                    return strlen($line);
                },
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    'Content-Type: application/json',
                    "X-XSRF-TOKEN: {$token}",
                    'Expect:',
                ],
            ]
                + ($this->authority === null ? [] : [CURLOPT_CAINFO => $this->authority])
                + ($verb === 'GET'
                    ? []
                    : [CURLOPT_POSTFIELDS => json_encode((object) $body, JSON_THROW_ON_ERROR)]),
        );
        curl_multi_add_handle($this->multi, $handle);
        $this->asking[spl_object_id($handle)] = [$client, $i, microtime(true), "{$verb} {$path}"];
    }

    private function answered(CurlHandle $handle, bool $goOn): void
    {
        [$client, $i, $since, $asked] = $this->asking[spl_object_id($handle)];
        unset($this->asking[spl_object_id($handle)]);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $text = (string) curl_multi_getcontent($handle);
        curl_multi_remove_handle($this->multi, $handle);
        curl_close($handle);
        $this->took[] = $took = 1000 * (microtime(true) - $since);
        foreach ([strtok($asked, ' '), preg_replace('/[0-7][0-9A-HJKMNP-TV-Z]{25}/', '…', $asked)] as $kind) {
            $this->tookBy[(string) $kind][] = $took;
        }
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        if (($status >= 500 || $status === 0) && count($this->broken) < 5) {
            $this->broken[] = "{$status} {$asked}: ".substr($text === '' ? curl_error($handle) : $text, 0, 300);
        }
        if ($goOn) {
            $client->send([$status, json_decode($text, true)]);
            $this->ask($client, $i);
        }
    }
}
