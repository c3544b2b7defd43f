<?php

declare(strict_types=1);

namespace Tests\Feature\Fish;

use App\Catalogue\Species;
use App\Catalogue\SpeciesYield;
use Database\Seed\CatalogueSeeder;
use Database\Seed\Csv;
use Illuminate\Support\Collection;
use PHPUnit\Framework\Attributes\DataProvider;
use Sectum\BreakDown\Method\StepPart;
use Sectum\Fish\Bin;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Family;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Fish\PinBoneRow;
use Sectum\Fish\StateBought;
use Sectum\Fish\YieldLadder;
use Tests\TestCase;

/** The shipped tables hang together, and the house's own values stand over them. */
final class CatalogueTest extends TestCase
{
    /** @return Collection<int, array<string, string>> */
    private static function table(string $name): Collection
    {
        return collect(iterator_to_array(Csv::rows(database_path("catalogue/{$name}.csv")), false));
    }

    public function test_every_row_of_every_table_names_its_source(): void
    {
        $tables = ['species', 'shares', 'yields', 'parts', 'methods', 'steps', 'questions', 'exclusions', 'orders'];
        foreach ([...$tables, 'bins', 'signs', 'kinds'] as $table) {
            foreach (self::table($table) as $i => $row) {
                self::assertNotSame('', $row['source'], "{$table}, row {$i}");
            }
        }
        self::assertSame([], self::table('species')->where('figures_source', '')->all());
    }

    public function test_codes_are_unique_and_well_formed_and_every_word_is_known(): void
    {
        $species = self::table('species');
        self::assertGreaterThanOrEqual(70, $species->count());
        self::assertSame($species->count(), $species->unique('code')->count());
        self::assertSame($species->count(), $species->unique('scientific')->count());
        foreach ($species as $row) {
            self::assertMatchesRegularExpression('/^[A-Z]{3}$/', $row['code'], $row['name']);
            self::assertMatchesRegularExpression('/^[A-Z][a-z]+ [a-z]+$/', $row['scientific'], $row['name']);
            $hazards = array_filter(explode(' ', $row['hazards']));
            self::assertSame(
                [],
                array_filter($hazards, fn (string $word): bool => Hazard::tryFrom($word) === null),
                $row['name'],
            );
            self::assertSame(
                [],
                array_filter(
                    explode(' ', $row['keep']),
                    fn (string $word): bool => ! in_array($word, ['', 'cheeks', 'liver'], true) &&
                        Part::tryFrom($word) === null,
                ),
                $row['name'],
            );
            self::assertMatchesRegularExpression('/^(\d+-\d+(;\d+-\d+)*)?$/', $row['size_grades_g'], $row['name']);
            self::assertNotSame('', $row['raw_note'], $row['name']);
        }
    }

    public function test_pin_bones_are_counted_where_they_run_and_only_there(): void
    {
        foreach (self::table('species') as $row) {
            $runs = PinBoneRow::from($row['pin_row']) !== PinBoneRow::None;
            self::assertSame($runs, (float) $row['pin_count'] > 0, $row['name']);
            self::assertSame($runs, (float) $row['pin_sd'] > 0, $row['name']);
        }
    }

    public function test_parts_of_a_fish_come_to_no_more_than_the_fish(): void
    {
        foreach (Species::query()->get() as $species) {
            $known = array_filter(array_map($species->expected(...), StateBought::cases()));
            self::assertNotSame([], $known, $species->name);
            foreach (StateBought::cases() as $state) {
                $shares = $species->expected($state);
                $offTheFish = array_filter(
                    $shares,
                    fn (string $part): bool => $part !== 'fillets' && ! Part::from($part)->comesOffAFillet(),
                    ARRAY_FILTER_USE_KEY,
                );
                self::assertLessThanOrEqual(
                    100.0,
                    array_sum(array_map(fn ($share): float => $share->meanPct, $offTheFish)),
                    "{$species->name}, {$state->value}",
                );
                $sides = array_filter(
                    $offTheFish,
                    fn (string $part): bool => Part::from($part)->isFillet(),
                    ARRAY_FILTER_USE_KEY,
                );
                if (isset($shares['fillets']) && $sides !== []) {
                    self::assertEqualsWithDelta(
                        $shares['fillets']->meanPct,
                        array_sum(array_map(fn ($share): float => $share->meanPct, $sides)),
                        1.5,
                        "{$species->name}, {$state->value}",
                    );
                }
            }
        }
    }

