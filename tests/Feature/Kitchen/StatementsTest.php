<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tests\TestCase;

/** Statements are kept ready and run again; nothing of the time before is left in them. */
final class StatementsTest extends TestCase
{
    private const ASK = 'select name, mass_mg from tares where name like ? order by name';

    protected function setUp(): void
    {
        parent::setUp();
        foreach (['a 1', 'a 2', 'a 3', 'b 1'] as $i => $name) {
            DB::table('tares')->insert(['name' => $name, 'mass_mg' => 1000 * ($i + 1)]);
        }
    }

    /** @return list<mixed> the names of the tares that are like this */
    private static function names(string $like): array
    {
        return array_map(
            fn (mixed $row): mixed => $row instanceof stdClass ? $row->name : null,
            DB::select(self::ASK, [$like]),
        );
    }

    public function test_asked_again_it_answers_what_is_asked_now(): void
    {
        self::assertSame(['a 1', 'a 2', 'a 3'], self::names('a%'));
        self::assertSame(['b 1'], self::names('b%'));
        self::assertSame(1, DB::update('update tares set mass_mg = ? where name = ?', [5, 'b 1']));
        self::assertSame(0, DB::update('update tares set mass_mg = ? where name = ?', [6, 'c 1']));
        self::assertSame([5], DB::table('tares')->where('name', 'b 1')->pluck('mass_mg')->all());
        self::assertSame([], self::names('c%'));
        DB::delete('delete from tares where name like ?', ['a%']);
        self::assertSame([], self::names('a%'));
    }

    public function test_rows_that_are_still_being_fetched_are_not_disturbed_by_the_same_question(): void
    {
        $seen = [];
        foreach (DB::cursor(self::ASK, ['a%']) as $row) {
            $seen[] = [$row->name, self::names('b%')];
        }
        self::assertSame([['a 1', ['b 1']], ['a 2', ['b 1']], ['a 3', ['b 1']]], $seen);
        self::assertSame([], iterator_to_array(DB::cursor(self::ASK, ['c%'])));
        // Left in the middle, and asked from the beginning.
        foreach (DB::cursor(self::ASK, ['a%']) as $row) {
            self::assertSame('a 1', $row->name);
            break;
        }
        self::assertSame(['a 1', 'a 2', 'a 3'], self::names('a%'));
    }

    public function test_one_that_was_refused_is_asked_again_as_if_for_the_first_time(): void
    {
        $insert = fn (string $name): bool => DB::insert('insert into tares (name, mass_mg) values (?, ?)', [$name, 7]);
        foreach (['a 1', 'd 1', 'd 1', 'd 2'] as $i => $name) {
            try {
                self::assertTrue($insert($name));
                self::assertContains($i, [1, 3]);
            } catch (QueryException $e) {
                self::assertContains($i, [0, 2], $e->getMessage());
            }
        }
        self::assertSame(['d 1', 'd 2'], self::names('d%'));
    }

    public function test_a_table_that_has_another_shape_now_is_read_as_it_is(): void
    {
        $all = fn (): array => array_keys(get_object_vars((object) DB::selectOne('select * from tares')));
        $before = $all();
        foreach ([DB::statement(...), DB::unprepared(...)] as $change) {
            $change('alter table tares add column colour text');
            self::assertSame([...$before, 'colour'], $all());
            $change('alter table tares drop column colour');
            self::assertSame($before, $all());
        }
    }

    public function test_one_that_cannot_be_opened_is_tried_once_and_said_as_any_other_failed_question(): void
    {
        $here = (array) config('database.connections.sqlite');
        config(['database.connections.nowhere' => [...$here, 'database' => '/nowhere/at/all.sqlite']]);
        $this->expectException(QueryException::class);
        DB::connection('nowhere')->select('select 1');
    }

    public function test_a_connection_that_is_let_go_is_closed_and_holds_nothing(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'sectum');
        $open = fn (): int => count(array_filter(
            scandir('/proc/self/fd') ?: [],
            fn (string $one): bool => str_starts_with((string) @readlink("/proc/self/fd/{$one}"), $file),
        ));
        $here = (array) config('database.connections.sqlite');
        config(['database.connections.beside' => [...$here, 'database' => $file]]);
        $beside = DB::connection('beside');
        $beside->statement('create table things (name text)');
        $beside->insert('insert into things (name) values (?)', ['one']);
        self::assertCount(1, $beside->select('select * from things'));
        self::assertGreaterThan(0, $open());
        $beside->disconnect();
        self::assertSame(0, $open());
        self::assertCount(1, $beside->select('select * from things'), 'and opened again when it is asked');
        unset($beside);
        DB::purge('beside');
        self::assertSame(0, $open());
        array_map(unlink(...), glob("{$file}*") ?: []);
    }
}
