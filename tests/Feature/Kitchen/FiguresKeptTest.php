<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Fish\Fish;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Log\Find\LogSheet;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A kitchen of 22 fish as the version before wrote it, with the figures that version showed of them: it migrates, and
 * shows the same. Both files were written by that version; nothing here works them out.
 */
final class FiguresKeptTest extends TestCase
{
    public $mockConsoleOutput = false;

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-27 12:00:00');
        $this->file = sys_get_temp_dir().'/sectum-before-'.Str::random(8).'.sqlite';
        $packed = (string) file_get_contents(base_path('tests/fixtures/kitchen-before-the-rooms.sqlite.gz'));
        file_put_contents($this->file, (string) gzdecode($packed));
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge('sqlite');
        Settings::forget();
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        @unlink($this->file);
        parent::tearDown();
    }

    public function test_an_earlier_kitchen_migrates_and_shows_the_same_figures_of_every_fish(): void
    {
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        $before = json_decode(
            (string) file_get_contents(base_path('tests/fixtures/kitchen-before-the-rooms.json')),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($before);
        self::assertCount(22, $before);
        $head = Person::query()->where('role', Role::HeadChef)->firstOrFail();
        foreach ($before as $was) {
            $sheet = LogSheet::of(Fish::onTheBench($was['fish']), $head);
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
            if ($was['stage'] !== 'portion') {
                self::assertSame($was['walk'], array_column($sheet['cost']['walk'], 'minor'), $name);
                self::assertSame($was['edible_per_kg'], $sheet['cost']['edible_per_kg'], $name);
                self::assertSame(
                    $was['products'],
                    array_map(
                        fn (array $one): array => [$one['dish'], $one['minor'], $one['count']],
                        $sheet['cost']['products'],
                    ),
                    $name,
                );
            }
        }
    }
}
