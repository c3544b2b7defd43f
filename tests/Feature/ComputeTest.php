<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The computations called from outside, with the worked figures. */
final class ComputeTest extends TestCase
{
    private const FISH =
        '{"resolution_g":5,"tares_g":{"half '.
        'tray":412,"lid":96},"loss":{"mean_pct":0.5,"sd_pct":0.4},"pieces":[{"id":"fish","reading_g":4210},'.
        '{"id":"head","parent":"fish","reading_g":650,"expected":{"mean_pct":16,"sd_pct":2}},{"id":"frame",'.
        '"parent":"fish","reading_g":935,"expected":{"mean_pct":12,"sd_pct":2}},'.
        '{"id":"side-a","parent":"fish","reading_g":1515,"expected":{"mean_pct":35.5,"sd_pct":2}},{"id":"side-b",'.
        '"parent":"fish","reading_g":1500,"expected":{"mean_pct":35.5,"sd_pct":2}}]}';

    private const COST =
        '{"mass_g":4210,"price_per_kg_minor":1390,"delivery_minor":250,"credits":[{"mass_g":1170,'.
        '"value_per_kg_minor":120},{"mass_g":140,"value_per_kg_minor":900}],'.
        '"labour_minutes":14,"labour_rate_per_hour_minor":1860,"products":[{"id":"plate","mass_g":2380,"pieces":14,'.
        '"relative_value":3},{"id":"tasting","mass_g":280,"pieces":4,"relative_value":2}]%s}';

    /** @return array{int|null, array<string, mixed>, array<string, mixed>} exit code, answer, problem */
    private static function filter(string $name, string $request): array
    {
        $process = new Process(['php', 'artisan', 'sectum:compute', $name], base_path(), null, $request);
        $process->run();
        $read = fn (string $json): array => is_array($read = json_decode($json, true)) ? $read : [];

        return [$process->getExitCode(), $read($process->getOutput()), $read($process->getErrorOutput())];
    }

    public function test_reconcile_names_the_frame_and_the_half_tray(): void
    {
        [$code, $answer] = self::filter('reconcile', self::FISH);
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(561.777, $answer['objective'], 0.0005);
        self::assertEqualsWithDelta(9.542, $answer['critical'], 0.0005);
        self::assertSame('frame', data_get($answer, 'suspects.0.id'));
        self::assertEqualsWithDelta(411.8, data_get($answer, 'suspects.0.bias_g'), 0.05);
        self::assertEquals(
            ['kind' => 'tare', 'name' => 'half tray', 'corrected_g' => 523],
            data_get($answer, 'suspects.0.explanations.0'),
        );
        self::assertSame('more came off than went on', data_get($answer, 'splits.0.verdict'));
    }

    public function test_recovery_speaks_the_same_tree(): void
    {
        $request =
            '{"resolution_g":5,"pieces":[{"id":"fish","reading_g":2000,"part":"whole"},{"id":"f","parent":"fish",'.
            '"reading_g":1200,"part":"fillets","role":"usable"},{"id":"b","parent":"fish","reading_g":790,'.
            '"part":"bones","role":"stock"}]}';
        [$code, $answer] = self::filter('recovery', $request);
        self::assertSame(0, $code);
        self::assertSame(['as bought', 'fillets'], data_get($answer, 'rungs.*.rung'));
        self::assertEqualsWithDelta(60, $answer['edible_yield_pct'], 0.01);
    }

    public function test_a_stock_from_the_bones_in_hand(): void
    {
        $ask =
            '{"bones_g":4000,"yield_per_kg":1.05,"yield_sd":0.08,"ingredients":[{"name":"water","per_kg":1200,'.
            '"poured":true}],"pots_l":[20,12],"marks":[{"minute":40,"doing":"strain"}]}';
        [$code, $answer] = self::filter('stock-batch', $ask);
        self::assertEquals([0, 4800], [$code, data_get($answer, 'ingredients.0.amount')]);
        self::assertEqualsWithDelta(
            [3.674, 4.2, 4.726],
            [data_get($answer, 'litres.low'), data_get($answer, 'litres.expected'), data_get($answer, 'litres.high')],
            0.001,
        );
        self::assertEquals(12, data_get($answer, 'pots.0.pot_l'));
        [$code, , $problem] = self::filter('stock-batch', '{"bones_g":4000,"yield_per_kg":0}');
        self::assertSame([2, '/yield_per_kg'], [$code, data_get($problem, 'errors.0.pointer')]);
    }

