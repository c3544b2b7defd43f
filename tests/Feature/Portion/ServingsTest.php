<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\Dish\Dish;
use App\Portion\Servings\Serving;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Receive\AtTheDoor;

/** Natural portions: small pieces graded by weight, and put together so many to a plate. */
final class ServingsTest extends AtTheDoor
{
    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->setTime(12, 0));
        $this->fish = $this->received();
        $this->weigh($this->fish, 'side-a', '1480 g')->assertOk();
        $this->boned($this->fish);
        $this->done($this->fish, 'breakdown')->assertOk();
    }

    private function pairs(int $perPlate = 2, int $plate = 200): string
    {
        $dish = self::id();
        $this->api('PUT', "/portion/dishes/{$dish}", [
            'name' => "Plate of {$perPlate}",
            'target' => "{$plate} g",
            'minus' => '8 g',
            'plus' => '8 g',
            'per_plate' => $perPlate,
            'price' => '24.50',
        ])->assertOk();

        return $dish;
    }

    /** @param  list<string>  $grams */
    private function portions(string $dish, array $grams): void
    {
        $version = $this->api('GET', "/portion/fish/{$this->fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$this->fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
        foreach ($grams as $mass) {
            $this->weigh($this->fish, 'portion', $mass, 'portion')->assertOk();
        }
    }

    /**
     * @param  list<list<string>>  $plates
     * @param  list<string>|null  $ids
     * @return TestResponse<Response>
     */
    private function plate(string $dish, array $plates, ?array $ids = null): TestResponse
    {
        return $this->api('PUT', "/portion/dishes/{$dish}/servings", [
            'servings' => array_map(
                fn (array $pieces, int $i): array => ['id' => $ids[$i] ?? self::id(), 'pieces' => $pieces],
                $plates,
                array_keys($plates),
            ),
        ]);
    }

    /** @return list<list<string>> */
    private function proposed(): array
    {
        $proposed = $this->api('GET', '/portion/servings')->assertOk()->json('dishes.0.proposed');
        self::assertIsArray($proposed);

        return array_values(
            array_map(
                fn (mixed $plate): array => array_values(
                    array_map(strval(...), array_column((array) data_get($plate, 'pieces'), 'piece')),
                ),
                $proposed,
            ),
        );
    }

    public function test_eight_fillets_become_the_four_plates_of_the_handbook_and_one_tray(): void
    {
        $dish = $this->pairs();
        $this->portions($dish, ['92 g', '101 g', '88 g', '110 g', '97 g', '104 g', '95 g', '120 g', '60 g']);
        $all = $this->api('GET', '/portion/servings')->assertOk();
        self::assertSame([9, 4, 1], [
            count((array) $all->json('dishes.0.loose')),
            count((array) $all->json('dishes.0.proposed')),
            count((array) $all->json('dishes.0.left')),
        ]);
        self::assertSame('under', $all->json('dishes.0.left.0.placed'));
        $masses = array_map(
            fn (mixed $plate): int => (int) round((float) data_get($plate, 'mass.mg') / 1000),
            (array) $all->json('dishes.0.proposed'),
        );
        self::assertSame(73, array_sum(array_map(fn (int $sum): int => ($sum - 200) ** 2, $masses)));

        // None of them is a portion for a tray before it lies on a plate.
        $loose = $this->api('GET', '/portion/batches')->json('ready.0');
        self::assertSame([0, 9], [data_get($loose, 'portions'), data_get($loose, 'loose')]);
        $first = $this->proposed()[0];
        $this->api('PUT', '/portion/batches/'.self::id(), ['dish' => $dish, 'pieces' => $first])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pieces');

        $made = $this->plate($dish, $this->proposed())->assertOk();
        self::assertSame([1, 4], [
            count((array) $made->json('dishes.0.loose')),
            count((array) $made->json('dishes.0.servings')),
        ]);
        $ready = $this->api('GET', '/portion/batches')->json('ready.0');
        self::assertSame([4, 1], [data_get($ready, 'portions'), data_get($ready, 'loose')]);
        $pieces = array_column((array) data_get($ready, 'pieces'), 'piece');
        // Half a plate goes on no tray.
        $this->api('PUT', '/portion/batches/'.self::id(), ['dish' => $dish, 'pieces' => array_slice($pieces, 0, 7)])
            ->assertStatus(422);
        $tray = $this->api('PUT', '/portion/batches/'.self::id(), ['dish' => $dish, 'pieces' => $pieces])->assertOk();
        self::assertSame([4, 0, 0], [$tray->json('count'), $tray->json('under'), $tray->json('over')]);
        self::assertStringContainsString(',', (string) $tray->json('each_label.what'));
        // What lies on a labelled tray is not taken apart.
        $plate = (string) $made->json('dishes.0.servings.0.id');
        $this->api('PUT', "/portion/servings/{$plate}/apart", [])->assertStatus(409);
    }

    public function test_plates_out_of_their_band_or_sent_twice_or_short_of_a_piece_are_refused_whole(): void
    {
        $dish = $this->pairs();
        $this->portions($dish, ['92 g', '101 g', '88 g', '110 g', '120 g', '119 g']);
        $bench = $this->api('GET', "/portion/fish/{$this->fish}");
        $piece = array_map(strval(...), (array) $bench->json('portions.*.piece'));
        // The second of two is too heavy: neither is made.
        $this->plate($dish, [[$piece[0], $piece[3]], [$piece[4], $piece[5]]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/servings/1/pieces');
        self::assertSame(0, Serving::query()->count());
        $this->plate($dish, [[$piece[0], $piece[0]]])->assertStatus(422);
        $this->plate($dish, [[$piece[0], $piece[1], $piece[2]]])->assertStatus(422);
        $this->plate($dish, [[$piece[0], self::id()]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/servings/0/pieces/1');
        $this->plate($this->dish(), [[$piece[0], $piece[1]]])->assertStatus(422);

        $id = self::id();
        $this->plate($dish, [[$piece[0], $piece[3]]], [$id])->assertOk();
        $this->plate($dish, [[$piece[3], $piece[0]]], [$id])->assertOk();
        self::assertSame(1, Serving::query()->count());
        $this->plate($dish, [[$piece[1], $piece[3]]], [$id])->assertStatus(409);
        $this->plate($dish, [[$piece[1], $piece[3]]])->assertStatus(409);
        $this->api('PUT', "/portion/fish/{$this->fish}/pieces/{$piece[0]}/dish", ['dish' => $this->dish(90)])
            ->assertStatus(409);
        foreach ([1, 2] as $ignored) {
            $this->api('PUT', "/portion/servings/{$id}/apart", [])->assertOk()->assertJsonPath('dishes.0.servings', []);
        }
        self::assertSame(0, Serving::query()->count());
    }

    public function test_pieces_go_in_threes_too_with_a_bound(): void
    {
        $dish = $this->pairs(3, 210);
        $this->portions($dish, ['70 g', '72 g', '68 g', '60 g', '80 g', '71 g', '66 g']);
        $all = $this->api('GET', '/portion/servings')->assertOk()->json('dishes.0');
        self::assertSame([2, 2, 1], [
            count((array) data_get($all, 'proposed')),
            data_get($all, 'bound'),
            count((array) data_get($all, 'left')),
        ]);
    }

    public function test_natural_portions_are_graded_into_the_bands_of_their_dishes(): void
    {
        [$large, $small] = [$this->dish(200), $this->dish(150)];
        // One is in the small dish's band, one in the large one's, one in nobody's.
        $this->portions($large, ['202 g', '149 g', '198 g', '176 g']);
        $version = $this->api('GET', "/portion/fish/{$this->fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$this->fish}/graded", ['version' => 1])->assertStatus(409);
        $this->api('PUT', "/portion/fish/{$this->fish}/graded", ['version' => $version])->assertOk();
        $names = $this->api('GET', "/portion/fish/{$this->fish}")->json('portions.*.dish');
        self::assertSame(['Dish 200', 'Dish 150', 'Dish 200', 'Dish 200'], $names);
        // Graded again, nothing moves, whatever version was seen.
        $this->api('PUT', "/portion/fish/{$this->fish}/graded", ['version' => 1])->assertOk();
        self::assertNotNull(Dish::of($small));
    }

    public function test_a_plate_has_one_to_three_pieces(): void
    {
        $this->api('PUT', '/portion/dishes/'.self::id(), [
            'name' => 'Four',
            'target' => '200 g',
            'minus' => '8 g',
            'plus' => '8 g',
            'per_plate' => 4,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/per_plate');
    }

    public function test_small_fish_served_whole_are_portions_of_their_own(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'fins', '40 g')->assertOk();
        $this->done($fish, 'breakdown')->assertOk();
        $bench = $this->api('GET', "/portion/fish/{$fish}")->assertOk();
        self::assertCount(1, (array) $bench->json('sources'));
        self::assertFalse($bench->json('sources.0.can_plan'));
        $dish = $this->dish(200);
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $dish, 'version' => $bench->json('fish.version')])
            ->assertOk();
        $after = $this->weigh($fish, 'portion', '202 g', 'portion', from: (string) $bench->json('sources.0.piece'))
            ->assertOk();
        self::assertSame(['within', 1], [$after->json('portions.0.placed'), $after->json('tally.count')]);
        self::assertLessThan($bench->json('sources.0.left.mg'), $after->json('sources.0.left.mg'));
    }
}
