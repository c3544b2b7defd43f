<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Database\Table;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionProperty;
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