    public function test_whole_against_ready_cut(): void
    {
        [, $answer] = self::filter(
            'ready-cut',
            '{"whole":{"price_per_kg_minor":1390,"work_per_kg_minor":150,"credit_per_kg_minor":140,"yield_pct":50},'.
            '"ready":{"price_per_kg_minor":2640,"yield_pct":96}}',
        );
        self::assertSame([2800, 2750, -50, 2688, 1365, 55], array_values($answer));
    }

    public function test_cost_in_both_schools(): void
    {
        [, $byWeight] = self::filter('cost', sprintf(self::COST, ''));
        self::assertSame(6102, $byWeight['invoice_minor']);
        self::assertSame([140, 126], $byWeight['credits_minor']);
        self::assertSame(434, $byWeight['labour_minor']);
        self::assertSame(6270, $byWeight['net_minor']);
        self::assertSame(2357, $byWeight['edible_cost_per_kg_minor']);
        self::assertEqualsWithDelta(1.6958, $byWeight['cost_factor'], 0.00005);
        self::assertSame([5610, 660], data_get($byWeight, 'products.*.total_minor'));
        [, $relative] = self::filter('cost', sprintf(self::COST, ',"split":"relative-value"'));
        self::assertSame([5814, 456], data_get($relative, 'products.*.total_minor'));
    }

    public function test_plate_and_convert(): void
    {
        [, $plate] = self::filter(
            'plate',
            '{"portion_minor":401,"sides_minor":180,"surcharge_pct":5,"price_minor":2450,"tax_pct":19,'.
            '"target_cost_pct":30}',
        );
        self::assertSame(
            [610, 1449, 2033, 2420],
            [
                $plate['plate_cost_minor'],
                $plate['contribution_minor'],
                $plate['suggested_net_minor'],
                $plate['suggested_gross_minor'],
            ],
        );
        [, $convert] = self::filter('convert', '{"entry":"1 lb"}');
        self::assertSame(453_592, $convert['mass_mg']);
        self::assertSame('453.592 g', data_get($convert, 'written.g'));
    }

    public function test_expected_yield_gives_the_worked_figures(): void
    {
        [$code, $start] = self::filter(
            'expected-yield',
            '{"prior":{"mean_pct":62,"sd_pct":3,"strength":4},"records_pct":[],"level":0.9}',
        );
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(
            [62, 56.6784, 67.3216, 6],
            [$start['mean_pct'], $start['low_pct'], $start['high_pct'], $start['df']],
            0.00005,
        );
        [, $ours] = self::filter(
            'expected-yield',
            '{"prior":{"mean_pct":62,"sd_pct":3,"strength":4},"records_pct":[58.1,59.4,57.2,60.3,58.8],'.
            '"observed_pct":55}',
        );
        self::assertEqualsWithDelta(
            [60.2, 55.599, 64.801, 11, 0.0336],
            [$ours['mean_pct'], $ours['low_pct'], $ours['high_pct'], $ours['df'], $ours['tail']],
            0.0005,
        );
        self::assertSame([5, 'low'], [$ours['records'], $ours['verdict']]);
    }

