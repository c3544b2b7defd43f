<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Catalogue\Species;
use Database\Seed\Csv;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\ReadsWords;
use Tests\TestCase;

/** What lies in the catalogue as text is said in each language: steps, reasons, cautions, signs, recipes, sources. */
final class CatalogueWordsTest extends TestCase
{
    use ReadsWords;

    /** The columns of each file that people read, beside its sources. Names stand in names.json. */
    private const TEXTS = [
        'bins' => [],
        'exclusions' => [],
        'freshness' => [],
        'kinds' => ['handling'],
        'methods' => ['name', 'why'],
        'orders' => ['why'],
        'parts' => ['name'],
        'questions' => ['asks', 'name', 'why'],
        'recipe_marks' => ['recipe', 'doing', 'why'],
        'recipes' => ['recipe', 'ingredients', 'caution'],
        'seasons' => ['why'],
        'shares' => [],
        'signs' => ['sign'],
        'species' => ['raw_note', 'size_names'],
        'steps' => ['doing', 'why', 'tools', 'caution', 'inspect', 'cue', 'mistake', 'mistake_costs'],
        'treatments' => ['treatment', 'aromatics', 'caution'],
        'yields' => [],
    ];

    /** "water:1200:ml|salt:8:g" */
    private const AMOUNTS = ['ingredients', 'aromatics'];

    /** A code in every method's answer, named by the page. */
    private const CODED = ['exclusions' => ['reason']];

    /** @return list<string> each text of the catalogue, as it is looked for */
    private static function texts(): array
    {
        $texts = [];
        foreach (self::TEXTS as $file => $columns) {
            foreach (Csv::rows(base_path("database/catalogue/{$file}.csv")) as $row) {
                // A kind's two sources are kept as one.
                $row['source'] .= isset($row['figures_source']) ? "; figures: {$row['figures_source']}" : '';
                foreach (['source', ...$columns] as $column) {
                    $each = match (true) {
                        in_array($column, self::AMOUNTS, true) => array_map(
                            fn (string $one): string => explode(':', $one)[0],
                            explode('|', $row[$column]),
                        ),
                        // A size is said behind its weights.
                        $column === 'size_names' => $row[$column] === ''
                            ? []
                            : array_map(fn (string $one): string => ":1, {$one}", explode(';', $row[$column])),
                        default => [$row[$column]],
                    };
                    $texts += array_fill_keys($each, true);
                }
            }
        }
        unset($texts['']);

        return array_map(strval(...), array_keys($texts));
    }

    /** @return array<string, array{string}> */
    public static function languages(): array
    {
        return ['Spanish' => ['es'], 'French' => ['fr']];
    }

    #[DataProvider('languages')]
    public function test_each_text_of_the_catalogue_is_said_and_none_that_is_not_there(string $language): void
    {
        $texts = self::texts();
        self::assertGreaterThan(900, count($texts));
        $there = self::words($language, 'catalogue', 'names', 'sentences');
        self::assertSame([], array_values(array_diff($texts, array_keys($there))), 'lacks');
        $own = self::words($language, 'catalogue');
        self::assertSame([], array_values(array_diff(array_keys($own), $texts)), 'says for nobody');
        foreach ($own as $english => $theirs) {
            self::assertNotSame('', trim($theirs));
            // What is warned of has the same figures in it.
            preg_match_all('/\d+/', $english, $figures);
            preg_match_all('/\d+/', $theirs, $said);
            self::assertSame($figures, $said, $english);
        }
    }

    public function test_no_column_of_text_is_left_out(): void
    {
        foreach (glob(base_path('database/catalogue/*.csv')) ?: [] as $path) {
            $file = basename($path, '.csv');
            $texts = [];
            foreach (Csv::rows($path) as $row) {
                foreach ($row as $column => $text) {
                    // Several words, the first with a capital.
                    if (preg_match('/^\p{Lu}\p{Ll}+ \p{Ll}+ \p{Ll}/u', $text) === 1) {
                        $texts[$column] = true;
                    }
                }
            }
            self::assertSame(
                [],
                array_values(array_diff(
                    array_keys($texts),
                    ['source', ...self::TEXTS[$file] ?? []],
                    self::CODED[$file] ?? [],
                    // Names a fish is found by stay what they are.
                    ['species', 'name', 'other_names', 'scientific', 'look_alikes'],
                )),
                $file,
            );
        }
    }

    #[DataProvider('languages')]
    public function test_nothing_of_the_catalogue_is_answered_in_english(string $language): void
    {
        $this->travelTo('2026-11-28 12:00:00');
        $this->kitchen();
        $paths = ['/receive', '/route/house', '/hold/treatments', '/plan/order', '/plan/today'];
        $kinds = ['Hake', 'Turbot', 'Monkfish', 'Northern pike', 'European pilchard', 'Escolar', 'European eel'];
        foreach ($kinds as $kind) {
            $fish = $this->received('2 kg', [
                'species' => $this->species($kind),
                'state' => $kind === 'Monkfish' ? 'tail' : 'round',
            ]);
            $paths[] = "/breakdown/fish/{$fish}";
            $paths[] = "/breakdown/fish/{$fish}/set-up";
        }
        foreach (Species::query()->pluck('id') as $species) {
            $paths[] = "/fish/{$species}";
        }
        $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
        $kept = self::words($language, 'catalogue');
        $english = array_filter(
            array_keys($kept),
            fn (string $text): bool => strlen($text) >= 12 && $kept[$text] !== $text,
        );
        $theirs = array_flip($kept);
        $found = [];
        $read = 0;
        foreach ($paths as $path) {
            foreach (Arr::dot((array) $this->api('GET', $path)->assertOk()->json()) as $at => $text) {
                $read += is_string($text) && isset($theirs[$text]) ? 1 : 0;
                foreach (is_string($text) && strlen($text) >= 12 ? $english : [] as $one) {
                    if (str_contains($text, $one)) {
                        $found[$one] = "{$path} {$at}: {$text}";
                    }
                }
            }
        }
        self::assertSame([], $found);
        self::assertGreaterThan(400, $read);
    }
}
