<?php

declare(strict_types=1);

namespace Tests\load;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Support\Str;
use PDO;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A house `bin/house` put beneath a folder of its own: the real web server and process manager, on loopback. */
final class InstalledHouse
{
    private const PIN = '739182';

    public readonly string $root;

    private CookieJar $cookies;

    public function __construct(public readonly int $https, public readonly int $http)
    {
        $this->root = sys_get_temp_dir().'/sectum-house-'.Str::lower(Str::random(6));
        $this->cookies = new CookieJar();
    }

    public function end(): void
    {
        $this->command(['--stop'])->run();
        (new Process(['rm', '-rf', $this->root]))->run();
    }

    public function data(string $within = ''): string
    {
        return "{$this->root}/var/lib/sectum".$within;
    }

    /** The version whose records are the kitchen's. */
    public function version(): string
    {
        // The link changes hands; PHP remembers where one led for two minutes.
        clearstatcache(true);

        return trim((string) @file_get_contents($this->data('/current/version')));
    }

    /** @param  list<string>  $words */
    public function command(array $words, string $version = 'one'): Process
    {
        return new Process(
            ['bin/house', "--root={$this->root}", ...$words],
            dirname(__DIR__, 2),
            ['SECTUM_INSTALLED' => '1', 'SECTUM_VERSION' => $version, ...self::nothingOfThisCheckout()],
            null,
            240,
        );
    }

    /** @return array<string, false> what a test's own environment would say to the house */
    private static function nothingOfThisCheckout(): array
    {
        $names = 'APP_ENV APP_KEY APP_CONFIG_CACHE CACHE_STORE DB_DATABASE LOG_CHANNEL QUEUE_CONNECTION SECTUM_DEMO';

        return array_fill_keys([...explode(' ', $names), 'SESSION_DRIVER'], false);
    }

    /** Installs or upgrades, and waits until it serves. */
    public function install(string $version = 'one'): Process
    {
        $house = $this->command(
            ['--name=localhost', '--name=127.0.0.1', "--https={$this->https}", "--http={$this->http}"],
            $version,
        );
        $house->run();
        $house->isSuccessful() || throw new RuntimeException($house->getOutput().$house->getErrorOutput());

        return $house;
    }

    public function authority(): string
    {
        return $this->data('/caddy/pki/authorities/local/root.crt');
    }

    /** @param  array<string, mixed>  $body */
    public function send(string $verb, string $path, array $body = [], string $host = 'localhost'): ResponseInterface
    {
        $client = new Client([
            'verify' => $this->authority(),
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => 20,
        ]);
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '';

        return $client->request($verb, "https://{$host}:{$this->https}{$path}", [
            'headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode($token)],
            ...$verb === 'GET' ? [] : ['json' => $body === [] ? (object) [] : $body],
        ]);
    }

    /** @param  array<string, mixed>  $body */
    private function must(string $verb, string $path, array $body, int $status): mixed
    {
        $answer = $this->send($verb, $path, $body);
        $answer->getStatusCode() === $status || throw new RuntimeException("{$verb} {$path}: {$answer->getBody()}");

        return json_decode((string) $answer->getBody(), true);
    }

    /** @return string the head chef's id */
    public function setUpKitchen(): string
    {
        $this->send('GET', '/api/kitchen');
        $made = $this->must('POST', '/api/kitchen/setup', [
            'kitchen' => 'The Long Room',
            'name' => 'Ada',
            'pin' => self::PIN,
            'currency' => 'EUR',
            'units' => 'metric',
        ], 201);

        return (string) data_get($made, 'person.id', data_get($made, 'id', ''));
    }

    /** @return string the fish's id */
    public function receive(): string
    {
        $fish = (string) Str::ulid();
        $this->must('PUT', "/api/receive/fish/{$fish}", [
            'reading' => (string) Str::ulid(),
            'species_name' => 'Weever',
            'form' => 'round',
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '9 kg'],
        ], 200);

        return $fish;
    }

    /** How many readings the kitchen has, of a database that is whole. */
    public function readings(): int
    {
        clearstatcache(true);
        $database = new PDO("sqlite:{$this->data('/current/sectum.sqlite')}");
        $whole = $database->query('pragma integrity_check')?->fetchColumn();
        $whole === 'ok' || throw new RuntimeException("The kitchen’s database is damaged: {$whole}");

        return (int) $database->query('select count(*) from readings')?->fetchColumn();
    }

    public function answers(int $seconds = 15): bool
    {
        for ($try = 0; $try < 5 * $seconds; $try++) {
            try {
                if ($this->send('GET', '/up')->getStatusCode() === 200) {
                    return true;
                }
            } catch (\Throwable) {
                // Nothing listens yet.
            }
            usleep(200_000);
        }

        return false;
    }

    /** Power cut: whatever belongs to this house, and whoever installs or keeps it, is dead in the same moment. */
    public function cut(): void
    {
        $pool = 'sectum-'.substr(hash('sha256', $this->data()), 0, 8);
        // Twice: what was just being started when the first look was taken is seen by the second.
        for ($look = 0; $look < 2; $look++) {
            foreach (glob('/proc/[0-9]*') ?: [] as $process) {
                $of = str_replace("\0", ' ', (string) @file_get_contents("{$process}/cmdline"));
                if (str_contains($of, $this->root) || str_contains($of, $pool) || $this->isIn($process)) {
                    posix_kill((int) basename($process), SIGKILL);
                }
            }
        }
    }

    /** Whether a process stands in this house or has anything of it open, were it the lock of its parent. */
    private function isIn(string $process): bool
    {
        foreach (["{$process}/cwd", ...glob("{$process}/fd/*") ?: []] as $link) {
            if (str_starts_with((string) @readlink($link), $this->root)) {
                return true;
            }
        }

        return false;
    }
}
