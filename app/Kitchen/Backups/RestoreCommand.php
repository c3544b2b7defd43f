<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/** Brings a kitchen back from its backup, onto a checkout that has none. */
final class RestoreCommand extends Command
{
    protected $signature = 'sectum:restore
        {file : a backup made by sectum:backup}
        {--passphrase-file= : file with its passphrase, when it is encrypted}
        {--rehearse : beside the kitchen, changing nothing: counts and readings are compared}';

    protected $description = 'Puts database, photos and key of a backup where they belong; refuses where a '.
        'kitchen is already';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            $passphrase = Passphrase::in($this->option('passphrase-file') ?? config('sectum.backup.passphrase_file'));
            if ($this->option('rehearse') === true) {
                return $this->rehearse(is_string($file) ? $file : '', $passphrase);
            }
            $this->restore(is_string($file) ? $file : '', $passphrase);
        } catch (RuntimeException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->call('migrate', ['--force' => true, '--quiet' => true]);
        $this->line(
            'The kitchen is back: '.Settings::load()->kitchen.', '.Person::query()->count().' people.',
        );

        return self::SUCCESS;
    }

    /** As it would come back, beside the kitchen as it is. */
    private function rehearse(string $file, ?string $passphrase): int
    {
        $rehearsal = Rehearsal::of($file, $passphrase);
        foreach ($rehearsal->tables as $table => [$then, $now]) {
            $this->line(sprintf('%-28s %9d in the backup, %9d now', $table, $then, $now));
        }
        $this->line("{$rehearsal->readings} readings compared, {$rehearsal->grams()} g in all.");
        if ($rehearsal->differing > 0) {
            $this->error("{$rehearsal->differing} readings of the backup are missing here, or are others.");

            return self::FAILURE;
        }
        $this->line('Every reading of the backup stands here as it is. It could be restored.');

        return self::SUCCESS;
    }

    private function restore(string $file, ?string $passphrase): void
    {
        $database = config()->string('database.connections.sqlite.database');
        if (
            is_file($database) &&
            filesize($database) > 0 &&
            Schema::hasTable('people') &&
            Person::query()->exists()
        ) {
            throw new RuntimeException(
                'There is a kitchen here already. Restore onto an empty checkout; nothing was changed.',
            );
        }
        MakeBackup::mustBeWhole($file, passphrase: $passphrase);
        $archive = MakeBackup::opened($file, $passphrase);
        $restored = "{$database}.restored";
        MakeBackup::extract($archive, MakeBackup::DATABASE, $restored);
        try {
            Rehearsal::mustBeKnown($restored);
        } catch (RuntimeException $e) {
            unlink($restored);
            throw $e;
        }
        DB::disconnect();
        array_map(fn (string $left): bool => is_file($left) && unlink($left), ["{$database}-wal", "{$database}-shm"]);
        rename($restored, $database);
        is_dir(storage_path('app/photos')) || mkdir(storage_path('app/photos'), 0o750, true);
        for ($i = 0; $i < $archive->numFiles; $i++) {
            $name = (string) $archive->getNameIndex($i);
            if (preg_match('#^photos/[0-9a-z]{26}\.jpg$#', $name) === 1) {
                MakeBackup::extract($archive, $name, storage_path('app/'.$name));
            }
        }
        $this->key((string) $archive->getFromName(MakeBackup::KEY));
        Settings::forget();
    }

    /** The key that signed the kitchen's cookies, so that its tablets are known still. */
    private function key(string $key): void
    {
        $env = config()->string('sectum.env_file');
        if ($key !== '' && is_file($env)) {
            file_put_contents(
                $env,
                preg_replace('/^APP_KEY=.*$/m', "APP_KEY={$key}", (string) file_get_contents($env)),
            );
        }
    }
}
