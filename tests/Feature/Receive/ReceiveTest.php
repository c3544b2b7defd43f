<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Fish\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ReceiveTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function body(array $other = []): array
    {
        return [
            'reading' => self::id(),
            'species' => $this->species('Hake'),
            'supplier' => 'Harbourgate Fish',
            'state' => 'gutted',
            'weight' => ['typed' => '4210 g'],
            ...$other,
        ];
    }

    public function test_a_fish_waits_to_be_broken_down_with_its_price_and_who_weighed_it(): void
    {
        $fish = $this->received();
        $this->api('GET', '/spine')->assertJsonPath('waiting.1', ['stage' => 'breakdown', 'count' => 1]);
        $this->api('GET', '/breakdown')
            ->assertJsonPath('fish.0.fish.id', $fish)
            ->assertJsonPath('fish.0.keel.rest.mg', 4_210_000);
        self::assertSame(1390, Fish::query()->findOrFail($fish)->price_per_kg_minor);
        self::assertSame('Head', $this->api('GET', "/breakdown/fish/{$fish}")->json('readings.0.by'));
        $this->api('GET', '/receive')
            ->assertOk()
            ->assertJsonPath('latest.0.id', $fish)
            ->assertJsonPath('suppliers.0', 'Harbourgate Fish');
    }

    public function test_the_same_put_twice_is_one_fish(): void
    {
        $fish = self::id();
        $body = $this->body();
        $this->api('PUT', "/receive/fish/{$fish}", $body)->assertOk();
        $this->api('PUT', "/receive/fish/{$fish}", $body)->assertOk();
        self::assertSame([1, 1], [Fish::query()->count(), Reading::query()->count()]);
        $this->api('PUT', "/receive/fish/{$fish}", [...$body, 'weight' => ['typed' => '4300 g']])->assertConflict();
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'a negative weight' => [['weight' => ['typed' => '-5 g']], '/weight/typed', 'below zero'],
            'nothing' => [['weight' => ['typed' => '0']], '/weight/typed', 'nothing'],
            'no number' => [['weight' => ['typed' => 'heavy']], '/weight/typed', 'not a weight'],
            'a comma' => [['weight' => ['typed' => '4,21']], '/weight/typed', 'point instead of the comma'],
            'a wrong unit' => [['weight' => ['typed' => '4 stone']], '/weight/typed', 'not a unit'],
            'beyond the scale' => [['weight' => ['typed' => '15.005 kg']], '/weight/typed', 'up to 15000 g'],
            'no weight' => [['weight' => []], '/weight', 'on the scale, or type'],
            'both ways at once' => [
                [
                    'weight' => [
                        'typed' => '5 g',
                        'pan' => ['mass_mg' => 5000, 'tare_mg' => 0, 'resolution_mg' => 5000, 'steady' => true],
                    ],
                ],
                '/weight',
                'or type',
            ],
            'a moving pan' => [
                [
                    'weight' => [
                        'pan' => ['mass_mg' => 5000, 'tare_mg' => 0, 'resolution_mg' => 5000, 'steady' => false],
                    ],
                ],
                '/weight/pan',
                'still moving',
            ],
            'an unknown species' => [['species' => '01JDAAAAAAAAAAAAAAAAAAAAAA'], '/species', 'from the list'],
            'an unknown field' => [['colour' => 'blue'], '/colour', 'not something this takes'],
            'a price with a comma' => [['price_per_kg' => '13,90'], '/price_per_kg', 'point instead of the comma'],
            'no supplier' => [['supplier' => '  '], '/supplier', 'who it came from'],
            'a strange state' => [['state' => 'frozen'], '/state', 'how it was bought'],
        ];
    }

    /** @param  array<string, mixed>  $other */
    #[DataProvider('bad')]
    public function test_bad_input_gets_one_sentence_where_it_was_entered_and_nothing_is_written(
        array $other,
        string $pointer,
        string $saying,
    ): void {
        $response = $this->api('PUT', '/receive/fish/'.self::id(), $this->body($other))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', $pointer);
        self::assertStringContainsString($saying, (string) $response->json('errors.0.detail'));
        self::assertSame([0, 0], [Fish::query()->count(), Reading::query()->count()]);
    }

    public function test_a_fish_not_in_the_list_is_added_by_name_once(): void
    {
        $named = fn (string $name, ?string $form): array => array_filter([
            ...array_diff_key($this->body(), ['species' => 0]),
            'species_name' => $name,
            'form' => $form,
        ]);
        $this->api('PUT', '/receive/fish/'.self::id(), $named('Weever', null))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/form');
        $this->api('PUT', '/receive/fish/'.self::id(), $named('Weever', 'round'))
            ->assertOk()
            ->assertJsonPath('title', 'Weever');
        $this->api('PUT', '/receive/fish/'.self::id(), $named('weever', 'round'))
            ->assertOk()
            ->assertJsonPath('title', 'Weever');
        self::assertSame(1, Species::query()->where('name', 'Weever')->count());
    }

    public function test_a_cutter_receives_without_a_price(): void
    {
        $this->actingAs($this->cutter);
        $this->api('PUT', '/receive/fish/'.self::id(), $this->body(['price_per_kg' => '13.90']))->assertForbidden();
        $this->api('PUT', '/receive/fish/'.self::id(), $this->body())->assertOk();
    }
}
