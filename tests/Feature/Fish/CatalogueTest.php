<?php

declare(strict_types=1);

namespace Tests\Feature\Fish;

use App\Fish\Species;
use Database\Seed\CatalogueSeeder;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Tests\TestCase;

/** The shipped table hangs together. */
final class CatalogueTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seed(CatalogueSeeder::class);
    }

    public function test_codes_are_unique_and_well_formed_and_every_figure_has_a_source(): void
    {
        $codes = Species::query()->pluck('code')->all();
        self::assertSame(array_unique($codes), $codes);
        foreach (Species::query()->with('shares')->get() as $species) {
            self::assertMatchesRegularExpression('/^[A-Z]{3}$/', (string) $species->code, $species->name);
            self::assertNotSame('', $species->source);
            self::assertNotSame(0, $species->shares->count(), $species->name);
            foreach ($species->shares as $share) {
                self::assertNotSame('', $share->source);
                self::assertGreaterThan(0, $share->sd_pct);
            }
        }
    }

    public function test_parts_of_a_fish_come_to_no_more_than_the_fish(): void
    {
        foreach (Species::query()->with('shares')->get() as $species) {
            foreach (StateBought::cases() as $state) {
                $shares = $species->expected($state);
                $offTheFish = array_filter($shares, fn (string $part): bool => $part !== 'fillets' && ! Part::from($part)->comesOffAFillet(), ARRAY_FILTER_USE_KEY);
                self::assertLessThanOrEqual(100.0, array_sum(array_map(fn ($share): float => $share->meanPct, $offTheFish)), "{$species->name}, {$state->value}");
                $sides = array_filter($offTheFish, fn (string $part): bool => Part::from($part)->isFillet(), ARRAY_FILTER_USE_KEY);
                if (isset($shares['fillets']) && $sides !== []) {
                    self::assertEqualsWithDelta($shares['fillets']->meanPct, array_sum(array_map(fn ($share): float => $share->meanPct, $sides)), 1.5, "{$species->name}, {$state->value}");
                }
            }
        }
    }

    public function test_seeding_again_changes_nothing_the_house_has_set(): void
    {
        Species::query()->where('name', 'Hake')->update(['fat' => 'medium']);
        $this->seed(CatalogueSeeder::class);
        self::assertSame('medium', Species::query()->where('name', 'Hake')->firstOrFail()->fat->value);
        self::assertSame(10, Species::query()->count());
    }
}
