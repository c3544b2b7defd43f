<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The real server and the real scale on loopback ports, over a database file of their own. */
final class LiveServer
{
    private const PORT = 8436;

    private const SCALE_PORT = 8438;

    private ?Process $server = null;

    private ?Process $scale = null;

    private readonly Client $client;

    private readonly CookieJar $cookies;

    public readonly string $database;

    public function __construct()
    {
        $this->database = sys_get_temp_dir().'/sectum-live-'.getmypid().'.sqlite';
        $this->cookies = new CookieJar;
        $this->client = new Client(['base_uri' => 'http://127.0.0.1:'.self::PORT, 'cookies' => $this->cookies, 'http_errors' => false, 'timeout' => 5]);
        touch($this->database);
        foreach ([['migrate', '--force'], ['db:seed', '--force', '--class=Database\Seed\CatalogueSeeder']] as $words) {
            (new Process(['php', 'artisan', ...$words], base_path(), $this->environment()))->mustRun();
        }
        $this->startServer();
    }

    public function startServer(): void
    {
        $this->server = new Process(['php', '-d', 'variables_order=EGPCS', '-S', '127.0.0.1:'.self::PORT, '-t', 'public', 'bin/router.php'], base_path(), $this->environment());
        $this->server->start();
        $this->awaitPort(self::PORT);
    }

    private function awaitPort(int $port): void
    {
        for ($try = 0; $try < 100; $try++) {
            $socket = @fsockopen('127.0.0.1', $port);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException('Nothing comes up on that port.');
    }

    /** Ends the server as a power cut would: no warning, no goodbye. */
    public function killServer(): void
    {
        $this->server?->stop(0, 9);
    }

    public function startScale(): void
    {
        $this->scale = new Process(['php', 'artisan', 'sectum:scale'], base_path(), $this->environment());
        $this->scale->start();
        $this->awaitPort(self::SCALE_PORT);
    }

    public function killScale(): void
    {
        $this->scale?->stop(0, 9);
    }

    public function end(): void
    {
        $this->killServer();
        $this->killScale();
        array_map(unlink(...), glob($this->database.'*') ?: []);
    }

    /** @param  array<string, mixed>  $body */
    public function send(string $verb, string $path, array $body = [], bool $withToken = true): ResponseInterface
    {
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue();

        return $this->client->request($verb, "/api{$path}", [
            'headers' => ['Accept' => 'application/json', ...($withToken && $token !== null ? ['X-XSRF-TOKEN' => urldecode($token)] : [])],
            ...($verb === 'GET' ? [] : ['json' => (object) $body]),
        ]);
    }

    public function cookie(string $name): ?string
    {
        $cookie = $this->cookies->getCookieByName($name);

        return $cookie === null ? null : (string) $cookie;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'production', 'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=', 'DB_DATABASE' => $this->database,
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'SECTUM_DEMO' => 'true', 'SECTUM_SCALE_PORT' => (string) self::SCALE_PORT,
        ];
    }
}
