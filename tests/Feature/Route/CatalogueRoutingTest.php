<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Catalogue\HouseBin;
use App\Catalogue\Species;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Receive\RawService;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Destinations;
use Sectum\Route\Leftover;
use Tests\TestCase;

/** Every fish of the catalogue, part by part, and every recipe that ships. */
final class CatalogueRoutingTest extends TestCase
{
    private const NEVER_FOOD = [Part::Guts, Part::Gills, Part::Scales, Part::Membrane];

    public function test_every_part_of_every_fish_we_know_has_a_place_and_none_a_forbidden_one(): void
    {
        $seen = 0;
        $worst = [];
        foreach (Species::query()->get() as $species) {
            foreach ([null, 'farmed feed', 'frozen'] as $proof) {
                $raw = RawService::of($species->scientific, $species->hazardList(), $proof);
                foreach (
                    [
                        ...$species->form->parts(),
                        ...$species->form->quickParts(),
                        Part::Portion,
                        Part::Ends,
                        Part::TailEnd,
                    ] as $part
                ) {
                    $to = Destinations::of(
                        new Leftover(
                            $part,
                            $species->fat,
                            Mass::ofGrams(250),
                            $species->hazardList(),
                            true,
                            in_array($part->value, explode(' ', $species->keep), true),
                            $raw->open ? null : $raw->why,
                        ),
                    );
                    foreach ($to->ranked as $destination) {
                        $seen++;
                        $why = Words::ofReader()->sayAll($destination->why);
                        self::assertMatchesRegularExpression(
                            '/^\S.{8,}\.$/s',
                            $why,
                            "{$species->name}, {$part->value}",
                        );
                        self::assertDoesNotMatchRegularExpression('/\bsafe\b|boneless/i', $why);
                        $wrong =
                            $destination->allowed &&
                            match (true) {
                                $destination->bin === Bin::Stock && $species->fat === FatClass::Oily => true,
                                $destination->bin->isServedRaw() && ! $raw->open => true,
                                in_array($part, self::NEVER_FOOD, true) && $destination->bin !== Bin::Discard => true,
                                $destination->bin !== Bin::Discard &&
                                    in_array($part, [Part::Liver, Part::Roe], true) => $species->has(Hazard::Toxin) ||
                                    $species->has(Hazard::Ciguatera) ||
                                    $species->has(Hazard::Purging),
                                default => false,
                            };
                        if ($wrong) {
                            $worst[] = "{$species->name}: {$part->value} to {$destination->bin->value}";
                        }
                    }
                    self::assertTrue($to->ranked[0]->allowed);
                }
            }
        }
        self::assertSame([], $worst);
        self::assertGreaterThan(15_000, $seen);
    }

    public function test_every_shipped_recipe_can_be_made_and_says_where_its_figures_are_from(): void
    {
        $recipes = Recipe::query()->get();
        self::assertGreaterThanOrEqual(10, $recipes->count());
        $settings = Settings::load();
        foreach ($recipes as $recipe) {
            $plan = BatchPlan::of(
                $recipe->recipe(),
                Mass::ofGrams(4000),
                $recipe->hot ? $settings->pots() : [],
                new DateTimeImmutable('2026-03-02 14:00'),
            );
            self::assertGreaterThan(0, $plan->low, $recipe->name);
            self::assertLessThanOrEqual($plan->wentIn, $plan->high, "{$recipe->name} makes more than went in");
            self::assertSame(0.0, $plan->over, "{$recipe->name}: four kilos fit into the pots");
            self::assertNotSame('', $recipe->source);
            self::assertDoesNotMatchRegularExpression('/\bsafe\b|boneless/i', $recipe->caution);
            self::assertSame($recipe->bin->isServedRaw(), $recipe->raw, $recipe->name);
            self::assertContains(Bin::tryFrom($recipe->bin->value), Bin::cases());
        }
        foreach ([Bin::Stock, Bin::Soup, Bin::Mince, Bin::Tartare, Bin::Cure, Bin::Crisp, Bin::Roe] as $bin) {
            self::assertTrue(
                $recipes->contains(fn (Recipe $one): bool => $one->bin === $bin),
                "nothing is made of {$bin->value}",
            );
        }
    }

    public function test_every_bin_has_a_worth_a_limit_and_a_source_and_discard_is_worth_nothing(): void
    {
        foreach (HouseBin::byName() as $house) {
            self::assertNotSame('', $house->source);
            self::assertSame($house->bin === Bin::Discard, $house->value_per_kg_minor === 0, $house->bin->value);
            self::assertGreaterThanOrEqual(1, $house->days()->cold);
            self::assertSame(
                $house->bin->isServedRaw() || $house->bin === Bin::Discard,
                $house->days()->frozen === 0,
                $house->bin->value,
            );
        }
    }
}
