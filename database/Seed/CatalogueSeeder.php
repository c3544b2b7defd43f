<?php

declare(strict_types=1);

namespace Database\Seed;

use App\Catalogue\Species;
use App\Hold\Treatment\HouseTreatment;
use App\Route\Recipes\Recipe;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * The shipped knowledge of fish, from database/catalogue.
 *
 * Seeding again brings in what a newer catalogue says; what the house set, or added, counts all the same.
 */
final class CatalogueSeeder extends Seeder
{
    public function run(): void
    {
        DB::transaction(function (): void {
            foreach (Csv::rows(database_path('catalogue/species.csv')) as $row) {
                $species = Species::query()->firstOrNew(['name' => $row['name']]);
                $shipped = array_intersect_key($row, array_flip(Species::ABOUT));
                $species
                    ->fill([
                        'scientific' => $row['scientific'],
                        'code' => $row['code'],
                        'form' => $row['form'],
                        'bled' => $row['bled'] === 'yes',
                        'source' => "{$row['source']}; figures: {$row['figures_source']}",
                        'shipped' => $shipped,
                        ...$shipped,
                        ...$species->exists ? $species->house : [],
                    ])
                    ->save();
            }
            $ids = Species::query()->pluck('id', 'name')->all();
            $this->figures('species_shares', 'shares', 'part', $ids);
            $this->figures('species_yields', 'yields', 'rung', $ids);
            $this->signs($ids);
            foreach (Csv::rows(database_path('catalogue/bins.csv')) as $row) {
                $grams = fn (string $column): ?int => $row[$column] === '' ? null : 1000 * (int) $row[$column];
                DB::table('bins')->insertOrIgnore([
                    'bin' => $row['bin'],
                    'value_per_kg_minor' => (int) $row['value_per_kg_minor'],
                    'source' => $row['source'],
                ]);
                DB::table('bins')
                    ->where('bin', $row['bin'])
                    ->where('version', 1)
                    ->where('source', '!=', 'house')
                    ->update([
                        'batch_mg' => $grams('batch_g'),
                        'room_mg' => $grams('room_g'),
                        'source' => $row['source'],
                    ]);
            }
            $this->seasons($ids);
            $this->recipes();
            $this->treatments();
            DB::table('freshness_weights')->delete();
            DB::table('freshness_weights')->insert([...Csv::rows(database_path('catalogue/freshness.csv'))]);
            foreach (Csv::rows(database_path('catalogue/parts.csv')) as $row) {
                DB::table('parts')->upsert(
                    [...$row, 'default_bin' => $row['default_bin'] === '' ? null : $row['default_bin']],
                    ['part'],
                );
            }
            $this->methods();
        });
    }

    /**
     * How a kind is over the year.
     *
     * @param  array<string, string>  $ids
     */
    private function seasons(array $ids): void
    {
        DB::table('seasons')->delete();
        foreach (Csv::rows(database_path('catalogue/seasons.csv')) as $row) {
            DB::table('seasons')->insert([
                ...array_diff_key($row, ['species' => true]),
                'species_id' => $ids[$row['species']],
                'roe' => $row['roe'] === 'yes',
            ]);
        }
    }

    /**
     * By what a kind is known, what it is taken for, and how it wants to be handled.
     *
     * @param  array<string, string>  $ids
     */
    private function signs(array $ids): void
    {
        DB::table('species_signs')->delete();
        $place = [];
        $rows = [];
        foreach (Csv::rows(database_path('catalogue/signs.csv')) as $row) {
            $place[$row['species']] = ($place[$row['species']] ?? -1) + 1;
            $rows[] = [
                'species_id' => $ids[$row['species']],
                'place' => $place[$row['species']],
                'sign' => $row['sign'],
                'source' => $row['source'],
            ];
        }
        foreach (array_chunk($rows, 100) as $chunk) {
            DB::table('species_signs')->insert($chunk);
        }
        foreach (Csv::rows(database_path('catalogue/kinds.csv')) as $row) {
            DB::table('species')
                ->where('id', $ids[$row['species']])
                ->update(['look_alikes' => $row['look_alikes'], 'handling' => $row['handling']]);
        }
    }

