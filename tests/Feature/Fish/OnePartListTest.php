<?php

declare(strict_types=1);

namespace Tests\Feature\Fish;

use PHPUnit\Framework\Attributes\DataProvider;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Tests\TestCase;

/** The parts of a fish stand in the core; whoever lists them again lists the same. */
final class OnePartListTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> a schema of the contract, and where it lists the parts */
    public static function lists(): iterable
    {
        yield 'a reading' => ['requests/reading', ['properties', 'part']];
        yield 'a reading while portioning' => ['requests/portion-reading', ['properties', 'part']];
        yield 'reconcile' => ['compute/reconcile', ['properties', 'pieces', 'items', 'properties', 'part']];
        yield 'recovery' => ['compute/recovery', ['properties', 'pieces', 'items', 'properties', 'part']];
    }

    /** @param  list<string>  $path */
    #[DataProvider('lists')]
    public function test_the_contract_lists_the_parts_of_the_core(string $schema, array $path): void
    {
        $listed = json_decode((string) file_get_contents(base_path("contract/{$schema}.schema.json")), true);
        foreach ([...$path, 'enum'] as $key) {
            self::assertIsArray($listed);
            $listed = $listed[$key] ?? null;
        }
        self::assertEqualsCanonicalizing(array_column(Part::cases(), 'value'), $listed);
    }

    public function test_the_catalogue_names_every_part_as_the_core_says_it_and_of_the_forms_that_have_it(): void
    {
        $lines = array_map(
            fn (string $line): array => str_getcsv($line, ',', '"', ''),
            (array) file(base_path('database/catalogue/parts.csv'), FILE_IGNORE_NEW_LINES),
        );
        $columns = array_map(strval(...), (array) array_shift($lines));
        $rows = [];
        foreach ($lines as $line) {
            $row = array_combine($columns, array_map(strval(...), $line));
            $rows[$row['part']] = $row;
        }
        self::assertEqualsCanonicalizing(array_column(Part::cases(), 'value'), array_keys($rows));
        foreach (Part::cases() as $part) {
            $row = $rows[$part->value];
            self::assertSame(
                [$part->spoken(), $part->family()->value],
                [$row['name'], $row['family']],
                $part->value,
            );
            foreach (BodyForm::cases() as $form) {
                if (in_array($part, $form->parts(), true)) {
                    self::assertContains($form->value, explode(' ', $row['forms']), "{$part->value} {$form->value}");
                }
            }
            self::assertNotSame('', $row['source']);
        }
    }
}
