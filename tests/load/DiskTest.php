<?php

declare(strict_types=1);

namespace Tests\load;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;
use Tests\Feature\Devices\LiveServer;

/** A disk that takes no more: said clearly, and what is there is read on. */
final class DiskTest extends TestCase
{
    private LiveServer $live;

    private string $disk;

    /** Something of the kitchen is always open, as its worker is. */
    private ?PDO $open;

    protected function setUp(): void
    {
        parent::setUp();
        $this->disk = sys_get_temp_dir().'/sectum-disk-'.Str::random(8);
        mkdir($this->disk);
        (new Process(['mount', '-t', 'tmpfs', '-o', 'size=12m', 'tmpfs', $this->disk]))->mustRun();
        $this->live = new LiveServer(8466, 2, 8468, $this->disk);
        $this->open = new PDO('sqlite:'.$this->live->database);
        $this->open->query('select count(*) from people')?->fetchAll();
        $this->live->setUpKitchen();
    }

    protected function tearDown(): void
    {
        $this->open = null;
        $this->live->end();
        (new Process(['umount', '-l', $this->disk]))->run();
        rmdir($this->disk);
        parent::tearDown();
    }

    public function test_a_full_disk_is_said_and_the_same_write_goes_through_once_there_is_room(): void
    {
        $fish = $this->live->receive();
        $reading = (string) Str::ulid();
        file_put_contents("{$this->disk}/filler", '');
        (new Process(['dd', 'if=/dev/zero', "of={$this->disk}/filler", 'bs=4k']))->run();
        $full = $this->weighHead($fish, $reading);
        self::assertSame(507, $full->getStatusCode(), (string) $full->getBody());
        self::assertSame('Disk full', data_get(json_decode((string) $full->getBody(), true), 'title'));
        self::assertSame(200, $this->live->send('GET', "/breakdown/fish/{$fish}")->getStatusCode());
        self::assertSame(200, $this->live->send('GET', '/log')->getStatusCode());
        unlink("{$this->disk}/filler");
        self::assertSame(200, $this->weighHead($fish, $reading)->getStatusCode());
        self::assertSame(
            2,
            $this->open?->query('select count(*) from readings')->fetchColumn(),
            'the fish and its head',
        );
        self::assertSame('ok', $this->open->query('pragma integrity_check')->fetchColumn());
    }

    public function test_a_full_stick_takes_no_half_backup_and_keeps_the_one_before(): void
    {
        $this->live->receive();
        $stick = "{$this->disk}-stick";
        mkdir($stick);
        (new Process(['mount', '-t', 'tmpfs', '-o', 'size=3m', 'tmpfs', $stick]))->mustRun();
        try {
            $backup = fn (): Process => new Process(
                ['php', 'artisan', 'sectum:backup', "--to={$stick}"],
                base_path(),
                ['DB_DATABASE' => $this->live->database],
            );
            $there = fn (): array => array_values(array_diff((array) scandir($stick), ['.', '..', 'filler']));
            $backup()->mustRun();
            $before = $there();
            self::assertCount(1, $before);
            $whole = hash_file('sha256', "{$stick}/{$before[0]}");
            (new Process(['dd', 'if=/dev/zero', "of={$stick}/filler", 'bs=4k']))->run();
            $full = $backup();
            self::assertNotSame(0, $full->run());
            self::assertNotSame('', trim($full->getOutput().$full->getErrorOutput()), 'it says so');
            self::assertSame($before, $there(), 'nothing half lies there');
            self::assertSame($whole, hash_file('sha256', "{$stick}/{$before[0]}"));
        } finally {
            (new Process(['umount', '-l', $stick]))->run();
            rmdir($stick);
        }
    }

    private function weighHead(string $fish, string $reading): ResponseInterface
    {
        return $this->live->send('PUT', "/breakdown/fish/{$fish}/readings/{$reading}", [
            'part' => 'head',
            'weight' => ['typed' => '650 g'],
        ]);
    }
}