    /** A recipe the house changed stays as it is. */
    private function recipes(): void
    {
        $marks = [];
        foreach (Csv::rows(database_path('catalogue/recipe_marks.csv')) as $row) {
            $marks[$row['recipe']][] = [
                'minute' => (int) $row['minute'],
                'doing' => $row['doing'],
                'why' => $row['why'],
            ];
        }
        foreach (Csv::rows(database_path('catalogue/recipes.csv')) as $row) {
            $ingredients = [];
            foreach (explode('|', $row['ingredients']) as $one) {
                [$name, $amount, $unit, $allergen] = [...explode(':', $one), ''];
                $ingredients[] = [
                    'name' => $name,
                    'per_kg' => (float) $amount,
                    'poured' => $unit === 'ml',
                    'allergens' => $allergen === '' ? [] : [$allergen],
                ];
            }
            $recipe = Recipe::query()->firstOrNew(['name' => $row['recipe']]);
            if (! $recipe->exists || $recipe->source !== 'house') {
                $recipe
                    ->fill([
                        'bin' => $row['bin'],
                        'one_kind' => $row['one_kind'] === 'yes',
                        'litres' => $row['litres'] === 'yes',
                        'ingredients' => $ingredients,
                        'marks' => $marks[$row['recipe']] ?? [],
                        'yield_per_kg' => (float) $row['yield_per_kg'],
                        'yield_sd' => (float) $row['yield_sd'],
                        'minutes' => (int) $row['minutes'],
                        'value_minor' => (int) $row['value_minor'],
                        'days_kept' => (int) $row['days_kept'],
                        'hot' => $row['hot'] === 'yes',
                        'raw' => $row['raw'] === 'yes',
                        'caution' => $row['caution'],
                        'source' => $row['source'],
                    ])
                    ->save();
            }
        }
    }

    /** A treatment the house changed stays as it is. */
    private function treatments(): void
    {
        $number = fn (string $cell): ?float => $cell === '' ? null : (float) $cell;
        foreach (Csv::rows(database_path('catalogue/treatments.csv')) as $row) {
            $aromatics = [];
            foreach (array_filter(explode('|', $row['aromatics'])) as $one) {
                [$name, $pct] = explode(':', $one);
                $aromatics[$name] = (float) $pct;
            }
            $treatment = HouseTreatment::query()->firstOrNew(['name' => $row['treatment']]);
            if (! $treatment->exists || $treatment->source !== 'house') {
                $figures = array_map(
                    $number,
                    array_intersect_key(
                        $row,
                        array_flip([
                            'strength_pct',
                            'brine_ratio',
                            'salt_pct',
                            'sugar_pct',
                            'target_pct',
                            'minutes_from',
                            'minutes',
                            'minutes_to',
                            'turn_every',
                            'change_pct',
                            'change_sd',
                        ]),
                    ),
                );
                $treatment
                    ->fill([
                        ...$figures,
                        'kind' => $row['kind'],
                        'aims' => $row['aims'],
                        'not_for' => $row['not_for'],
                        'rinse' => $row['rinse'] === 'yes',
                        'dry' => $row['dry'] === 'yes',
                        'aromatics' => $aromatics,
                        'uses' => (int) $row['uses'],
                        'service' => $row['service'] === '' ? null : $row['service'],
                        'caution' => $row['caution'],
                        'source' => $row['source'],
                    ])
                    ->save();
            }
        }
    }

