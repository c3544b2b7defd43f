<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use ZipArchive;

/**
 * Everything a kitchen has, in one file: the database as the engine itself copies it while work goes on, the photos and
 * the key. With a passphrase every part of it is encrypted (AES-256, as zip files are). It counts only after it was
 * opened again and found whole.
 */
final readonly class MakeBackup
{
    public const DATABASE = 'sectum.sqlite';

    public const KEY = 'key.txt';

    public const PHOTOS = 'photos/';

    /**
     * @param  string|null  $passphrase  that opens it; null for none
     * @return string the file
     */
    public function __invoke(string $folder, ?string $passphrase = null): string
    {
        is_dir($folder) || @mkdir($folder, 0o750, true) || throw new RuntimeException("{$folder} cannot be made.");
        $name = 'sectum-'.Carbon::now('UTC')->format('Ymd-His-v');
        $copy = "{$folder}/.{$name}.sqlite";
        $zip = "{$folder}/.{$name}.zip";
        try {
            $readings = self::count(DB::connection()->getPdo());
            DB::connection()
                ->getPdo()
                ->exec("vacuum into '".str_replace("'", "''", $copy)."'");
            $this->pack($zip, $copy, $passphrase);
            self::mustBeWhole($zip, $readings, $passphrase);
            self::ontoTheDisk($zip);
            $file = "{$folder}/{$name}.zip";
            rename($zip, $file) || throw new RuntimeException("{$file} cannot be written.");
        } finally {
            array_map(fn (string $left): bool => is_file($left) && unlink($left), [$copy, $zip]);
        }
        Backup::query()->create([
            'file' => $file,
            'bytes' => (int) filesize($file),
            'sha256' => (string) hash_file('sha256', $file),
            'made_at' => Moment::written(Carbon::now()),
        ]);
        $this->forgetOld($folder);

        return $file;
    }

    /** What has its name is on the disk, and not only in the machine's memory when the power goes. */
    private static function ontoTheDisk(string $zip): void
    {
        $file = fopen($zip, 'r');
        ($file !== false && fsync($file)) || throw new RuntimeException("{$zip} could not be written whole.");
        fclose($file);
    }

    private function pack(string $zip, string $copy, ?string $passphrase): void
    {
        $archive = new ZipArchive();
        $archive->open($zip, ZipArchive::CREATE | ZipArchive::EXCL) === true ||
            throw new RuntimeException("{$zip} cannot be written.");
        $archive->addFile($copy, self::DATABASE);
        $archive->addFromString(self::KEY, config()->string('app.key'));
        foreach (self::files(storage_path('app/photos/*.jpg')) as $photo) {
            $archive->addFile($photo, self::PHOTOS.basename($photo));
            $archive->setCompressionName(self::PHOTOS.basename($photo), ZipArchive::CM_STORE);
        }
        for ($i = 0; $passphrase !== null && $i < $archive->numFiles; $i++) {
            $archive->setEncryptionIndex($i, ZipArchive::EM_AES_256, $passphrase) ||
                throw new RuntimeException('This PHP cannot encrypt a backup.');
        }
        $archive->close() || throw new RuntimeException("{$zip} could not be written whole. Is the disk full?");
    }

    /**
     * Opens a backup as a restore would.
     *
     * @param  int  $readings  that it holds at least
     *
     * @throws RuntimeException when it is not whole
     */
    public static function mustBeWhole(string $zip, int $readings = 0, ?string $passphrase = null): void
    {
        $archive = self::opened($zip, $passphrase);
        $check = tempnam(sys_get_temp_dir(), 'sectum-check-');
        $check !== false || throw new RuntimeException('There is no room to check the backup.');
        try {
            self::extract($archive, self::DATABASE, $check);
            for ($i = 0; $i < $archive->numFiles; $i++) {
                self::reads($archive, $i) || throw new RuntimeException("{$zip} is damaged.");
            }
            $database = new PDO("sqlite:{$check}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            self::asked($database, 'pragma integrity_check') === 'ok' ||
                throw new RuntimeException('The copy of the database is damaged.');
            self::count($database) >= $readings ||
                throw new RuntimeException('The copy lacks readings that were there before it was begun.');
        } finally {
            unlink($check);
        }
    }

    /**
     * A backup, opened with its passphrase.
     *
     * @throws RuntimeException when it is none, or the passphrase is missing or another one
     */
    public static function opened(string $zip, ?string $passphrase): ZipArchive
    {
        $archive = new ZipArchive();
        $archive->open($zip, ZipArchive::CHECKCONS) === true ||
            throw new RuntimeException("{$zip} is no backup, or is damaged.");
        $about = $archive->statName(self::KEY);
        $isEncrypted = $about !== false && $about['encryption_method'] !== ZipArchive::EM_NONE;
        if ($isEncrypted) {
            $passphrase !== null ||
                throw new RuntimeException(
                    'It is encrypted. Name the file with its passphrase: --passphrase-file=FILE',
                );
            $archive->setPassword($passphrase);
            $archive->getFromName(self::KEY) !== false ||
                throw new RuntimeException('That is not its passphrase. Nothing was changed.');
        }

        return $archive;
    }

    public static function extract(ZipArchive $archive, string $name, string $to): void
    {
        $from = $archive->getStream($name);
        $from !== false || throw new RuntimeException("It has no {$name} in it.");
        $into = fopen($to, 'wb');
        $into !== false || throw new RuntimeException("{$to} cannot be written.");
        stream_copy_to_stream($from, $into) === ($archive->statName($name)['size'] ?? -1) ||
            throw new RuntimeException("{$name} could not be read whole.");
        fclose($into);
    }

    private static function count(PDO $database): int
    {
        $count = self::asked($database, 'select count(*) from readings');

        return is_numeric($count) ? (int) $count : 0;
    }

    private static function asked(PDO $database, string $query): mixed
    {
        $said = $database->query($query);

        return $said === false ? null : $said->fetchColumn();
    }

    /** A photo is read to its end, so that its checksum is looked at. */
    private static function reads(ZipArchive $archive, int $i): bool
    {
        $stream = $archive->getStreamIndex($i);
        if ($stream === false) {
            return false;
        }
        $read = 0;
        while (! feof($stream)) {
            $some = fread($stream, 1 << 20);
            if ($some === false) {
                return false;
            }
            $read += strlen($some);
        }
        $about = $archive->statIndex($i);

        return $about !== false && $read === $about['size'];
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        $files = glob($pattern);

        return $files === false ? [] : $files;
    }

    private function forgetOld(string $folder): void
    {
        $all = self::files("{$folder}/sectum-*.zip");
        sort($all);
        foreach (array_slice($all, 0, max(0, count($all) - Settings::load()->backupsKept)) as $old) {
            unlink($old);
        }
        // What a power cut left of a backup that was being made.
        foreach (self::files("{$folder}/.sectum-*") as $left) {
            if ((int) filemtime($left) < time() - 3600) {
                unlink($left);
            }
        }
    }
}