    public function test_portion_plan_and_aim_give_the_worked_figures(): void
    {
        $request =
            '{"fillet":{"mass_g":1480,"length_cm":52,"thickness_mm":34,"shape":"long-side"},"square_head_g":40,'.
            '"min_thickness_mm":10,"trim_value_per_kg":9,"mode":"%s","kinds":[%s]}';
        [$code, $plan] = self::filter(
            'portion-plan',
            sprintf(
                $request,
                'exact',
                '{"id":"plate","target_g":170,"minus_g":6,"plus_g":8,"value":6.2,"min_thickness_mm":18},'.
                '{"id":"tasting","target_g":70,"minus_g":4,"plus_g":5,"value":2.4,"min_thickness_mm":12}',
            ),
        );
        self::assertSame([0, ['plate' => 7, 'tasting' => 3]], [$code, $plan['counts']]);
        self::assertEqualsWithDelta(
            [51.32, 80, 49.59],
            [$plan['value'], $plan['left_over_g'], $plan['tail_cut_cm']],
            0.005,
        );
        [, $fit] = self::filter(
            'portion-plan',
            sprintf($request, 'fit', '{"id":"plate","target_g":180,"minus_g":10,"value":6.2,"min_thickness_mm":9}'),
        );
        self::assertEqualsWithDelta(
            [8, 50.124, 0.2272, 177.7],
            [data_get($fit, 'counts.plate'), $fit['value'], $fit['shrink'], data_get($fit, 'pieces.0.mass_g')],
            0.05,
        );
        [, $aim] = self::filter('aim', '{"target_g":170,"minus_g":5,"plus_g":10,"sigma_g":6,"max_under_pct":2}');
        self::assertEqualsWithDelta(
            [177.32, 7.32, 32.771],
            [$aim['aim_g'], $aim['mean_giveaway_g'], $aim['over_pct']],
            0.005,
        );
    }

    public function test_allocate_gives_the_worked_optimum_and_adds_up(): void
    {
        $fillets = implode(
            ',',
            array_map(
                fn (int $available): string => sprintf('{"mass_g":%d,"available_g":%d}', $available + 120, $available),
                [1310, 1275, 1420, 1190, 1365, 1240],
            ),
        );
        [$code, $answer] = self::filter(
            'allocate',
            '{"fillets":['.
                $fillets.
                '],"trim_value_per_kg":9,"kinds":[{"id":"plate","target_g":170,"need":30,"value":6.2,'.
                '"surplus_value":2},{"id":"tasting","target_g":70,"need":24,"value":2.4,"surplus_value":0.6}]}',
        );
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(
            [261.61, 261.61, 0],
            [$answer['objective'], $answer['bound'], $answer['gap_pct']],
            0.005,
        );
        self::assertSame(['1', '2', '3', '4', '5', '6'], array_column((array) $answer['fillets'], 'id'));
        self::assertSame(
            data_get($answer, 'made.plate'),
            array_sum(
                array_map(fn (mixed $fillet): mixed => data_get($fillet, 'counts.plate'), (array) $answer['fillets']),
            ),
        );
        self::assertGreaterThan(0, $answer['seconds']);
        [, $three] = self::filter(
            'allocate',
            '{"fillets":['.
                $fillets.
                '],"kinds":[{"id":"plate","target_g":170,"need":20,"value":6.2},{"id":"tasting","target_g":70,'.
                '"need":24,"value":2.4},{"id":"lunch","target_g":140,"need":12,"value":4.9}]}',
        );
        self::assertGreaterThanOrEqual($three['objective'], $three['bound']);
        self::assertLessThan(0.5, $three['gap_pct']);
    }

    public function test_freshness_judges_by_grades_papers_and_the_probe(): void
    {
        [$code, $bright] = self::filter(
            'freshness',
            '{"fat":"lean","state":"gutted","grades":{"smell":0,"eyes":1,"gills":0,"skin":0,"flesh":0,"cavity":0},'.
            '"rigor":"stiff","mass_g":2000}',
        );
        self::assertSame(
            [0, 'accept', 1, 18, 24],
            [$code, $bright['verdict'], $bright['demerits'], $bright['of_most'], $bright['rest_hours']],
        );
        // One point of eighteen, at 0.7 of which a lean gutted fish of 13 days is spoilt.
        self::assertEqualsWithDelta(13 / 18 / 0.7, $bright['days_on_ice'], 0.05);
        [, $warm] = self::filter(
            'freshness',
            '{"fat":"oily","state":"round","histamine":true,"core_c":4.5,"grades":{"smell":0,"eyes":0,"gills":0}}',
        );
        self::assertSame('refuse', $warm['verdict']);
    }

