<?php

declare(strict_types=1);

namespace App\Kitchen\Backups;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;

/**
 * A restore tried beside the kitchen: what the backup holds against what is here. Readings are never changed or
 * deleted, so each one of the backup has to stand here as it stood then.
 */
final readonly class Rehearsal
{
    /**
     * @param  array<string, array{int, int}>  $tables  rows then and now, by table
     * @param  int  $readings  that were compared
     * @param  int  $milligrams  of all of them
     * @param  int  $differing  that are missing here, or are others
     */
    private function __construct(
        public array $tables,
        public int $readings,
        public int $milligrams,
        public int $differing,
    ) {
    }

    /** @throws RuntimeException when it is no backup of this Sectum, or not whole */
    public static function of(string $file, ?string $passphrase): self
    {
        MakeBackup::mustBeWhole($file, passphrase: $passphrase);
        $beside = tempnam(sys_get_temp_dir(), 'sectum-rehearsal-');
        $beside !== false || throw new RuntimeException('There is no room to rehearse.');
        try {
            MakeBackup::extract(MakeBackup::opened($file, $passphrase), MakeBackup::DATABASE, $beside);
            self::mustBeKnown($beside);

            return self::compared($beside);
        } finally {
            unlink($beside);
        }
    }

    /**
     * A database of a later Sectum has tables this one knows nothing of.
     *
     * @throws RuntimeException when it is from a later one
     */
    public static function mustBeKnown(string $database): void
    {
        $files = glob(database_path('migrations/*.php'));
        $known = array_map(
            fn (string $path): string => basename($path, '.php'),
            $files === false ? [] : $files,
        );
        $has = self::open($database)->query('select migration from migrations');
        $has = $has === false ? [] : $has->fetchAll(PDO::FETCH_COLUMN);
        $later = array_diff(array_filter($has, is_string(...)), $known);
        $later === [] ||
            throw new RuntimeException(
                'This backup was made by a later Sectum. Upgrade this one first; nothing was changed.',
            );
    }

    private static function compared(string $beside): self
    {
        $here = DB::connection()->getPdo();
        $here->exec('attach database '.$here->quote($beside).' as then_');
        try {
            $tables = [];
            $names = $here->query(
                "select name from then_.sqlite_master where type = 'table' and name not like 'sqlite_%' order by name",
            );
            foreach ($names === false ? [] : $names->fetchAll(PDO::FETCH_COLUMN) as $name) {
                $table = is_string($name) && preg_match('/^[a-z_]+$/', $name) === 1 ? $name : null;
                if ($table !== null) {
                    $tables[$table] = [
                        self::number($here, "select count(*) from then_.{$table}"),
                        self::number($here, "select count(*) from main.{$table}"),
                    ];
                }
            }

            return new self(
                array_filter($tables, fn (array $rows): bool => $rows[0] > 0),
                self::number($here, 'select count(*) from then_.readings'),
                self::number($here, 'select coalesce(sum(mass_mg), 0) from then_.readings'),
                self::number(
                    $here,
                    'select count(*) from then_.readings then_r left join main.readings now_r on now_r.id = then_r.id '.
                        'where now_r.id is null or now_r.mass_mg <> then_r.mass_mg '.
                        'or now_r.piece_id <> then_r.piece_id',
                ),
            );
        } finally {
            $here->exec('detach database then_');
        }
    }

    public function grams(): string
    {
        return number_format($this->milligrams / 1000, 0, '.', '');
    }

    private static function open(string $database): PDO
    {
        return new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    private static function number(PDO $database, string $query): int
    {
        $said = $database->query($query);
        $number = $said === false ? null : $said->fetchColumn();

        return is_numeric($number) ? (int) $number : 0;
    }
}
