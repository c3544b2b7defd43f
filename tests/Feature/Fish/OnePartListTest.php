<?php

declare(strict_types=1);

namespace Tests\Feature\Fish;

use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Tests\TestCase;

/** The parts of a fish stand in the core; whoever lists them again lists the same. */
final class OnePartListTest extends TestCase
{
    public function test_the_contract_lists_the_parts_of_the_core(): void
    {
        $part = json_decode((string) file_get_contents(base_path('contract/part.schema.json')), true);
        self::assertIsArray($part);
        self::assertEqualsCanonicalizing(array_column(Part::cases(), 'value'), $part['enum']);
    }

    public function test_every_request_and_computation_refers_to_that_list(): void
    {
        $copies = [];
        foreach ((array) glob(base_path('contract/{requests,compute}/*.schema.json'), GLOB_BRACE) as $file) {
            $schema = (string) file_get_contents((string) $file);
            if (str_contains($schema, '"'.Part::BellyLoin->value.'"')) {
                $copies[] = basename((string) $file);
            }
        }
        self::assertSame([], $copies);
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
