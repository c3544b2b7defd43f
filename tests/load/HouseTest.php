<?php

declare(strict_types=1);

namespace Tests\load;

use GuzzleHttp\Client;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** bin/serve on a checkout without a kitchen: it makes what is missing, and starts again what dies. */
final class HouseTest extends TestCase
{
    private const PORT = 8506;

    private string $database;

    private Process $house;

    private Client $client;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = sys_get_temp_dir().'/sectum-house-'.Str::random(8).'.sqlite';
        $this->house = new Process(['bin/serve', (string) self::PORT, '8507'], base_path(), [
            'DB_DATABASE' => $this->database,
            'SECTUM_DEMO' => 'true',
            'SECTUM_INSTALLED' => '1',
            'APP_ENV' => 'production',
            'PHP_CLI_SERVER_WORKERS' => '3',
        ]);
        $this->house->disableOutput();
        $this->house->start();
        $this->client = new Client([
            'base_uri' => 'http://127.0.0.1:'.self::PORT,
            'http_errors' => false,
            'timeout' => 5,
        ]);
        $this->await(fn (): bool => $this->answers('/api/kitchen') === 200, 40);
    }

    protected function tearDown(): void
    {
        // One that has ended has no number, and nought would be everybody.
        $pid = $this->house->getPid();
        $pid === null || posix_kill($pid, SIGTERM);
        $this->house->stop(20);
        // What ends takes some of its files along, between looking and deleting.
        array_map(fn (string $file): bool => @unlink($file), glob($this->database.'*') ?: []);
        parent::tearDown();
    }

    public function test_a_fresh_checkout_serves_and_what_dies_comes_back(): void
    {
        $kitchen = json_decode((string) $this->client->get('/api/kitchen')->getBody(), true);
        self::assertTrue(data_get($kitchen, 'needs_setup'));
        self::assertGreaterThan(
            90,
            (new PDO("sqlite:{$this->database}"))->query('select count(*) from species')?->fetchColumn(),
            'the catalogue is there',
        );

        // Built files and the page say the same of themselves, and nothing says what it runs on.
        $built = glob(public_path('build/assets/main-*.js')) ?: throw new RuntimeException('The page is not built.');
        foreach (['/build/assets/'.basename($built[0]), '/sw.js', '/sectum.svg', '/', '/api/kitchen'] as $path) {
            $answer = $this->client->get($path);
            self::assertSame(200, $answer->getStatusCode(), $path);
            self::assertSame('nosniff', $answer->getHeaderLine('X-Content-Type-Options'), $path);
            self::assertStringContainsString(
                "default-src 'self'",
                $answer->getHeaderLine('Content-Security-Policy'),
                $path,
            );
            self::assertSame('', $answer->getHeaderLine('X-Powered-By'), $path);
        }
        self::assertStringNotContainsString('APP_KEY', (string) $this->client->get('/.env')->getBody());
        self::assertSame([], glob(storage_path('framework/sessions/*')) ?: [], 'an anonymous look leaves no file');

        // A worker of the server is killed: it is served on, with as many as before.
        $workers = $this->workers();
        self::assertCount(3, $workers);
        posix_kill($workers[0], SIGKILL);
        $this->await(
            fn (): bool => count($this->workers()) === 3 &&
                ! in_array($workers[0], $this->workers(), true) &&
                $this->answers('/api/kitchen') === 200,
            15,
        );

        // The server itself is killed, which tells its workers nothing: they end with it, and others answer.
        for ($i = 0; $i < 3; $i++) {
            sleep(2);
            $before = $this->pids('-S 127.0.0.1:'.self::PORT);
            posix_kill(min($before), SIGKILL);
            $this->await(
                fn (): bool => count($this->workers()) === 3 &&
                    array_intersect($before, $this->pids('-S 127.0.0.1:'.self::PORT)) === [] &&
                    $this->answers('/api/kitchen') === 200,
                45,
            );
        }

        // The queue's worker and the scale likewise.
        foreach (['queue:work', 'sectum:scale'] as $command) {
            $before = $this->pids($command);
            self::assertNotSame([], $before, $command);
            posix_kill($before[0], SIGKILL);
            $this->await(
                fn (): bool => $this->pids($command) !== [] && ! in_array($before[0], $this->pids($command), true),
                15,
            );
        }
    }

    public function test_a_signal_sent_twice_leaves_nothing_running(): void
    {
        $all = fn (): array => [...$this->pids('artisan'), ...$this->pids('-S 127.0.0.1:'.self::PORT)];
        $this->await(fn (): bool => $this->pids('queue:work') !== [] && $this->pids('sectum:probe') !== [], 15);
        for ($i = 0; $i < 4; $i++) {
            $pid = $this->house->getPid();
            $pid === null || posix_kill($pid, SIGTERM);
            usleep(3_000);
        }
        $this->await(fn (): bool => $all() === [], 15);
    }

    public function test_the_scale_bears_whatever_is_done_to_its_line(): void
    {
        $this->await(fn (): bool => $this->ask() !== null, 15);
        $pid = $this->pids('sectum:scale');
        $idle = array_map(
            fn (): mixed => @stream_socket_client('tcp://127.0.0.1:8507', $code, $message, 1),
            range(1, 40),
        );
        self::assertIsInt($this->ask(), 'forty who say nothing');
        $half = stream_socket_client('tcp://127.0.0.1:8507', $code, $message, 1);
        self::assertIsResource($half);
        fwrite($half, '{"do":"re');
        self::assertIsInt($this->ask(), 'half a line');
        for ($i = 0; $i < 40; $i++) {
            $reset = socket_create(AF_INET, SOCK_STREAM, SOL_TCP) ?: throw new RuntimeException('No socket.');
            socket_connect($reset, '127.0.0.1', 8507);
            socket_write($reset, "{\"do\":\"read\"}\n{\"do\":\"read\"}\n");
            socket_set_option($reset, SOL_SOCKET, SO_LINGER, ['l_onoff' => 1, 'l_linger' => 0]);
            socket_close($reset);
        }
        self::assertIsInt($this->ask(), 'forty reset connections');
        $long = stream_socket_client('tcp://127.0.0.1:8507', $code, $message, 1);
        self::assertIsResource($long);
        @fwrite($long, str_repeat('x', 100_000));
        self::assertIsInt($this->ask(), 'a line without end');
        self::assertSame($pid, $this->pids('sectum:scale'), 'and it never had to be started again');
        array_map(fn (mixed $one): bool => is_resource($one) && fclose($one), $idle);
    }

    private function ask(): ?int
    {
        $line = @stream_socket_client('tcp://127.0.0.1:8507', $code, $message, 5);
        if ($line === false) {
            return null;
        }
        stream_set_timeout($line, 5);
        fwrite($line, "{\"do\":\"read\"}\n");
        $said = json_decode((string) fgets($line), true);
        fclose($line);

        return is_array($said) && is_int($said['net_mg'] ?? null) ? $said['net_mg'] : null;
    }

    private function answers(string $path): int
    {
        try {
            return $this->client->get($path)->getStatusCode();
        } catch (\GuzzleHttp\Exception\TransferException) {
            return 0;
        }
    }

    /** @return list<int> children of the server that listens */
    private function workers(): array
    {
        $servers = $this->pids('-S 127.0.0.1:'.self::PORT);
        foreach ($servers as $pid) {
            $children =
                preg_split(
                    '/ /',
                    (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"),
                    -1,
                    PREG_SPLIT_NO_EMPTY,
                ) ?:
                [];
            if ($children !== []) {
                return array_values(
                    array_filter(
                        array_map(intval(...), $children),
                        fn (int $child): bool => preg_match(
                            '/^State:\s+[^ZX\\s]/m',
                            (string) @file_get_contents("/proc/{$child}/status"),
                        ) === 1,
                    ),
                );
            }
        }

        return [];
    }

    /** @return list<int> processes of this house that run a command */
    private function pids(string $command): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $line = str_replace("\0", ' ', (string) @file_get_contents($file));
            $pid = (int) basename(dirname($file));
            if (
                str_starts_with($line, 'php') &&
                str_contains($line, $command) &&
                str_contains((string) @file_get_contents("/proc/{$pid}/environ"), $this->database)
            ) {
                $found[] = $pid;
            }
        }
        sort($found);

        return $found;
    }

    /** @param  callable(): bool  $so */
    private function await(callable $so, int $seconds): void
    {
        for ($try = 0; $try < 10 * $seconds; $try++) {
            if ($so()) {
                self::assertTrue(true);

                return;
            }
            usleep(100_000);
        }
        self::fail('That does not come about.');
    }
}