    /** @return array<string, array{string, string, string, string}> */
    public static function refused(): array
    {
        return [
            'a negative weight' => [
                'reconcile',
                '{"pieces":[{"id":"fish","reading_g":-1}]}',
                '/pieces/0/reading_g',
                'more than nothing',
            ],
            'nothing' => [
                'reconcile',
                '{"pieces":[{"id":"fish","reading_g":0}]}',
                '/pieces/0/reading_g',
                'more than nothing',
            ],
            'absurdly large' => [
                'reconcile',
                '{"pieces":[{"id":"fish","reading_g":1e12}]}',
                '/pieces/0/reading_g',
                'two tonnes',
            ],
            'beyond any number' => [
                'reconcile',
                '{"pieces":[{"id":"fish","reading_g":1e999}]}',
                '/pieces/0/reading_g',
                'absurdly large',
            ],
            'a word' => [
                'reconcile',
                '{"pieces":[{"id":"fish","reading_g":"4210"}]}',
                '/pieces/0/reading_g',
                'more than nothing',
            ],
            'an unknown field' => [
                'reconcile',
                '{"pieces":[{"id":"fish","weight":4}]}',
                '/pieces/0/weight',
                'not something this takes',
            ],
            'no name' => ['reconcile', '{"pieces":[{"reading_g":4}]}', '/pieces/0/id', 'name'],
            'no piece' => ['reconcile', '{"pieces":[]}', '/pieces', 'between 1 and 400'],
            'missing' => ['reconcile', '{}', '/pieces', 'between 1 and 400'],
            'a spread of nothing' => [
                'reconcile',
                '{"loss":{"sd_pct":0},"pieces":[{"id":"fish"}]}',
                '/loss/sd_pct',
                'above 0',
            ],
            'a lost parent' => [
                'reconcile',
                '{"pieces":[{"id":"fish"},{"id":"a","parent":"tub"}]}',
                '/pieces/1/parent',
                'not among the pieces',
            ],
            'an unknown part' => [
                'recovery',
                '{"pieces":[{"id":"fish","part":"wing"}]}',
                '/pieces/0/part',
                'not known here',
            ],
            'half a cent' => [
                'cost',
                '{"mass_g":1,"price_per_kg_minor":0.5,"products":[{"id":"a","mass_g":1}]}',
                '/price_per_kg_minor',
                'whole number',
            ],
            'no product' => [
                'cost',
                '{"mass_g":1,"price_per_kg_minor":1,"products":[]}',
                '/products',
                'nothing to carry the cost',
            ],
            'pieces that are not the product' => [
                'cost',
                '{"mass_g":9,"price_per_kg_minor":1,"products":[{"id":"a","mass_g":5,"pieces_g":[2,2]}]}',
                '/products/0/pieces_g',
                '4 g together',
            ],
            'a band wider than the portion' => [
                'portion-plan',
                '{"fillet":{"mass_g":900,"length_cm":40,"thickness_mm":30},"kinds":[{"id":"a","target_g":100,'.
                '"minus_g":100}]}',
                '/kinds/0/minus_g',
                'wider than the portion',
            ],
            'a fillet of three metres' => [
                'portion-plan',
                '{"fillet":{"mass_g":900,"length_cm":300,"thickness_mm":30},"kinds":[{"id":"a","target_g":100}]}',
                '/fillet/length_cm',
                'two metres',
            ],
            'one name twice' => [
                'portion-plan',
                '{"fillet":{"mass_g":900,"length_cm":40,"thickness_mm":30},"kinds":[{"id":"a","target_g":100},'.
                '{"id":"a","target_g":90}]}',
                '/kinds',
                'name of its own',
            ],
            'no fillet' => [
                'allocate',
                '{"fillets":[],"kinds":[{"id":"a","target_g":100,"need":3}]}',
                '/fillets',
                'between 1 and 1000',
            ],
            'a portion no fillet gives' => [
                'allocate',
                '{"fillets":[{"mass_g":500,"available_g":400}],"kinds":[{"id":"a","target_g":401,"need":3}]}',
                '/kinds/0/target_g',
                'fits into none',
            ],
            'more to cut than the fillet' => [
                'allocate',
                '{"fillets":[{"mass_g":500,"available_g":501}],"kinds":[{"id":"a","target_g":100,"need":3}]}',
                '/fillets/0/available_g',
                'no more than the fillet',
            ],
            'half a portion wanted' => [
                'allocate',
                '{"fillets":[{"mass_g":500,"available_g":400}],"kinds":[{"id":"a","target_g":100,"need":0.5}]}',
                '/kinds/0/need',
                'whole portions',
            ],
            'a surplus dearer than the dish' => [
                'allocate',
                '{"fillets":[{"mass_g":500,"available_g":400}],"kinds":[{"id":"a","target_g":100,"need":1,'.
                '"value":2,"surplus_value":3}]}',
                '/kinds/0/surplus_value',
                'no more than one that is wanted',
            ],
            'a hand beyond half' => [
                'aim',
                '{"target_g":170,"minus_g":5,"plus_g":10,"sigma_g":6,"max_under_pct":60}',
                '/max_under_pct',
                'below 50',
            ],
            'a record beyond the fish' => [
                'expected-yield',
                '{"prior":{"mean_pct":62,"sd_pct":3,"strength":4},"records_pct":[101]}',
                '/records_pct/0',
                'at most 100',
            ],
            'no starting figure' => ['expected-yield', '{}', '/prior', 'starting figure'],
            'sizes of other fish' => [
                'expected-yield',
                '{"prior":{"mean_pct":62,"sd_pct":3,"strength":4},"records_pct":[60,61],"records_g":[900]}',
                '/records_g',
                'one size for each record',
            ],
            'a fifth grade' => [
                'freshness',
                '{"fat":"lean","state":"gutted","grades":{"smell":4}}',
                '/grades/smell',
                '0 to 3',
            ],
            'a fish on fire' => [
                'freshness',
                '{"fat":"lean","state":"gutted","core_c":400}',
                '/core_c',
                'between -90 and 150',
            ],
            'a free target' => ['plate', '{"portion_minor":1,"target_cost_pct":0}', '/target_cost_pct', 'above 0'],
        ];
    }

