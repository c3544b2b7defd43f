<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use Illuminate\Console\Command;
use RuntimeException;

/** Makes a backup while the kitchen works. */
final class BackupCommand extends Command
{
    protected $signature = 'sectum:backup
        {--to= : folder, of a mounted stick for instance; storage/app/backups when not given}
        {--passphrase-file= : file with the passphrase it is encrypted with; not encrypted when not given}';

    protected $description = 'Copies database, photos and key into one file, opens it again and checks it';

    public function handle(MakeBackup $make): int
    {
        $to = $this->option('to');
        try {
            $file = $make(
                is_string($to) && $to !== '' ? rtrim($to, '/') : config()->string('sectum.backup.folder'),
                Passphrase::in($this->option('passphrase-file') ?? config('sectum.backup.passphrase_file')),
            );
        } catch (RuntimeException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line($file);

        return self::SUCCESS;
    }
}
