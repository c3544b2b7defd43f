<?php

declare(strict_types=1);

namespace Tests\load;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;

/** A house installed beneath a folder of its own: the real web server and the real process manager, on loopback. */
final class InstalledTest extends TestCase
{
    private const HTTPS = 8743;

    private const HTTP = 8780;

    private const PIN = '739182';

    private string $root;

    private CookieJar $cookies;

    protected function setUp(): void
    {
        parent::setUp();
        $this->root = sys_get_temp_dir().'/sectum-house-'.Str::lower(Str::random(6));
        $this->cookies = new CookieJar();
    }

    protected function tearDown(): void
    {
        $this->house(['--stop'])->run();
        (new Process(['rm', '-rf', $this->root]))->run();
        parent::tearDown();
    }

    /** @param  list<string>  $words */
    private function house(array $words, string $version = 'one'): Process
    {
        return new Process(
            ['bin/house', "--root={$this->root}", ...$words],
            base_path(),
            ['SECTUM_INSTALLED' => '1', 'SECTUM_VERSION' => $version, ...self::nothingOfThisCheckout()],
            null,
            240,
        );
    }

    /** @return array<string, false> what a test's own environment would say to the house */
    private static function nothingOfThisCheckout(): array
    {
        return array_fill_keys(
            [
                'APP_ENV',
                'APP_KEY',
                'APP_CONFIG_CACHE',
                'CACHE_STORE',
                'DB_DATABASE',
                'LOG_CHANNEL',
                'QUEUE_CONNECTION',
                'SECTUM_DEMO',
                'SESSION_DRIVER',
            ],
            false,
        );
    }

    /** @param  list<string>  $more */
    private function installed(array $more = [], string $version = 'one'): Process
    {
        $house = $this->house(
            ['--name=localhost', '--name=127.0.0.1', '--https='.self::HTTPS, '--http='.self::HTTP, ...$more],
            $version,
        );
        $house->run();
        self::assertSame(0, $house->getExitCode(), $house->getOutput().$house->getErrorOutput());

        return $house;
    }

    /** @param  array<string, mixed>  $body */
    private function send(string $verb, string $path, array $body = [], string $host = 'localhost'): ResponseInterface
    {
        $client = new Client([
            'verify' => "{$this->root}/var/lib/sectum/caddy/pki/authorities/local/root.crt",
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => 10,
        ]);
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '';

        return $client->request($verb, "https://{$host}:".self::HTTPS.$path, [
            'headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode($token)],
            ...$verb === 'GET' ? [] : ['json' => $body === [] ? (object) [] : $body],
        ]);
    }

    private function setUpKitchen(): void
    {
        $this->send('GET', '/api/kitchen');
        $made = $this->send('POST', '/api/kitchen/setup', [
            'kitchen' => 'The Long Room',
            'name' => 'Ada',
            'pin' => self::PIN,
            'currency' => 'EUR',
            'units' => 'metric',
        ]);
        self::assertSame(201, $made->getStatusCode(), (string) $made->getBody());
    }

