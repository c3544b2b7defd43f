<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use Symfony\Component\Process\Process;
use Tests\Feature\Devices\LiveServer;

/** A backup made while everybody weighs, and the kitchen brought back from it onto an empty checkout. */
final class BackupTest extends TestCase
{
    private LiveServer $live;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->live = new LiveServer(8456, 4, 8458);
        $this->folder = sys_get_temp_dir().'/sectum-backups-'.Str::random(8);
    }

    protected function tearDown(): void
    {
        $this->live->end();
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function test_what_was_acknowledged_before_a_backup_is_in_it(): void
    {
        $chef = $this->live->setUpKitchen('The Long Room');
        $fish = $this->live->receive();
        $acknowledged = [];
        $before = null;
        $backup = $this->command(['sectum:backup', "--to={$this->folder}"]);
        $crowd = new Crowd($this->live->address());
        $clients = [];
        for ($i = 0; $i < 4; $i++) {
            $clients[] = $this->weighs($chef, $fish, function (string $reading) use (
                &$acknowledged,
                &$before,
                $backup,
            ): void {
                $acknowledged[] = $reading;
                if ($before === null && count($acknowledged) >= 12) {
                    $before = $acknowledged;
                    $backup->start();
                }
            });
        }
        $crowd->run($clients, 120);
        $backup->wait();
        self::assertSame(0, $backup->getExitCode(), $backup->getOutput().$backup->getErrorOutput());
        self::assertSame(0, $crowd->count(400, 599));
        self::assertIsArray($before);
        $file = trim($backup->getOutput());
        self::assertFileExists($file);

        $empty = sys_get_temp_dir().'/sectum-empty-'.Str::random(8).'.sqlite';
        touch($empty);
        $restore = $this->command(['sectum:restore', $file], $empty);
        $restore->run();
        self::assertSame(0, $restore->getExitCode(), $restore->getOutput().$restore->getErrorOutput());
        self::assertStringContainsString('The Long Room', $restore->getOutput());
        $stored = (new PDO("sqlite:{$empty}"))->query('select id from readings')?->fetchAll(PDO::FETCH_COLUMN);
        self::assertIsArray($stored);
        self::assertSame([], array_diff($before, $stored), 'every reading acknowledged before the backup began');

        $again = $this->command(['sectum:restore', $file], $empty);
        $again->run();
        self::assertSame(1, $again->getExitCode(), 'nothing is restored over a kitchen');
        file_put_contents($file, substr((string) file_get_contents($file), 0, -300));
        $other = sys_get_temp_dir().'/sectum-other-'.Str::random(8).'.sqlite';
        touch($other);
        $damaged = $this->command(['sectum:restore', $file], $other);
        $damaged->run();
        self::assertSame(1, $damaged->getExitCode(), 'a damaged backup restores nothing');
        self::assertSame(0, filesize($other));
        array_map(unlink(...), [...glob("{$empty}*") ?: [], ...glob("{$other}*") ?: []]);
    }

    public function test_an_encrypted_backup_is_rehearsed_and_restored_by_its_passphrase_only(): void
    {
        $this->live->setUpKitchen('The Long Room');
        $this->live->receive();
        mkdir($this->folder);
        [$right, $wrong, $short] = ["{$this->folder}/right", "{$this->folder}/wrong", "{$this->folder}/short"];
        file_put_contents($right, "cold smoke and sharp knives\n");
        file_put_contents($wrong, 'warm smoke and blunt knives');
        file_put_contents($short, 'cod');
        [$code, $said] = $this->says(['sectum:backup', "--to={$this->folder}", "--passphrase-file={$short}"]);
        self::assertSame([1, 'A passphrase has at least 12 letters.'], [$code, $said]);
        [$code, $file] = $this->says(['sectum:backup', "--to={$this->folder}", "--passphrase-file={$right}"]);
        self::assertSame(0, $code, $file);
        self::assertStringNotContainsString('The Long Room', (string) file_get_contents($file));

        [$code, $said] = $this->says(['sectum:restore', $file, '--rehearse']);
        self::assertSame(1, $code);
        self::assertStringContainsString('--passphrase-file', $said);
        [$code, $said] = $this->says(['sectum:restore', $file, '--rehearse', "--passphrase-file={$wrong}"]);
        self::assertSame([1, 'That is not its passphrase. Nothing was changed.'], [$code, $said]);
        $this->live->receive();
        [$code, $said] = $this->says(['sectum:restore', $file, '--rehearse', "--passphrase-file={$right}"]);
        self::assertSame(0, $code, $said);
        self::assertMatchesRegularExpression('/^readings +1 in the backup, +2 now$/m', $said);
        self::assertStringContainsString('1 readings compared', $said);

        // A reading somebody tampered with is noticed, even one who first took the guards of the table away.
        $living = new PDO("sqlite:{$this->live->database}");
        $guards = $living->query("select name from sqlite_master where type = 'trigger' and tbl_name = 'readings'");
        foreach ($guards?->fetchAll(PDO::FETCH_COLUMN) ?: [] as $guard) {
            $living->exec("drop trigger {$guard}");
        }
        $living->exec('update readings set mass_mg = mass_mg + 1000');
        [$code, $said] = $this->says(['sectum:restore', $file, '--rehearse', "--passphrase-file={$right}"]);
        self::assertSame(1, $code);
        self::assertStringContainsString('1 readings of the backup are missing here, or are others', $said);

        $empty = "{$this->folder}/empty.sqlite";
        touch($empty);
        [$code, $said] = $this->says(['sectum:restore', $file, "--passphrase-file={$right}"], $empty);
        self::assertSame(0, $code, $said);
        self::assertSame(1, (int) (new PDO("sqlite:{$empty}"))->query('select count(*) from readings')?->fetchColumn());
    }

    public function test_a_backup_of_a_later_sectum_is_refused_and_nothing_is_changed(): void
    {
        $this->live->setUpKitchen('The Long Room');
        $living = new PDO("sqlite:{$this->live->database}");
        $living->exec("insert into migrations (migration, batch) values ('2031_01_01_000001_flying_fish', 99)");
        [$code, $file] = $this->says(['sectum:backup', "--to={$this->folder}"]);
        self::assertSame(0, $code, $file);
        $empty = "{$this->folder}/empty.sqlite";
        touch($empty);
        foreach ([[], ['--rehearse']] as $how) {
            [$code, $said] = $this->says(['sectum:restore', $file, ...$how], $empty);
            self::assertSame(1, $code);
            self::assertStringContainsString('a later Sectum', $said);
        }
        self::assertSame(0, filesize($empty));
        self::assertFileDoesNotExist("{$empty}.restored");
    }

    /**
     * @param  list<string>  $words
     * @return array{int, string}
     */
    private function says(array $words, ?string $database = null): array
    {
        $command = $this->command($words, $database);
        $command->run();

        return [(int) $command->getExitCode(), trim($command->getOutput().$command->getErrorOutput())];
    }

    /**
     * @param  callable(string): void  $told
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function weighs(string $chef, string $fish, callable $told): Generator
    {
        yield ['GET', '/kitchen', []];
        yield ['POST', '/session', ['person' => $chef, 'pin' => '739182']];
        for ($i = 0; $i < 15; $i++) {
            $reading = (string) Str::ulid();
            [$status] = (yield [
                'PUT',
                "/breakdown/fish/{$fish}/readings/{$reading}",
                ['part' => 'fins', 'weight' => ['typed' => '5 g']],
            ]);
            if ($status === 200) {
                $told($reading);
            }
            yield ['PAUSE', '0.1', []];
        }
    }

    /** @param  list<string>  $words */
    private function command(array $words, ?string $database = null): Process
    {
        // The key of this checkout's .env is not touched by a test: a restore writes it only where there is such a
        // file.
        return new Process(
            ['php', 'artisan', ...$words],
            base_path(),
            [
                'DB_DATABASE' => $database ?? $this->live->database,
                'APP_ENV' => 'production',
                'SECTUM_ENV_FILE' => '/nonexistent',
            ],
            null,
            60,
        );
    }
}
