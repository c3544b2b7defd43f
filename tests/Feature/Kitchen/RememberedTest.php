<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Fish\Reading;
use App\Kitchen\Database\Remembered;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

final class RememberedTest extends TestCase
{
    private int $asked = 0;

    private function ask(): int
    {
        return Remembered::of('how often', ['tares', 'bins'], fn (): int => ++$this->asked);
    }

    public function test_an_answer_is_asked_for_once_also_one_that_says_nothing(): void
    {
        self::assertSame([1, 1], [$this->ask(), $this->ask()]);
        $asked = 0;
        $nothing = function () use (&$asked): null {
            $asked++;

            return null;
        };
        Remembered::of('nothing', ['tares'], $nothing);
        self::assertNull(Remembered::of('nothing', ['tares'], $nothing));
        self::assertSame(1, $asked);
    }

    /** @return list<array{string, bool}> a statement, and whether it makes old what stands on tares and bins */
    public static function statements(): array
    {
        return [
            ['update "bins" set "bin" = "bin" where 1 = 0', true],
            ['delete from tares where 1 = 0', true],
            ['insert or ignore into "tares" ("name", "mass_mg") select name, mass_mg from tares where 1 = 0', true],
            ['with none as (select 1) delete from "dishes" where 1 = 0', true],
            ['update "dishes" set "name" = "name" where "name" in (select "name" from "tares") and 1 = 0', false],
        ];
    }

    #[DataProvider('statements')]
    public function test_a_write_makes_old_what_stands_on_its_table(string $statement, bool $old): void
    {
        $this->ask();
        Remembered::put('beside it', ['dishes'], 7);
        DB::statement($statement);
        self::assertSame($old ? 2 : 1, $this->ask());
        self::assertSame(
            str_contains($statement, '"dishes"') ? 8 : 7,
            Remembered::of('beside it', ['dishes'], fn (): int => 8),
        );
        // What was asked anew stands on both tables again.
        DB::statement('delete from bins where 1 = 0');
        self::assertSame($old ? 3 : 2, $this->ask());
    }

    public function test_what_was_rolled_back_is_asked_for_anew(): void
    {
        $this->ask();
        try {
            DB::transaction(function (): void {
                self::assertSame(1, $this->ask(), 'a savepoint within the test’s own is no new lock');
                throw new RuntimeException();
            });
        } catch (RuntimeException) {
            self::assertSame(2, $this->ask());
        }
    }

    public function test_readings_are_numbered_in_one_row_and_what_happened_knows_the_latest(): void
    {
        $this->kitchen();
        self::assertSame(0, Reading::last());
        $fish = $this->received();
        $taken = self::id();
        $this->weigh($fish, 'head', '650 g', reading: $taken)->assertOk();
        $this->weigh($fish, 'frame', '400 g')->assertOk();
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/{$taken}/taken-back", ['reason' => 'it was the collar'])
            ->assertOk();
        $other = $this->received('3900 g');
        $rows = fn (string $query): array => array_column(array_map(get_object_vars(...), DB::select($query)), 'n');
        self::assertSame([1, 2, 3, 4], $rows('select seq as n from readings order by rowid'));
        self::assertSame([3], $rows('select after_seq as n from reading_voids'));
        self::assertSame(
            [1, 4],
            $rows(
                'select min(after_seq) as n from activity_log where subject_id is not null '.
                'group by subject_id order by 1',
            ),
        );
        self::assertSame(4, Reading::last(), "the whole fish of {$other}");
    }
}