    public function test_yields_fall_down_the_ladder_and_fit_the_shares(): void
    {
        $ladders = self::table('yields')->groupBy(fn (array $row): string => "{$row['species']}|{$row['state']}");
        $known = self::table('species')->pluck('name');
        self::assertSame(
            [],
            $known->diff(self::table('yields')->pluck('species'))->all(),
            'a fish without a starting yield',
        );
        $shares = self::table('shares')
            ->where('part', 'fillets')
            ->keyBy(fn (array $row): string => "{$row['species']}|{$row['state']}");
        foreach ($ladders as $which => $ladder) {
            $pct = $ladder->mapWithKeys(fn (array $row): array => [$row['rung'] => (float) $row['mean_pct']])->all();
            new YieldLadder($pct);
            if (isset($shares[$which], $pct['fillets'])) {
                self::assertEqualsWithDelta(
                    (float) $shares[$which]['mean_pct'],
                    $pct['fillets'],
                    2.0,
                    (string) $which,
                );
            }
        }
    }

    public function test_parts_are_those_the_core_knows(): void
    {
        $parts = self::table('parts')->keyBy('part');
        self::assertEqualsCanonicalizing(array_column(Part::cases(), 'value'), $parts->keys()->all());
        foreach ($parts as $code => $row) {
            $part = Part::from((string) $code);
            self::assertSame([$part->spoken(), $part->family()], [$row['name'], Family::from($row['family'])]);
            self::assertSame(
                [],
                array_diff(array_filter(explode(' ', $row['cut_from'])), $parts->keys()->all()),
                "{$code} is cut from something unknown",
            );
            self::assertSame(
                [],
                array_diff(explode(' ', $row['forms']), array_column(BodyForm::cases(), 'value')),
                (string) $code,
            );
            self::assertTrue(
                $row['default_bin'] === '' || Bin::tryFrom($row['default_bin']) !== null,
                (string) $code,
            );
        }
    }

    public function test_a_step_weighs_only_what_comes_off_its_form_and_stands_on_answers_that_can_be_given(): void
    {
        $forms = self::table('parts')
            ->mapWithKeys(fn (array $row): array => [$row['part'] => explode(' ', $row['forms'])])
            ->all();
        $built = self::table('methods')->pluck('form', 'method')->all();
        $facts = array_map(fn (StateBought $state): string => "state:{$state->value}", StateBought::cases());
        $answers = self::table('questions')
            ->map(fn (array $row): string => "{$row['question']}:{$row['option']}")
            ->merge($facts)
            ->all();
        self::assertSame([], self::table('steps')->duplicates(fn (array $step): string => $step['doing'].
            $step['methods'].$step['choices'])->all());
        foreach (self::table('steps') as $step) {
            self::assertGreaterThan(0, (float) $step['seconds'] + (float) $step['seconds_per_kg'], $step['step']);
            self::assertSame($step['mistake'] === '', $step['mistake_costs'] === '', $step['step']);
            foreach (explode(' ', $step['methods']) as $method) {
                $form = (string) $built[$method];
                foreach (StepPart::listed($step['parts']) as $part) {
                    $parsed = StepPart::parse($part);
                    self::assertContains($form, $forms[$parsed->part->value] ?? [], "{$step['step']}: {$part}");
                    self::assertContains($parsed->part, BodyForm::from($form)->parts(), "{$step['step']}: {$part}");
                }
            }
            foreach (array_filter(explode(';', $step['choices'])) as $clause) {
                [$question, $options] = explode(':', ltrim($clause, '!'));
                foreach (explode('|', $options) as $option) {
                    self::assertContains("{$question}:{$option}", $answers, $step['step']);
                }
            }
        }
        self::assertEqualsCanonicalizing(
            array_keys($built),
            self::table('steps')
                ->flatMap(fn (array $step): array => explode(' ', $step['methods']))
                ->unique()
                ->values()
                ->all(),
        );
    }

    public function test_every_question_has_two_schools_one_of_them_usual_in_each_method_that_asks_it(): void
    {
        $asked = self::table('steps')->flatMap(
            fn (array $step): array => array_map(
                fn (string $clause): string => (string) strtok(ltrim($clause, '!'), ':'),
                array_filter(explode(';', $step['choices'])),
            ),
        );
        foreach (self::table('questions')->groupBy('question') as $question => $options) {
            self::assertGreaterThan(1, $options->count(), (string) $question);
            // The collar is asked inside a step, the head by the order of steps.
            self::assertTrue(
                $asked->contains($question) || in_array($question, ['collar', 'head'], true),
                "no step depends on {$question}",
            );
            foreach (explode(' ', (string) $options->pluck('methods')->first()) as $method) {
                $usual = $options->filter(
                    fn (array $row): bool => in_array($method, explode(' ', $row['usual_in']), true),
                );
                self::assertCount(1, $usual, "{$question} in {$method}");
            }
        }
    }

    public function test_the_commonest_kinds_have_two_to_four_short_signs_and_look_like_kinds_that_are_there(): void
    {
        $names = self::table('species')->pluck('name')->all();
        $signs = self::table('signs')->groupBy('species');
        self::assertGreaterThanOrEqual(40, $signs->count());
        foreach ($signs as $species => $own) {
            self::assertContains($species, $names);
            self::assertTrue($own->count() >= 2 && $own->count() <= 4, (string) $species);
            self::assertSame([], $own->filter(fn (array $row): bool => strlen($row['sign']) > 60)->all());
        }
        foreach (self::table('kinds') as $row) {
            foreach (array_filter(explode('|', $row['look_alikes'])) as $other) {
                self::assertContains($other, $names);
                self::assertNotSame($row['species'], $other);
            }
        }
    }