    private function receive(): void
    {
        $taken = $this->send('PUT', '/api/receive/fish/'.Str::ulid(), [
            'reading' => (string) Str::ulid(),
            'species_name' => 'Weever',
            'form' => 'round',
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '9 kg'],
        ]);
        self::assertSame(200, $taken->getStatusCode(), (string) $taken->getBody());
    }

    private function readings(): int
    {
        // The link changes hands; PHP remembers where one led for two minutes.
        clearstatcache(true);
        $database = new PDO("sqlite:{$this->root}/var/lib/sectum/current/sectum.sqlite");
        self::assertSame('ok', $database->query('pragma integrity_check')?->fetchColumn());

        return (int) $database->query('select count(*) from readings')?->fetchColumn();
    }

    private function answers(int $seconds = 15): bool
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

    public function test_one_command_serves_a_kitchen_over_https_and_what_dies_comes_back(): void
    {
        $said = $this->installed()->getOutput();
        self::assertStringContainsString('Sectum runs: https://localhost:'.self::HTTPS, $said);
        $page = $this->send('GET', '/');
        self::assertSame('max-age=31536000', $page->getHeaderLine('Strict-Transport-Security'));
        foreach ($page->getHeader('Set-Cookie') as $cookie) {
            self::assertStringContainsStringIgnoringCase('; secure', $cookie);
        }
        self::assertSame(200, $this->send('GET', '/sw.js')->getStatusCode());
        self::assertSame(200, $this->send('GET', '/up', host: '127.0.0.1')->getStatusCode(), 'by its address too');
        $this->setUpKitchen();
        $this->receive();
        self::assertSame(1, $this->readings());

        $trust = (new Client())->get('http://localhost:'.self::HTTP.'/');
        self::assertStringContainsString('<svg', (string) $trust->getBody());
        self::assertStringContainsString('https://localhost:'.self::HTTPS, (string) $trust->getBody());
        $root = (new Client())->get('http://localhost:'.self::HTTP.'/root.crt');
        self::assertStringContainsString('BEGIN CERTIFICATE', (string) $root->getBody());

        foreach (['php', 'caddy', 'worker', 'scheduler'] as $program) {
            $pid = new Process(['supervisorctl', '-c', "{$this->root}/etc/sectum/supervisor.conf", 'pid', $program]);
            $pid->mustRun();
            posix_kill((int) trim($pid->getOutput()), SIGKILL);
        }
        sleep(4);
        self::assertTrue($this->answers(), 'each is started again when it dies');
        $this->receive();
        self::assertSame(2, $this->readings());

        $status = $this->house(['--status']);
        $status->run();
        self::assertSame(0, $status->getExitCode(), $status->getOutput());
        self::assertSame(4, substr_count($status->getOutput(), 'RUNNING'), $status->getOutput());

        // The same again changes nothing and is quick; a second one at the same moment is told to wait.
        $lock = fopen("{$this->root}/run/sectum/install.lock", 'c');
        self::assertIsResource($lock);
        flock($lock, LOCK_EX);
        $second = $this->house([]);
        $second->run();
        self::assertSame(5, $second->getExitCode());
        flock($lock, LOCK_UN);
        $this->installed();
        self::assertSame(2, $this->readings());

        $this->house(['--remove'])->mustRun();
        self::assertFileExists("{$this->root}/var/lib/sectum/current/sectum.sqlite");
        self::assertDirectoryDoesNotExist("{$this->root}/opt/sectum");
    }

    public function test_a_port_in_use_is_said_and_nothing_is_started(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:'.self::HTTPS);
        self::assertIsResource($taken);
        $house = $this->house(['--name=localhost', '--https='.self::HTTPS, '--http='.self::HTTP]);
        $house->run();
        self::assertSame(6, $house->getExitCode());
        self::assertStringContainsString('Port '.self::HTTPS.' is in use', $house->getErrorOutput());
        self::assertFileDoesNotExist("{$this->root}/var/lib/sectum/current");
        fclose($taken);
        $wrong = $this->house(['--name=no;name', '--https='.self::HTTPS, '--http='.self::HTTP]);
        $wrong->run();
        self::assertSame(64, $wrong->getExitCode());
        self::assertSame(3, $this->house(['--status'])->run());
    }

    public function test_an_upgrade_cut_off_anywhere_leaves_the_old_or_the_new_and_every_reading(): void
    {
        $this->installed();
        $this->setUpKitchen();
        $this->receive();
        $versions = [];
        for ($cut = 1; $cut <= 6; $cut++) {
            $upgrade = $this->house([], "cut{$cut}");
            $upgrade->start();
            // Later and later, so that copying, stopping, migrating and changing hands are all cut once.
            usleep(900_000 * $cut);
            (new Process(['pkill', '-9', '-P', (string) $upgrade->getPid()]))->run();
            $upgrade->stop(0, SIGKILL);
            $versions[] = trim((string) file_get_contents("{$this->root}/var/lib/sectum/current/version"));
            self::assertSame(1, $this->readings(), "cut {$cut}");
            self::assertFileExists("{$this->root}/var/lib/sectum/current/code/.whole");
        }
        $this->installed(version: 'last');
        self::assertTrue($this->answers());
        $this->receive();
        self::assertSame(2, $this->readings());
        self::assertSame('last', trim((string) file_get_contents("{$this->root}/var/lib/sectum/current/version")));
        self::assertNotSame([], $versions);
    }
}