    #[DataProvider('refused')]
    public function test_what_does_not_fit_is_refused_with_its_pointer_and_one_sentence(
        string $name,
        string $request,
        string $pointer,
        string $saying,
    ): void {
        $this->kitchen();
        $response = $this->call(
            'POST',
            "/api/compute/{$name}",
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            $request,
        );
        $response->assertStatus(422);
        $errors = $response->json('errors');
        self::assertIsArray($errors);
        self::assertContains($pointer, array_column($errors, 'pointer'));
        self::assertStringContainsString($saying, (string) json_encode($errors));
    }

    public function test_bad_input_ends_the_filter_with_two_and_a_problem_on_standard_error(): void
    {
        [$code, $answer, $problem] = self::filter('reconcile', '{"pieces":[{"id":"fish","reading_g":-1}]}');
        self::assertSame([2, []], [$code, $answer]);
        self::assertSame('/pieces/0/reading_g', data_get($problem, 'errors.0.pointer'));
        self::assertSame(2, self::filter('reconcile', 'not json')[0]);
        self::assertSame(2, self::filter('no-such', '{}')[0]);
    }

    public function test_the_page_and_the_filter_speak_to_the_same_registry(): void
    {
        $this->kitchen();
        $overHttp = $this->call(
            'POST',
            '/api/compute/reconcile',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            self::FISH,
        )
            ->assertOk()
            ->json();
        self::assertEquals(self::filter('reconcile', self::FISH)[1], $overHttp);
    }
}
