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

    private function weighHead(string $fish, string $reading): ResponseInterface
    {
        return $this->live->send('PUT', "/breakdown/fish/{$fish}/readings/{$reading}", [
            'part' => 'head',
            'weight' => ['typed' => '650 g'],
        ]);
    }
}
