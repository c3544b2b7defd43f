<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\Dish\Dish;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PortionTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    private function filleted(): string
    {
        $fish = $this->received();
        $this->weigh($fish, 'fillets', '2650 g');
        $this->weigh($fish, 'bones', '1530 g');
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();

        return $fish;
    }

    public function test_each_piece_is_placed_beside_its_dish(): void
    {
        $fish = $this->filleted();
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->dish(), 'version' => $version])->assertOk();
        foreach (['170 g', '160 g', '179 g'] as $grams) {
            $bench = $this->weigh($fish, 'portion', $grams, 'portion')->assertOk();
        }
        self::assertSame(['within', 'under', 'over'], $bench->json('portions.*.placed'));
        self::assertSame(['0 g', '−10 g', '+9 g'], $bench->json('portions.*.off'));
        self::assertSame(
            [3, 1, 1, '9 g'],
            [
                $bench->json('tally.count'),
                $bench->json('tally.under'),
                $bench->json('tally.over'),
                $bench->json('tally.given_away'),
            ],
        );
        self::assertSame(2_141_000, $bench->json('sources.0.left.mg'));
        self::assertSame('Portion 3', $bench->json('portions.2.name'));
    }

    public function test_portions_need_a_dish_before_they_go_on(): void
    {
        $fish = $this->filleted();
        $this->weigh($fish, 'portion', '170 g', 'portion');
        $this->done($fish, 'portion')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dish');
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => self::id(), 'version' => $version])->assertStatus(
            422,
        );
        $this->api('PUT', "/portion/fish/{$fish}/dish", [
            'dish' => $this->dish(),
            'version' => $version - 1,
        ])->assertConflict();
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function bad(): array
    {
        return [
            'no weight' => [['target' => '0'], '/minus'],
            'a band as wide as the portion' => [['minus' => '170 g'], '/minus'],
            'a comma' => [['plus' => '1,5 g'], '/plus'],
            'a price with three decimals' => [['price' => '24.505'], '/price'],
            'a free dish' => [['price' => '0'], '/price'],
            'no name' => [['name' => ' '], '/name'],
            'a target of nothing' => [['target_cost_pct' => 0], '/target_cost_pct'],
        ];
    }

    /** @param  array<string, mixed>  $other */
    #[DataProvider('bad')]
    public function test_a_dish_that_makes_no_sense_is_refused(array $other, string $pointer): void
    {
        $this->api('PUT', '/portion/dishes/'.self::id(), [
            'name' => 'Hake',
            'target' => '170 g',
            'minus' => '6 g',
            'plus' => '8 g',
            ...$other,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', $pointer);
        self::assertSame(0, Dish::query()->count());
    }

    public function test_a_dish_is_written_changed_and_guarded_against_two_screens(): void
    {
        $dish = self::id();
        $body = [
            'name' => 'Hake, leeks',
            'target' => '170 g',
            'minus' => '0',
            'plus' => '8 g',
            'price' => '24.50',
            'sides' => '1.80',
            'surcharge_pct' => 5,
        ];
        $this->api('PUT', "/portion/dishes/{$dish}", $body)
            ->assertOk()
            ->assertJsonPath('version', 1);
        $this->api('PUT', "/portion/dishes/{$dish}", $body)
            ->assertOk()
            ->assertJsonPath('version', 1);
        $this->api('PUT', "/portion/dishes/{$dish}", [...$body, 'price' => '26', 'version' => 1])
            ->assertOk()
            ->assertJsonPath('version', 2);
        $this->api('PUT', "/portion/dishes/{$dish}", [...$body, 'price' => '27', 'version' => 1])->assertConflict();
        $this->api('PUT', '/portion/dishes/'.self::id(), $body)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/name');
        $this->actingAs($this->cutter);
        $this->api('PUT', '/portion/dishes/'.self::id(), [...$body, 'name' => 'Other'])->assertForbidden();
    }
}