    /** Shipped methods are laid anew; the house's own copies stay. */
    private function methods(): void
    {
        foreach (Csv::rows(database_path('catalogue/methods.csv')) as $row) {
            DB::table('methods')->upsert($row, ['method']);
        }
        $shipped = DB::table('methods')->whereNull('copied_from')->pluck('method')->all();
        $steps = $this->ofEachMethod('steps', fn (array $row, string $method, int $place): array => [
            ...array_diff_key($row, ['step' => 1, 'methods' => 1]),
            'method' => $method,
            'step' => $place,
        ]);
        $choices = $this->ofEachMethod('questions', fn (array $row, string $method): array => [
            ...array_diff_key($row, ['methods' => 1, 'costs_in' => 1, 'usual_in' => 1]),
            'method' => $method,
            'costs_pct' => self::in($row['costs_in'], $method) ?? $row['costs_pct'],
            'usual' => in_array($method, explode(' ', $row['usual_in']), true) ? 'yes' : 'no',
        ]);
        foreach (['method_steps' => $steps, 'method_choices' => $choices] as $table => $rows) {
            DB::table($table)->whereIn('method', $shipped)->delete();
            foreach (array_chunk($rows, 50) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }
        DB::table('method_rules')->delete();
        foreach (['exclusion', 'order'] as $kind) {
            foreach (Csv::rows(database_path("catalogue/{$kind}s.csv")) as $row) {
                DB::table('method_rules')->insert([
                    'kind' => $kind,
                    'first' => $row['question'] ?? $row['first'],
                    'second' => $row['option'] ?? $row['next'],
                    'choices' => $row['choices'],
                    'reason' => $row['reason'] ?? $row['why'],
                    'source' => $row['source'],
                ]);
            }
        }
    }

    /**
     * A step or an option stands once in the catalogue, with the methods it belongs to.
     *
     * @param  callable(array<string, string>, string, int): array<string, string|int>  $row
     * @return list<array<string, string|int>>
     */
    private function ofEachMethod(string $file, callable $row): array
    {
        $rows = [];
        $place = [];
        foreach (Csv::rows(database_path("catalogue/{$file}.csv")) as $shipped) {
            foreach (explode(' ', $shipped['methods']) as $method) {
                $place[$method] = ($place[$method] ?? 0) + 1;
                $rows[] = $row($shipped, $method, $place[$method]);
            }
        }

        return $rows;
    }

    /** "many-boned=8 steaks=2": the figure of a method, where it differs from that of the others. */
    private static function in(string $figures, string $method): ?string
    {
        foreach (explode(' ', $figures) as $figure) {
            [$of, $pct] = explode('=', $figure, 2) + ['', null];
            if ($of === $method) {
                return $pct;
            }
        }

        return null;
    }

    /**
     * Shares or yields: a row the house changed keeps its figures, and remembers the newer shipped ones.
     *
     * @param  array<string, string>  $ids
     */
    private function figures(string $table, string $file, string $of, array $ids): void
    {
        $rows = [];
        foreach (Csv::rows(database_path("catalogue/{$file}.csv")) as $row) {
            $rows[] = [
                'species_id' => $ids[$row['species']],
                'state' => $row['state'],
                $of => $row[$of],
                'source' => $row['source'],
                'mean_pct' => (float) $row['mean_pct'],
                'sd_pct' => (float) $row['sd_pct'],
                'shipped_mean_pct' => (float) $row['mean_pct'],
                'shipped_sd_pct' => (float) $row['sd_pct'],
                ...isset($row['strength']) ? ['strength' => (float) $row['strength']] : [],
            ];
        }
        $key = ['species_id', 'state', $of];
        foreach (array_chunk($rows, 100) as $chunk) {
            DB::table($table)->upsert($chunk, $key, ['shipped_mean_pct', 'shipped_sd_pct']);
        }
        DB::table($table)
            ->where('source', '!=', 'house')
            ->update(['mean_pct' => DB::raw('shipped_mean_pct'), 'sd_pct' => DB::raw('shipped_sd_pct')]);
    }
}
