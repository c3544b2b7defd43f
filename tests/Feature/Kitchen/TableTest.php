<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Reading;
use App\Fish\Tare;
use App\Kitchen\Database\Table;
use BackedEnum;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionProperty;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Symfony\Component\Finder\Finder;
use Tests\TestCase;

/** Each table of the kitchen's has one class, and that class does all that its framework would have it do. */
final class TableTest extends TestCase
{
    /** @return iterable<class-string<Table>, array{class-string<Table>}> */
    public static function tables(): iterable
    {
        $app = dirname(__DIR__, 3).'/app';
        foreach (Finder::create()->files()->in($app)->name('*.php') as $file) {
            $class = 'App\\'.strtr($file->getRelativePathname(), ['/' => '\\', '.php' => '']);
            if (
                preg_match('/extends (Table|KeyedTable|Record)\b/', $file->getContents()) === 1 &&
                is_subclass_of($class, Table::class) && ! (new ReflectionClass($class))->isAbstract()) {
                yield $class => [$class];
            }
        }
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('tables')]
    public function test_nothing_of_its_traits_is_left_out_when_it_is_first_used(string $class): void
    {
        $model = new $class();
        $started = (new ReflectionProperty($class, 'traitInitializers'))->getValue();
        self::assertIsArray($started);
        $expected = [];
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            // The framework would have called it by these; here nothing carries them.
            self::assertSame(
                [],
                [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)],
            );
            foreach (class_uses_recursive($model) as $trait) {
                if ($method->getName() === 'initialize'.class_basename($trait)) {
                    $expected[] = $method->getName();
                }
            }
        }
        self::assertEqualsCanonicalizing($expected, $started[$class] ?? null);
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('tables')]
    public function test_it_reads_and_writes_no_column_through_a_method_and_hears_of_none_read(string $class): void
    {
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            if (str_starts_with($method->getDeclaringClass()->getName(), 'App\\')) {
                self::assertDoesNotMatchRegularExpression('/^[gs]et.+Attribute$/', $method->getName());
            }
            self::assertNotSame(Attribute::class, (string) $method->getReturnType());
        }
        self::assertFalse(Event::hasListeners("eloquent.retrieved: {$class}"));
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('tables')]
    public function test_a_column_without_a_cast_is_read_as_the_framework_reads_it(string $class): void
    {
        $row = new $class();
        $frameworks = new ReflectionMethod(Model::class, 'transformModelValue');
        foreach (Schema::getColumnListing($row->getTable()) as $column) {
            if (! $row->hasCast($column)) {
                foreach (['2026-11-28 12:30:00', null] as $raw) {
                    $row->setRawAttributes([$column => $raw]);
                    $expected = $frameworks->invoke($row, $column, $raw);
                    self::assertEquals($expected, $row->getAttribute($column), $column);
                    // A moment and the text of it are taken for equal.
                    self::assertSame(get_debug_type($expected), get_debug_type($row->getAttribute($column)), $column);
                }
            }
        }
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('tables')]
    public function test_what_it_is_asked_for_is_what_the_framework_makes_of_it(string $class): void
    {
        $row = new $class();
        foreach (Schema::getColumnListing($row->getTable()) as $column) {
            foreach ([...self::raw($row->getCasts()[$column] ?? null), null] as $raw) {
                $row->setRawAttributes([$column => $raw]);
                // Twice: the second time a word is known.
                foreach ([$row->{$column}, $row->{$column}] as $asked) {
                    self::assertEquals($row->getAttribute($column), $asked, $column);
                    self::assertSame(get_debug_type($row->getAttribute($column)), get_debug_type($asked), $column);
                }
            }
        }
    }

    /** @return list<int|string> values as they may stand in a column of this cast */
    private static function raw(?string $cast): array
    {
        return match (true) {
            $cast !== null && is_subclass_of($cast, BackedEnum::class) => array_map(
                fn (BackedEnum $case): int|string => $case->value,
                $cast::cases(),
            ),
            $cast === 'array' => ['{"a": [1]}', '[]'],
            $cast === null || str_contains($cast, 'date') => ['2026-11-28 12:30:00'],
            default => [0, 1, '7'],
        };
    }

    public function test_what_was_read_beside_a_row_stands_behind_its_columns(): void
    {
        $piece = (new Piece())->newFromBuilder(['id' => '01JC', 'part' => 'head', 'bin' => null]);
        $piece->setRelation('readings', new Collection([1]))->setRelation('bin', new Collection([2]));
        self::assertSame([1], $piece->readings->all());
        self::assertNull($piece->bin);
        $piece->part = Part::Frame;
        self::assertSame([Part::Frame, 'frame'], [$piece->part, $piece->getAttributes()['part']]);
    }

    /** What the framework would make of the same row, made from nothing, beside the copy. */
    public function test_a_row_is_read_as_the_framework_reads_it(): void
    {
        $plain = ['id' => '01JC', 'fish_id' => 'x', 'part' => 'portion', 'broken' => 1, 'portions' => 3];
        $one = (new Piece())->newFromBuilder($plain);
        $other = (new Piece())->newFromBuilder((object) [...$plain, 'id' => '01JD', 'part' => 'head']);
        $made = (new Piece())->newInstance([], true)->setRawAttributes($plain, true);
        self::assertTrue($one->exists);
        self::assertSame($made->getAttributes(), $one->getAttributes());
        self::assertSame($made->attributesToArray(), $one->attributesToArray());
        self::assertSame([Part::Portion, true, 3], [$one->part, $one->broken, $one->portions]);
        self::assertSame(Part::Head, $other->part);
        $one->portions = 4;
        self::assertSame(['portions' => 4], $one->getDirty());
        self::assertFalse($other->isDirty());
        $one->setRelation('readings', new Collection());
        self::assertFalse($other->relationLoaded('readings'));
        self::assertFalse((new Piece())->newFromBuilder($plain)->relationLoaded('readings'));
    }

    public function test_a_row_is_written_as_the_framework_writes_it(): void
    {
        $this->kitchen();
        $fish = $this->received();
        $new = fn (string $id, int $place): Piece => new Piece([
            'id' => $id,
            'fish_id' => $fish,
            'part' => Part::Head,
            'name' => 'Head',
            'place' => $place,
            'dish_id' => null,
        ]);
        [$a, $b] = [$new(self::id(), 2), $new(self::id(), 3)];
        $a->written();
        $b->save();
        foreach ([['portions' => 3, 'broken' => true, 'bin' => Bin::Stock], ['bin' => null], []] as $changes) {
            $a->fill($changes)->written();
            $b->fill($changes)->save();
            [$ours, $theirs] = array_map(
                fn (Piece $one): array => (array) Piece::rows()->where('id', $one->id)->first(),
                [$a, $b],
            );
            self::assertSame([...$theirs, 'id' => $a->id, 'place' => 2], $ours);
            self::assertSame([true, []], [$a->exists, $a->getDirty()]);
        }
        // No row but its own, and none twice.
        self::assertSame('Whole fish', Piece::query()->where('fish_id', $fish)->orderBy('place')->firstOrFail()->name);
        $this->expectException(UniqueConstraintViolationException::class);
        $new($a->id, 4)->written();
    }

    /** @return list<array{class-string<Table>}> those written so */
    public static function written(): array
    {
        return [[Fish::class], [Piece::class], [Reading::class]];
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('written')]
    public function test_nothing_listens_to_what_is_written_without_telling(string $class): void
    {
        new $class();
        foreach (['saving', 'creating', 'created', 'updating', 'updated', 'saved'] as $event) {
            self::assertFalse(Event::hasListeners("eloquent.{$event}: {$class}"), $event);
        }
    }

    public function test_who_listens_is_told_and_may_refuse(): void
    {
        $told = [];
        Event::listen('eloquent.updating: '.Tare::class, function () use (&$told): bool {
            $told[] = 'updating';

            return false;
        });
        Event::listen(QueryExecuted::class, function (QueryExecuted $asked) use (&$told): void {
            $told[] = strtok($asked->sql, ' ');
        });
        $tray = Tare::query()->create(['name' => 'half tray', 'mass_mg' => 412_000]);
        self::assertFalse($tray->update(['mass_mg' => 1]));
        self::assertSame(['insert', 'updating'], $told);
        self::assertSame(412_000, Tare::query()->findOrFail('half tray')->mass_mg);
    }

    /** @param  class-string<Table>  $class */
    #[DataProvider('tables')]
    public function test_it_stands_for_a_table_that_is_there(string $class): void
    {
        self::assertTrue(Schema::hasTable((new $class())->getTable()));
    }

    public function test_no_two_classes_stand_for_one_table(): void
    {
        $tables = array_map(
            fn (array $one): string => (new $one[0]())->getTable(),
            array_values([...self::tables()]),
        );
        self::assertGreaterThan(30, count($tables));
        self::assertSame($tables, array_values(array_unique($tables)));
    }
}
