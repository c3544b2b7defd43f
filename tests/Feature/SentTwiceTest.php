<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Hold\Treatment\HouseTreatment;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Receive\AtTheDoor;

/** A page that does not hear the answer asks again: whatever was written stands there once. */
final class SentTwiceTest extends AtTheDoor
{
    private int $twice = 0;

    /**
     * Every write goes out twice; the second changes no table, and is answered as the first or told that things moved
     * on.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    protected function api(string $verb, string $path, array $body = []): TestResponse
    {
        $first = parent::api($verb, $path, $body);
        if ($verb !== 'PUT' || $first->getStatusCode() >= 300) {
            return $first;
        }
        $rows = self::rows();
        $second = parent::api($verb, $path, $body);
        self::assertContains(
            $second->getStatusCode(),
            isset($body['version']) ? [$first->getStatusCode(), 409] : [$first->getStatusCode()],
            "{$verb} {$path} sent twice",
        );
        self::assertSame($rows, self::rows(), "{$verb} {$path} sent twice wrote twice");
        $this->twice++;

        return $first;
    }

    public function test_a_fish_from_the_box_to_the_cost_stands_there_once(): void
    {
        $fish = $this->routed();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", ['labour_minutes' => 14, 'version' => $version])->assertOk();
        $this->done($fish, 'cost')->assertOk();
        self::assertGreaterThanOrEqual(20, $this->twice);
        self::assertSame(5, DB::table('pieces')->where('fish_id', $fish)->where('part', 'portion')->count());
    }

    public function test_a_delivery_with_its_lines_fish_and_looks_stands_there_once(): void
    {
        $line = $this->line('Hake', ['invoiced' => '9.2 kg', 'price' => '9.80']);
        $fish = self::id();
        $this->weighIn($line, '3100 g', fish: $fish)->assertOk();
        $this->weighIn($line, '2950 g')->assertOk();
        $this->inspect($line, ['temperature' => ['typed' => '2.4']])->assertOk();
        $this->close()->assertOk();
        self::assertGreaterThan(4, $this->twice);
        self::assertSame(2, DB::table('fish')->count());
        self::assertSame(1, DB::table('inspections')->count());
    }

    public function test_the_board_keeps_one_of_everything_found_counted_and_chosen(): void
    {
        $fish = $this->received();
        $head = self::id();
        $this->weigh($fish, 'head', '650 g', reading: $head)->assertOk();
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/{$head}/taken-back", [
            'reason' => 'wrong part',
        ])->assertOk();
        $this->api('PUT', '/breakdown/trays/half%20tray', ['mass' => '412 g'])->assertOk();
        $this->boned($fish);
        self::assertSame([3, 1], [DB::table('readings')->count(), DB::table('reading_voids')->count()]);
    }

    public function test_a_side_planned_cut_trayed_and_labelled_stands_there_once(): void
    {
        $fish = $this->received();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1480 g', 'side-b' => '1465 g'] as $part => $grams
        ) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        [$dish, $lunch] = [$this->dish(), $this->dish(140)];
        $side = strval($this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece'));
        $this->api('PUT', "/portion/fish/{$fish}/fillets/{$side}", ['kinds' => [['dish' => $dish]]])->assertOk();
        foreach (
            [['ends', 1.6, '40 g'], ['portion', 7.1, '146 g'], ['portion', 11.8, '171 g']] as [$part, $to, $grams]
        ) {
            $this->api('PUT', "/portion/fish/{$fish}/readings/".self::id(), [
                'part' => $part,
                'from' => $side,
                'to_cm' => $to,
                'dish' => $dish,
                'guess' => '170 g',
                'weight' => ['typed' => $grams],
            ])->assertOk();
        }
        $portions = (array) $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece');
        [$light, $good] = [strval($portions[0]), strval($portions[1])];
        $this->api('PUT', "/portion/fish/{$fish}/pieces/{$light}/dish", ['dish' => $lunch])->assertOk();
        $this->api('PUT', "/portion/tonight/{$dish}", ['need' => 12])->assertOk();
        $batch = self::id();
        $this->api('PUT', "/portion/batches/{$batch}", ['dish' => $dish, 'pieces' => [$good]])->assertOk();
        $this->api('PUT', "/portion/batches/{$batch}/labels/".self::id(), ['for' => 'tray'])->assertOk();
        self::assertSame(
            [3, 1, 1, 1, 1],
            array_map(fn (string $table): int => DB::table($table)->count(), [
                'cuts',
                'boards',
                'wanted',
                'batches',
                'printed',
            ]),
        );
    }

    public function test_what_is_held_stands_there_once(): void
    {
        $fish = $this->routed();
        $pieces = $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece');
        [$tray, $place, $run, $treating, $thaw, $pack] = array_map(fn (): string => self::id(), range(1, 6));
        $dish = $this->dish();
        $this->api('PUT', "/portion/batches/{$tray}", ['dish' => $dish, 'pieces' => $pieces])->assertOk();
        $this->api('PUT', "/hold/kept/dishes/{$dish}/out/".self::id(), ['how' => 'served', 'count' => 1])->assertOk();
        $act = self::id();
        $this->api('PUT', "/hold/kept/dishes/{$dish}/out/{$act}", ['how' => 'staff', 'count' => 1])->assertOk();
        $this->api('PUT', '/hold/kept/undone/'.self::id(), ['undoes' => $act])->assertOk();
        $count = [['dish' => $dish, 'there' => 3, 'reason' => 'one fell']];
        $this->api('PUT', '/hold/kept/counted/'.self::id(), ['counts' => $count])->assertOk();
        $blast = ['name' => 'Blast', 'kind' => 'blast', 'every_h' => 12];
        $this->api('PUT', "/hold/places/{$place}", $blast)->assertOk();
        $cold = ['temperature' => ['typed' => '-37']];
        $this->api('PUT', "/hold/places/{$place}/readings/".self::id(), $cold)->assertOk();
        $this->api('PUT', "/hold/places/{$place}/acts/".self::id(), ['what' => 'door closed'])->assertOk();
        $this->api('PUT', "/hold/kept/trays/{$tray}/place/".self::id(), ['place' => $place])->assertOk();
        $brine = HouseTreatment::query()->where('name', 'Light brine')->firstOrFail()->id;
        $this->api('PUT', "/hold/treatings/{$treating}", [
            'treatment' => $brine,
            'weight' => ['typed' => '520 g'],
            'things' => [['tray' => $tray]],
        ])->assertOk();
        $salt = ['what' => 'salt', 'weight' => ['typed' => '50 g']];
        $this->api('PUT', "/hold/treatings/{$treating}/marks/".self::id(), $salt)->assertOk();
        foreach (['started', 'ended'] as $i => $what) {
            $this->api('PUT', "/hold/treatings/{$treating}/{$what}", ['version' => $i + 1])->assertOk();
        }
        $this->api('PUT', "/hold/treatings/{$treating}/weighed", [
            'weight' => ['typed' => '525 g'],
            'version' => 3,
        ])->assertOk();
        $this->api('PUT', "/hold/freezing/{$run}", [
            'place' => $place,
            'purpose' => 'keep',
            'items' => [['tray' => $tray]],
        ])->assertOk();
        $solid = ['version' => 1, 'at' => '2020-01-01T10:00'];
        $this->api('PUT', "/hold/freezing/{$run}/solid", $solid)->assertStatus(422);
        $item = strval($this->api('GET', "/hold/freezing/{$run}")->json('items.0.id'));
        $this->api('PUT', "/hold/packs/{$pack}", ['how' => 'vacuum', 'tray' => $tray])->assertOk();
        $this->api('PUT', "/hold/packs/{$pack}/opened")->assertOk();
        $this->api('PUT', "/hold/thaws/{$thaw}", ['item' => $item, 'how' => 'still-air'])->assertOk();
        $this->api('PUT', "/hold/thaws/{$thaw}/started", ['version' => 1])->assertOk();
        $this->api('PUT', "/hold/thaws/{$thaw}/finished", [
            'version' => 2,
            'temperature' => ['typed' => '2'],
        ])->assertOk();
        $this->api('PUT', "/hold/freezing/{$run}/ended", ['version' => 1])->assertOk();
        $this->api('PUT', "/hold/out/{$fish}/moved/".self::id(), ['back' => false])->assertOk();
        $this->api('PUT', "/hold/out/{$fish}/moved/".self::id(), ['back' => true])->assertOk();
        $this->api('PUT', "/hold/out/{$fish}/released/".self::id(), ['reason' => 'on ice'])->assertOk();
        $this->api('PUT', '/hold/checks/'.self::id(), [
            'instrument' => 'probe',
            'temperature' => ['typed' => '0.2'],
        ])->assertOk();
        self::assertGreaterThan(25, $this->twice);
        self::assertSame(
            [1, 1, 1, 1, 1, 1],
            array_map(fn (string $table): int => DB::table($table)->count(), [
                'treatings',
                'freezing_runs',
                'thaws',
                'packs',
                'closing_counts',
                'instrument_checks',
            ]),
        );
    }

    public function test_bins_batches_recipes_and_prices_stand_there_once(): void
    {
        $this->routed();
        $stock = Recipe::query()->where('name', 'White stock')->firstOrFail()->id;
        $tub = strval($this->api('GET', '/route/bins/stock')->json('deposits.0.id'));
        $this->api('PUT', '/route/bins/stock/out/'.self::id(), [
            'how' => 'meal',
            'deposit' => $tub,
            'weight' => ['typed' => '50 g'],
        ])->assertOk();
        $this->api('PUT', "/route/tubs/{$tub}/frozen/".self::id())->assertOk();
        $making = self::id();
        $this->api('PUT', "/route/batches/{$making}", [
            'recipe' => $stock,
            'weight' => ['typed' => '700 g'],
        ])->assertOk();
        $this->api('PUT', "/route/batches/{$making}/cooling/".self::id(), [
            'temperature' => ['typed' => '56'],
        ])->assertOk();
        $this->api('PUT', "/route/batches/{$making}/made", ['amount' => 0.7, 'version' => 1])->assertOk();
        $this->api('PUT', "/route/batches/{$making}/gone", ['how' => 'used', 'version' => 2])->assertOk();
        $this->api('PUT', '/route/house/ways', ['skins_in_stock' => true])->assertOk();
        $this->api('PUT', '/route/house/bins/stock', [
            'value' => '1.50',
            'days_cold' => 2,
            'days_frozen' => 90,
            'version' => 1,
        ])->assertOk();
        $this->api('PUT', '/cost/house', ['split' => 'relative-value'])->assertOk();
        $this->api('PUT', '/cost/prices/'.self::id(), [
            'file' => base64_encode("fish,price\nHake,9.10\n"),
            'supplier' => 'Harbourgate Fish',
        ])->assertOk();
        self::assertSame(
            [1, 1, 1],
            array_map(fn (string $table): int => DB::table($table)->count(), [
                'makings',
                'cooling_readings',
                'supplier_prices',
            ]),
        );
        self::assertSame(3, DB::table('bin_deposits')->where('bin', 'stock')->count());
    }

    /** @return array<string, int> how many stand in every table */
    private static function rows(): array
    {
        $rows = [];
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            $rows[$table] = DB::table($table)->count();
        }

        return $rows;
    }
}
