<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Backups\Backup;
use Illuminate\Support\Carbon;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** When the head chef is told that a backup is missing. */
final class BackupTest extends TestCase
{
    public function test_a_late_backup_is_said_to_the_head_chef_and_to_nobody_else(): void
    {
        Carbon::setTestNow('2026-11-26T12:00:00Z');
        $this->kitchen();
        self::assertNull($this->api('GET', '/kitchen')->json('backup_due'), 'the kitchen began today');
        Carbon::setTestNow('2026-11-27T15:00:00Z');
        self::assertStringContainsString('No backup', strval($this->api('GET', '/kitchen')->json('backup_due')));
        $this->actingAs($this->cutter);
        self::assertNull($this->api('GET', '/kitchen')->json('backup_due'));
        $this->actingAs($this->chef);
        Backup::query()->create([
            'file' => '/x.zip',
            'bytes' => 1,
            'sha256' => 'x',
            'made_at' => '2026-11-27T04:40:00.000Z',
        ]);
        self::assertNull($this->api('GET', '/kitchen')->json('backup_due'));
        Carbon::setTestNow('2026-11-28T06:39:00Z');
        self::assertNull($this->api('GET', '/kitchen')->json('backup_due'), 'a night and two hours');
        Carbon::setTestNow('2026-11-28T06:41:00Z');
        self::assertStringContainsString(
            'Fri 27 Nov, 04:40',
            strval($this->api('GET', '/kitchen')->json('backup_due')),
        );
        config(['sectum.demo' => true]);
        self::assertNull($this->api('GET', '/kitchen')->json('backup_due'));
        Carbon::setTestNow();
    }

    public function test_nothing_of_a_kitchen_is_tracked_in_the_repository(): void
    {
        $tracked = new Process(['git', 'ls-files', 'storage'], base_path());
        $tracked->run();
        $files = array_filter(explode("\n", $tracked->getOutput()));
        self::assertSame([], array_values(array_filter(
            $files,
            fn (string $file): bool => basename($file) !== '.gitignore',
        )));
    }
}