    public function test_what_the_house_set_outlives_a_newer_catalogue(): void
    {
        $this->kitchen();
        $id = $this->species('Hake');
        $this->change($id, [
            'about' => ['fat' => 'medium', 'pin_count' => '17'],
            'yields' => [['state' => 'gutted', 'rung' => 'fillets', 'mean_pct' => 66.5, 'sd_pct' => 2]],
        ])->assertOk();
        Species::query()
            ->whereKey($id)
            ->update(['raw_note' => 'an older edition']);
        $this->seed(CatalogueSeeder::class);
        $hake = Species::inFull($id);
        self::assertSame(['medium', 17.0], [$hake->fat->value, $hake->pin_count]);
        self::assertNotSame('an older edition', $hake->raw_note);
        $fillets = $hake->yields->first(
            fn (SpeciesYield $yield): bool => $yield->state === StateBought::Gutted &&
                $yield->rung->value === 'fillets',
        );
        self::assertSame([66.5, 'house'], [$fillets?->mean_pct, $fillets?->source]);
        self::assertSame(self::table('species')->count(), Species::query()->count());

        $shown = $this->api('GET', "/fish/{$id}")->json('about');
        self::assertIsArray($shown);
        self::assertContains(['field' => 'fat', 'value' => 'medium', 'shipped' => 'lean', 'ours' => true], $shown);
        $this->change($id, [
            'about' => ['fat' => null],
            'yields' => [['state' => 'gutted', 'rung' => 'fillets', 'mean_pct' => null]],
        ])->assertOk();
        self::assertSame('lean', Species::query()->findOrFail($id)->fat->value);
        $back = Species::inFull($id)->yields->first(
            fn (SpeciesYield $yield): bool => $yield->state === StateBought::Gutted &&
                $yield->rung->value === 'fillets',
        );
        self::assertSame(['estimate', $back?->shipped_mean_pct], [$back?->source, $back?->mean_pct]);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'an unknown hazard' => [['about' => ['hazards' => 'parasites ghosts']], '/about/hazards', 'ghosts'],
            'an unknown part' => [['about' => ['keep' => 'wing']], '/about/keep', 'wing'],
            'grades in words' => [['about' => ['size_grades_g' => 'large']], '/about/size_grades_g', '400-600'],
            'a class nobody knows' => [['about' => ['fat' => 'fatty']], '/about/fat', 'lean, medium or oily'],
            'a field nobody keeps' => [['about' => ['name' => 'Cod']], '/about/name', 'not something this takes'],
            'a rung above the one above' => [
                ['yields' => [['state' => 'gutted', 'rung' => 'skinned', 'mean_pct' => 99]]],
                '/yields',
                'more skinned than',
            ],
            'a rung it does not have' => [
                ['yields' => [['state' => 'tail', 'rung' => 'fillets', 'mean_pct' => 50]]],
                '/yields/0',
                'no such yield step',
            ],
            'more than there is' => [
                ['yields' => [['state' => 'gutted', 'rung' => 'fillets', 'mean_pct' => 101]]],
                '/yields/0/mean_pct',
                'at most 100',
            ],
        ];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_and_nothing_is_half_written(
        array $body,
        string $pointer,
        string $saying,
    ): void {
        $this->kitchen();
        $id = $this->species('Hake');
        $response = $this->change($id, ['about' => ['fat' => 'medium', ...(array) ($body['about'] ?? [])]] + $body)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', $pointer);
        self::assertStringContainsString($saying, (string) $response->json('errors.0.detail'));
        self::assertSame('lean', Species::query()->findOrFail($id)->fat->value);
    }

    public function test_only_the_head_chef_changes_it_and_a_stale_screen_is_told(): void
    {
        $this->kitchen();
        $id = $this->species('Hake');
        $this->change($id, ['about' => ['pin_sd' => '3']])->assertOk();
        $this->api('PUT', "/fish/{$id}", ['version' => 1, 'about' => ['pin_sd' => '4']])
            ->assertConflict()
            ->assertJsonPath('current', 2);
        $this->actingAs($this->cutter);
        $this->change($id, ['about' => ['pin_sd' => '4']])->assertForbidden();
        $this->api('GET', '/fish?q=sander')
            ->assertOk()
            ->assertJsonPath('species.0.name', 'Zander')
            ->assertJsonCount(1, 'species');
    }

    /**
     * @param  array<string, mixed>  $what
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(string $id, array $what): \Illuminate\Testing\TestResponse
    {
        return $this->api('PUT', "/fish/{$id}", ['version' => Species::query()->findOrFail($id)->version, ...$what]);
    }
}
