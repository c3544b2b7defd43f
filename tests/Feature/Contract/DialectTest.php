<?php

declare(strict_types=1);

namespace Tests\Feature\Contract;

use App\Contract\Dialect;
use App\Contract\Fault;
use App\Contract\Glance;
use App\Contract\Schema;
use FilesystemIterator;
use Opis\JsonSchema\Parsers\KeywordParser;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use stdClass;
use Tests\MadeBySchema;
use Tests\TestCase;

/** The validator reads as much of JSON Schema as the contract uses: what it does not read would be obeyed by nobody. */
final class DialectTest extends TestCase
{
    private const CONTRACT = __DIR__.'/../../../contract';

    /** Names, not demands; what a $ref points at is read with it. */
    private const SAYS_NOTHING = ['$schema', '$id', '$defs', '$ref', 'title', 'description', 'x-say'];

    private const DOCUMENTS = ['{}', '[]', '{"part": "head", "weight": {"typed": "150 g"}}', '{"weight": {"pan": {}}}'];

    private const OF_SCHEMAS = ['properties', 'patternProperties', '$defs'];

    private const A_SCHEMA = ['items', 'additionalProperties', 'contains', 'propertyNames', 'unevaluatedProperties'];

    private const LISTS = ['anyOf', 'allOf', 'oneOf'];

    public function test_it_reads_every_keyword_the_contract_uses(): void
    {
        $reads = array_map(
            fn (KeywordParser $parser): string => (fn (): string => $this->keyword)->call($parser),
            (new Dialect())->keywords(),
        );
        $unread = [];
        foreach (self::files() as $file => $schema) {
            foreach (array_keys(self::keywords($schema)) as $keyword) {
                if (! in_array($keyword, [...$reads, ...self::SAYS_NOTHING], true)) {
                    $unread[] = "{$keyword} in {$file}";
                }
            }
        }

        self::assertSame([], $unread);
    }

    public function test_it_judges_as_the_whole_standard_does(): void
    {
        $whole = new Validator(null, 20, false);
        $whole->resolver()?->registerPrefix('https://sectum.example/contract/', self::CONTRACT.'/');
        $judged = 0;
        foreach (array_keys(self::files()) as $file) {
            foreach (self::DOCUMENTS as $json) {
                $document = json_decode($json);
                $fits = $whole->validate($document, "https://sectum.example/contract/{$file}.schema.json")->isValid();
                self::assertSame($fits, self::fits($file, $document), "{$file} {$json}");
                $judged++;
            }
        }

        self::assertGreaterThan(400, $judged);
    }

    public function test_what_is_told_at_a_glance_fits_by_the_whole_standard(): void
    {
        $whole = new Validator(null, 20, false);
        $whole->resolver()?->registerPrefix('https://sectum.example/contract/', self::CONTRACT.'/');
        $made = new MadeBySchema(new Randomizer(new Mt19937(20261202)));
        $told = $fitting = 0;
        foreach (self::files() as $file => $schema) {
            for ($i = 0; $i < 40 && $schema instanceof stdClass; $i++) {
                $json = json_encode($made->by($schema), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
                $document = json_decode($json);
                $fits = $whole->validate($document, "https://sectum.example/contract/{$file}.schema.json")->isValid();
                $fitting += (int) $fits;
                if (Glance::fits($document, $schema)) {
                    self::assertTrue($fits, "{$file} {$json}");
                    $told++;
                }
            }
        }

        // The rest of what fits is left to the validator: a whole number written 1.0, a list without doubles.
        self::assertGreaterThan(1000, $fitting);
        self::assertGreaterThan(0.8 * $fitting, $told);
    }

    /** @return list<array{string, string, bool}> a file, a document, and whether it is seen to fit at a glance */
    public static function seen(): array
    {
        $pan = '{"mass_mg": 150000, "tare_mg": 0, "resolution_mg": 5000, "steady": true}';

        return [
            ['requests/reading', '{"part": "head", "weight": {"pan": '.$pan.'}, "sure": true}', true],
            ['requests/reading', '{"part": "head", "weight": {"typed": "'.str_repeat('é', 40).'"}}', true],
            ['requests/reading', '{"part": "head", "weight": {"typed": "'.str_repeat('é', 41).'"}}', false],
            ['requests/reading', '{"part": "head"}', false],
            ['requests/reading', '{"part": "hoof", "weight": {}}', false],
            ['requests/reading', '{"part": "head", "weight": {}, "hands": 2}', false],
            ['requests/reading', '{"part": "head", "weight": {"pan": '.strtr($pan, ['150000' => '0']).'}}', false],
            ['requests/reading', '{"part": "head", "weight": {"pan": '.strtr($pan, ['150000' => '1.5']).'}}', false],
            ['requests/reading', '{"part": "head", "weight": [], "from": "x"}', false],
        ];
    }

    #[DataProvider('seen')]
    public function test_the_usual_is_seen_at_a_glance_and_a_fault_never_passes_for_it(
        string $file,
        string $json,
        bool $fits,
    ): void {
        self::assertSame($fits, Glance::fits(json_decode($json), self::files()[$file]));
    }

    private static function fits(string $file, mixed $document): bool
    {
        try {
            (new Schema($file))->judge($document);

            return true;
        } catch (Fault) {
            return false;
        }
    }

    /** @return array<string, object> what the server judges by, by file */
    private static function files(): array
    {
        $schemas = [];
        foreach (['requests', 'compute'] as $folder) {
            $found = new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(self::CONTRACT."/{$folder}", FilesystemIterator::SKIP_DOTS),
            );
            foreach ($found as $file) {
                if ($file instanceof SplFileInfo && str_ends_with($file->getFilename(), '.schema.json')) {
                    $name = substr($file->getPathname(), strlen(self::CONTRACT) + 1, -strlen('.schema.json'));
                    $schemas[$name] = json_decode((string) file_get_contents($file->getPathname()));
                }
            }
        }

        return $schemas;
    }

    /** @return array<string, true> all that a schema and those within it say */
    private static function keywords(mixed $schema): array
    {
        if (! is_object($schema)) {
            return [];
        }
        $said = [];
        foreach (get_object_vars($schema) as $keyword => $value) {
            $said[$keyword] = true;
            $within = match (true) {
                in_array($keyword, self::OF_SCHEMAS, true) => get_object_vars($value),
                in_array($keyword, self::A_SCHEMA, true) => [$value],
                in_array($keyword, self::LISTS, true) => $value,
                default => [],
            };
            foreach ($within as $one) {
                $said += self::keywords($one);
            }
        }

        return $said;
    }
}
