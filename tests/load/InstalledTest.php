<?php

declare(strict_types=1);

namespace Tests\load;

use GuzzleHttp\Client;
use Illuminate\Foundation\Testing\TestCase;
use OpenSSLCertificateSigningRequest;
use Symfony\Component\Process\Process;

/** A house installed beneath a folder of its own: the real web server and the real process manager, on loopback. */
final class InstalledTest extends TestCase
{
    private const HTTPS = 8743;

    private const HTTP = 8780;

    private InstalledHouse $house;

    protected function setUp(): void
    {
        parent::setUp();
        $this->house = new InstalledHouse(self::HTTPS, self::HTTP);
    }

    protected function tearDown(): void
    {
        $this->house->end();
        parent::tearDown();
    }

    public function test_one_command_serves_a_kitchen_over_https_and_what_dies_comes_back(): void
    {
        $said = $this->house->install()->getOutput();
        self::assertStringContainsString('Sectum runs: https://localhost:'.self::HTTPS, $said);
        $page = $this->house->send('GET', '/');
        self::assertSame('max-age=31536000', $page->getHeaderLine('Strict-Transport-Security'));
        foreach ($page->getHeader('Set-Cookie') as $cookie) {
            self::assertStringContainsStringIgnoringCase('; secure', $cookie);
        }
        self::assertSame(200, $this->house->send('GET', '/sw.js')->getStatusCode());
        $byAddress = $this->house->send('GET', '/up', host: '127.0.0.1');
        self::assertSame(200, $byAddress->getStatusCode(), 'by its address too');
        $this->house->setUpKitchen();
        $this->house->receive();
        self::assertSame(1, $this->house->readings());

        $trust = (new Client())->get('http://localhost:'.self::HTTP.'/');
        self::assertStringContainsString('<svg', (string) $trust->getBody());
        self::assertStringContainsString('https://localhost:'.self::HTTPS, (string) $trust->getBody());
        $root = (new Client())->get('http://localhost:'.self::HTTP.'/root.crt');
        self::assertStringContainsString('BEGIN CERTIFICATE', (string) $root->getBody());

        foreach (['php', 'caddy', 'worker', 'scheduler'] as $program) {
            $supervisor = "{$this->house->root}/etc/sectum/supervisor.conf";
            $pid = new Process(['supervisorctl', '-c', $supervisor, 'pid', $program]);
            $pid->mustRun();
            posix_kill((int) trim($pid->getOutput()), SIGKILL);
        }
        sleep(4);
        self::assertTrue($this->house->answers(), 'each is started again when it dies');
        $this->house->receive();
        self::assertSame(2, $this->house->readings());

        $status = $this->house->command(['--status']);
        $status->run();
        self::assertSame(0, $status->getExitCode(), $status->getOutput());
        self::assertSame(4, substr_count($status->getOutput(), 'RUNNING'), $status->getOutput());

        // The same again changes nothing and is quick; a second one at the same moment is told to wait.
        $lock = fopen("{$this->house->root}/run/sectum/install.lock", 'c');
        self::assertIsResource($lock);
        flock($lock, LOCK_EX);
        $second = $this->house->command([]);
        $second->run();
        self::assertSame(5, $second->getExitCode());
        flock($lock, LOCK_UN);
        $this->house->install();
        self::assertSame(2, $this->house->readings());

        $this->house->command(['--remove'])->mustRun();
        self::assertFileExists("{$this->house->root}/var/lib/sectum/current/sectum.sqlite");
        self::assertDirectoryDoesNotExist("{$this->house->root}/opt/sectum");
    }

    public function test_a_port_in_use_is_said_and_nothing_is_started(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:'.self::HTTPS);
        self::assertIsResource($taken);
        $house = $this->house->command(['--name=localhost', '--https='.self::HTTPS, '--http='.self::HTTP]);
        $house->run();
        self::assertSame(6, $house->getExitCode());
        self::assertStringContainsString('Port '.self::HTTPS.' is in use', $house->getErrorOutput());
        self::assertFileDoesNotExist("{$this->house->root}/var/lib/sectum/current");
        fclose($taken);
        $wrong = $this->house->command(['--name=no;name', '--https='.self::HTTPS, '--http='.self::HTTP]);
        $wrong->run();
        self::assertSame(64, $wrong->getExitCode());
        self::assertSame(3, $this->house->command(['--status'])->run());
    }

    public function test_a_certificate_that_expired_while_the_machine_was_off_is_made_anew_as_it_starts(): void
    {
        $this->house->install();
        $this->house->command(['--stop'])->mustRun();
        $leaf = $this->house->data('/caddy/certificates/local/localhost/localhost.crt');
        $folder = $this->house->data('/caddy/pki/authorities/local');
        [$signer, $with] = array_map(
            fn (string $end): string => (string) file_get_contents("{$folder}/intermediate.{$end}"),
            ['crt', 'key'],
        );
        $key = openssl_pkey_get_private((string) file_get_contents(substr($leaf, 0, -4).'.key'));
        self::assertNotFalse($key);
        // For the same name, and valid for no time at all.
        $names = "{$this->house->root}/names.cnf";
        file_put_contents($names, "[req]\ndistinguished_name=dn\n[dn]\n[names]\nsubjectAltName=DNS:localhost\n");
        $how = ['config' => $names, 'x509_extensions' => 'names', 'digest_alg' => 'sha256'];
        $asked = openssl_csr_new(['commonName' => 'localhost'], $key, $how);
        self::assertInstanceOf(OpenSSLCertificateSigningRequest::class, $asked);
        $expired = openssl_csr_sign($asked, $signer, $with, 0, $how);
        self::assertNotFalse($expired);
        openssl_x509_export($expired, $text);
        sleep(1);
        self::assertLessThan(time(), openssl_x509_parse($text)['validTo_time_t'] ?? PHP_INT_MAX, 'it has ended');
        file_put_contents($leaf, $text.$signer);
        $this->house->command([])->mustRun();
        self::assertTrue($this->house->answers(), 'a tablet that trusts the house is let in');
        $now = openssl_x509_parse((string) file_get_contents($leaf));
        self::assertGreaterThan(time(), $now['validTo_time_t'] ?? 0);
    }

    public function test_an_upgrade_cut_off_anywhere_leaves_the_old_or_the_new_and_every_reading(): void
    {
        $this->house->install();
        $this->house->setUpKitchen();
        $this->house->receive();
        $versions = [];
        for ($cut = 1; $cut <= 6; $cut++) {
            $upgrade = $this->house->command([], "cut{$cut}");
            $upgrade->start();
            // Later and later, so that copying, stopping, migrating and changing hands are all cut once.
            usleep(900_000 * $cut);
            // All of it at once: one that was left would hold the lock of the install a little longer.
            $this->house->cut();
            $upgrade->stop(0, SIGKILL);
            $versions[] = $this->house->version();
            self::assertSame(1, $this->house->readings(), "cut {$cut}");
            self::assertFileExists("{$this->house->root}/var/lib/sectum/current/code/.whole");
        }
        $this->house->install('last');
        self::assertTrue($this->house->answers());
        $this->house->receive();
        self::assertSame(2, $this->house->readings());
        self::assertSame('last', $this->house->version());
        self::assertNotSame([], $versions);
    }
}
