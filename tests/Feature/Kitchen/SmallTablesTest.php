<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Catalogue\Species;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClassConstant;
use Tests\TestCase;

/** What is kept of the seldom written tables is what stands in them, whoever wrote last. */
final class SmallTablesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/sectum-tables-'.bin2hex(random_bytes(4));
        // Within a transaction nothing is written down: the test's own is over before it begins.
        DB::rollBack();
        DB::table('tares')->insert(['name' => 'sheet pan', 'mass_mg' => 1_900_000]);
    }

    protected function tearDown(): void
    {
        DB::table('tares')->where('name', 'sheet pan')->delete();
        DB::table('settings')->delete();
        File::deleteDirectory($this->folder);
        DB::beginTransaction();
        parent::tearDown();
    }

    /** @return array<string, array{string, string}> a table, and by what its rows are found */
    public static function tables(): array
    {
        $tables = [];
        foreach ((array) (new ReflectionClassConstant(SmallTables::class, 'FOUND_BY'))->getValue() as $table => $by) {
            assert(is_string($by));
            $tables[(string) $table] = [(string) $table, $by];
        }

        return $tables;
    }

    #[DataProvider('tables')]
    public function test_a_table_is_read_as_it_stands_kept_or_not(string $table, string $by): void
    {
        $rows = [];
        foreach (DB::table($table)->orderBy('rowid')->get() as $row) {
            $rows[(string) data_get($row, $by)][] = (array) $row;
        }
        foreach ([null, $this->folder] as $folder) {
            $this->keepIn($folder);
            self::assertSame($rows, SmallTables::all($table), $folder ?? 'not kept');
            foreach (array_slice(array_keys($rows), 0, 3) as $key) {
                self::assertSame($rows[$key], SmallTables::found($table, (string) $key));
                self::assertCount(count($rows[$key]), SmallTables::rows($table, (string) $key));
            }
            self::assertSame([], SmallTables::found($table, 'no such thing'));
        }
    }

    #[DataProvider('tables')]
    public function test_no_write_to_it_goes_unmarked(string $table): void
    {
        $copied = "insert into {$table} select * from taken";
        if ($table === 'settings') {
            Settings::store(['kitchen' => 'Somewhere'], null);
        }
        DB::beginTransaction();
        DB::statement("create temp table taken as select * from {$table} order by rowid desc limit 1");
        DB::statement('pragma defer_foreign_keys = on');
        $mark = $this->mark();
        foreach (["update {$table} set rowid = rowid", "delete from {$table}", $copied] as $write) {
            DB::statement($write);
            self::assertNotSame($mark, $mark = $this->mark(), $write);
        }
        DB::rollBack();
    }

    public function test_what_another_connection_writes_is_seen_at_the_next_look_and_the_old_file_goes(): void
    {
        $this->keepIn($this->folder);
        self::assertSame('1900000', (string) SmallTables::found('tares', 'sheet pan')[0]['mass_mg']);
        $first = File::glob("{$this->folder}/*");
        self::assertCount(1, $first);
        // PHP holds a file at once only when it has lain for a while.
        self::assertLessThan(time() - 2, filemtime((string) $first[0]));

        // Past all that knows of writes, as another process does.
        DB::getPdo()->exec("update tares set mass_mg = 1950000 where name = 'sheet pan'");
        Remembered::forget();
        self::assertSame('1950000', (string) SmallTables::found('tares', 'sheet pan')[0]['mass_mg']);
        $second = File::glob("{$this->folder}/*");
        self::assertCount(1, $second);
        self::assertNotSame($first, $second);
    }

    public function test_what_a_request_has_begun_to_write_it_sees_itself_and_writes_down_nowhere(): void
    {
        $this->keepIn($this->folder);
        $before = SmallTables::all('tares');
        $files = File::glob("{$this->folder}/*");
        DB::beginTransaction();
        DB::table('tares')->insert(['name' => 'tub', 'mass_mg' => 500_000]);
        self::assertSame(500_000, SmallTables::found('tares', 'tub')[0]['mass_mg']);
        self::assertCount(count($before) + 1, SmallTables::all('tares'));
        self::assertSame($files, File::glob("{$this->folder}/*"));
        DB::rollBack();
        self::assertSame($before, SmallTables::all('tares'));
    }

    public function test_a_write_forgets_what_the_same_request_had_read(): void
    {
        $this->keepIn($this->folder);
        $hake = $this->species('Hake');
        self::assertSame('Hake', Species::standing($hake)->name);
        Species::query()->whereKey($hake)->update(['name' => 'Hake of ours']);
        self::assertSame('Hake of ours', Species::standing($hake)->name);
        Species::query()->whereKey($hake)->update(['name' => 'Hake']);
        self::assertSame('Hake', Species::standing($hake)->name);
        Settings::store(['kitchen' => 'Somewhere else'], null);
        self::assertSame('Somewhere else', Settings::load()->kitchen);
    }

    public function test_where_nothing_can_be_written_down_the_database_is_asked(): void
    {
        File::put($this->folder, 'a file where a folder is wanted');
        $this->keepIn("{$this->folder}/within");
        self::assertSame(1_900_000, SmallTables::found('tares', 'sheet pan')[0]['mass_mg']);
        File::delete($this->folder);
    }

    public function test_a_file_that_is_none_of_ours_and_a_mark_that_is_none_are_left_alone(): void
    {
        $this->keepIn($this->folder);
        SmallTables::all('tares');
        File::put((string) File::glob("{$this->folder}/*")[0], '<?php return 7;');
        Remembered::forget();
        self::assertSame(1_900_000, SmallTables::found('tares', 'sheet pan')[0]['mass_mg']);

        File::put("{$this->folder}/elsewhere.php", "<?php return ['tares' => []];");
        foreach (['elsewhere', '../'.basename($this->folder).'/elsewhere', '', null] as $mark) {
            Remembered::forget();
            SmallTables::told($mark);
            self::assertSame(1_900_000, SmallTables::found('tares', 'sheet pan')[0]['mass_mg'], (string) $mark);
        }
    }

    private function keepIn(?string $folder): void
    {
        $this->app?->instance(SmallTables::class, new SmallTables($folder));
        Remembered::forget();
        Settings::forget();
    }

    private function mark(): mixed
    {
        return DB::table('table_mark')->value('mark');
    }
}
