<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Cost\Plates;
use App\Fish\Fish;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Log\Find\LogSheet;
use App\Portion\Dish\Dish;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/**
 * Kitchens as earlier versions wrote them, each with the figures that version itself showed of every fish: they
 * migrate, and show the same. Both files of each were written by that version; nothing here works them out.
 */
final class FiguresKeptTest extends TestCase
{
    public $mockConsoleOutput = false;

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir().'/sectum-before-'.Str::random(8).'.sqlite';
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    private function open(string $kitchen): void
    {
        // The day on which it was written.
        $this->travelTo($kitchen === 'before-the-rooms' ? '2026-11-27 12:00:00' : '2026-11-28 12:00:00');
        $packed = (string) file_get_contents(base_path("tests/fixtures/kitchen-{$kitchen}.sqlite.gz"));
        file_put_contents($this->file, (string) gzdecode($packed));
        $this->useDatabase($this->file);
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
    }

    private function useDatabase(string $file): void
    {
        config(['database.connections.sqlite.database' => $file]);
        DB::purge('sqlite');
        Settings::forget();
    }

    /** @return array<string, array{string, int, bool}> its fixture, fish, and whether uncut fish had its share */
    public static function kitchens(): array
    {
        return [
            'when portions and cost were new' => ['of-portion-and-cost', 18, false],
            'before the rooms' => ['before-the-rooms', 22, false],
            'in rooms' => ['in-rooms', 18, true],
            'with what is held' => ['with-hold', 18, true],
            'with practice' => ['with-practise', 18, true],
        ];
    }

    #[DataProvider('kitchens')]
    public function test_an_earlier_kitchen_migrates_and_shows_the_same_figures_of_every_fish(
        string $kitchen,
        int $fish,
        bool $sharesUncut,
    ): void {
        $this->open($kitchen);
        $before = json_decode(
            (string) file_get_contents(base_path("tests/fixtures/kitchen-{$kitchen}.json")),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($before);
        self::assertCount($fish, $before);
        $head = Person::query()->where('role', Role::HeadChef)->firstOrFail();
        foreach ($before as $was) {
            $sheet = LogSheet::of(Fish::onTheBench(strtoupper($was['fish'])), $head);
            $name = "{$was['stage']} {$was['fish']}";
            foreach ($was['ladder'] as $i => [$rung, $pct, $mass]) {
                self::assertSame([$rung, $mass], [$sheet['ladder'][$i]['rung'], $sheet['ladder'][$i]['mass']], $name);
                self::assertEqualsWithDelta($pct, $sheet['ladder'][$i]['of_purchased_pct'], 1e-9 * $pct, $name);
            }
            self::assertCount(count($was['ladder']), $sheet['ladder'], $name);
            self::assertSame(
                [$was['stage'], $was['edible_yield'], $was['portion_yield'], $was['history']],
                [$sheet['fish']['stage'], $sheet['edible_yield'], $sheet['portion_yield'], count($sheet['history'])],
                $name,
            );
            self::assertSame(
                $was['portions'],
                array_map(
                    fn (array $one): array => [$one['name'], $one['mass']['mg'], $one['placed']],
                    $sheet['portions'],
                ),
                $name,
            );
            // While a fish is portioned, what lies uncut carries its share of the cost now.
            if ($sharesUncut || $was['stage'] !== 'portion') {
                self::assertSame($was['walk'], array_column($sheet['cost']['walk'], 'minor'), $name);
                self::assertSame($was['edible_per_kg'], $sheet['cost']['edible_per_kg'], $name);
                self::assertSame(
                    array_map(
                        // Ids had small letters once.
                        fn (array $one): array => [$one[0] === null ? null : strtoupper($one[0]), $one[1], $one[2]],
                        $was['products'],
                    ),
                    array_map(
                        fn (array $one): array => [$one['dish'], $one['minor'], $one['count']],
                        $sheet['cost']['products'],
                    ),
                    $name,
                );
            }
        }
    }

    public function test_a_backup_restored_into_an_empty_machine_gives_the_same_plates_to_the_minor_unit(): void
    {
        $this->open('with-hold');
        $plates = $this->plates();
        self::assertGreaterThan(2, count((array) data_get($plates, '0.plates')));
        $folder = "{$this->file}-backups";
        self::assertSame(0, Artisan::call('sectum:backup', ['--to' => $folder]));
        $backup = trim(Artisan::output());
        $empty = "{$this->file}-restored";
        touch($empty);
        $this->useDatabase($empty);
        config(['sectum.env_file' => '/nonexistent']);
        self::assertSame(0, Artisan::call('sectum:restore', ['file' => $backup]), Artisan::output());
        self::assertSame($plates, $this->plates());
        (new Process(['rm', '-r', $folder]))->mustRun();
    }

    /** Every plate with its cost, and each dish in full, as the head chef reads them. */
    private function plates(): mixed
    {
        $head = Person::query()->where('role', Role::HeadChef)->firstOrFail();
        $plates = app(Plates::class);
        $all = [$plates->all($head)];
        foreach (Dish::query()->orderBy('id')->get() as $dish) {
            $all[] = $plates->one($dish, $head);
        }

        return json_decode(json_encode($all, JSON_THROW_ON_ERROR), true);
    }
}
