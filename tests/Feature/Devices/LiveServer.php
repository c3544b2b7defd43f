<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Support\Str;
use PHPUnit\Framework\Assert;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The real server and the real scale on loopback ports, over a database file of their own. */
final class LiveServer
{
    /** The head chef's. */
    public const PIN = '739182';

    private ?Process $server = null;

    private ?Process $scale = null;

    private readonly Client $client;

    private readonly CookieJar $cookies;

    public readonly string $database;

    /**
     * @param  int  $workers  that answer at once; 0 for the server's one
     * @param  string|null  $folder  where its database lies
     * @param  int  $busyMs  how long a write waits its turn
     */
    public function __construct(
        private readonly int $port = 8436,
        private readonly int $workers = 0,
        private readonly int $scalePort = 8438,
        ?string $folder = null,
        private readonly int $busyMs = 2500,
    ) {
        $this->database = ($folder ?? sys_get_temp_dir()).'/sectum-live-'.getmypid().'.sqlite';
        $this->cookies = new CookieJar();
        $this->client = new Client([
            'base_uri' => "http://127.0.0.1:{$port}",
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => 5,
        ]);
        touch($this->database);
        foreach (
            [['migrate', '--force'], ['db:seed', '--force', '--class=Database\Seed\CatalogueSeeder']] as $words
        ) {
            (new Process(['php', 'artisan', ...$words], base_path(), $this->environment()))->mustRun();
        }
        $this->startServer();
    }

    public function startServer(): void
    {
        $this->server = new Process(
            [
                'php',
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'variables_order=EGPCS',
                '-S',
                "127.0.0.1:{$this->port}",
                '-t',
                'public',
                'bin/router.php',
            ],
            base_path(),
            $this->environment(),
        );
        // What nobody reads would fill the pipe, and the server would wait for a reader.
        $this->server->disableOutput();
        $this->server->start();
        $this->awaitPort($this->port);
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
        $workers = $this->server === null ? [] : self::children((int) $this->server->getPid());
        $this->server?->stop(0, 9);
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $workers);
    }

    /** @return list<int> */
    private static function children(int $pid): array
    {
        $said = (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children");

        return array_map(intval(...), preg_split('/ /', $said, -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    public function startScale(): void
    {
        $this->scale = new Process(['php', 'artisan', 'sectum:scale'], base_path(), $this->environment());
        $this->scale->start();
        $this->awaitPort($this->scalePort);
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
            'headers' => [
                'Accept' => 'application/json',
                ...$withToken && $token !== null ? ['X-XSRF-TOKEN' => urldecode($token)] : [],
            ],
            ...$verb === 'GET' ? [] : ['json' => (object) $body],
        ]);
    }

    /** @return string the head chef, who is signed in then */
    public function setUpKitchen(string $name = 'Live'): string
    {
        $this->send('GET', '/kitchen');
        $made = $this->send('POST', '/kitchen/setup', [
            'kitchen' => $name,
            'name' => 'Ada',
            'pin' => self::PIN,
            'currency' => 'EUR',
            'units' => 'metric',
        ]);
        Assert::assertSame(201, $made->getStatusCode(), (string) $made->getBody());

        return strval(data_get(json_decode((string) $made->getBody(), true), 'me.id'));
    }

    /** @return string a gutted fish of 9 kg */
    public function receive(): string
    {
        $fish = (string) Str::ulid();
        $response = $this->send('PUT', "/receive/fish/{$fish}", [
            'reading' => (string) Str::ulid(),
            'species_name' => 'Weever',
            'form' => 'round',
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '9 kg'],
        ]);
        Assert::assertSame(200, $response->getStatusCode(), (string) $response->getBody());

        return $fish;
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
            'APP_ENV' => 'production',
            'SESSION_DRIVER' => 'cookie',
            'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => 'database',
            'SECTUM_BUSY_MS' => (string) $this->busyMs,
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'DB_DATABASE' => $this->database,
            'SECTUM_DEMO' => 'true',
            'SECTUM_SCALE_PORT' => (string) $this->scalePort,
            ...$this->workers > 0 ? ['PHP_CLI_SERVER_WORKERS' => (string) $this->workers] : [],
        ];
    }
}
