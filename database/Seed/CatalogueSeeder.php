<?php

declare(strict_types=1);

namespace Database\Seed;

use App\Fish\Species;
use App\Fish\SpeciesShare;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;

/** The shipped knowledge of fish, from database/catalogue. What a house added or is already there stays. */
final class CatalogueSeeder extends Seeder
{
    public function run(): void
    {
        DB::transaction(function (): void {
            foreach (Csv::rows(database_path('catalogue/species.csv')) as $row) {
                Species::query()->firstOrCreate(['name' => $row['name']], [
                    'scientific' => $row['scientific'],
                    'code' => $row['code'],
                    'form' => BodyForm::from($row['form']),
                    'fat' => FatClass::from($row['fat']),
                    'source' => $row['source'],
                ]);
            }
            foreach (Csv::rows(database_path('catalogue/shares.csv')) as $row) {
                SpeciesShare::query()->insertOrIgnore([
                    'species_id' => Species::query()->where('name', $row['species'])->firstOrFail()->id,
                    'state' => StateBought::from($row['state'])->value,
                    'part' => Part::from($row['part'])->value,
                    'mean_pct' => (float) $row['mean_pct'],
                    'sd_pct' => (float) $row['sd_pct'],
                    'source' => $row['source'],
                ]);
            }
            foreach (Csv::rows(database_path('catalogue/bins.csv')) as $row) {
                DB::table('bins')->insertOrIgnore(['bin' => $row['bin'], 'value_per_kg_minor' => (int) $row['value_per_kg_minor']]);
            }
        });
    }
}
