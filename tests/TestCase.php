<?php

declare(strict_types=1);

namespace Tests;

use App\Catalogue\Species;
use App\Kitchen\Person;
use App\Kitchen\Pin;
use App\Kitchen\Role;
use App\Kitchen\SignIn;
use App\Portion\Dish\Dish;
use Database\Seed\CatalogueSeeder;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** The API against a real SQLite file; every answer is checked against the contract. */
abstract class TestCase extends Base
{
    use ReadsPaper;
    use RefreshDatabase;

    /** The console is not pretended: migrations really run. */
    public $mockConsoleOutput = false;

    /** The catalogue is there before the first test, once; what a test does to it is undone. */
    protected bool $seed = true;

    protected string $seeder = CatalogueSeeder::class;

    protected Person $chef;

    protected Person $cutter;

    protected function beforeRefreshingDatabase(): void
    {
        $file = base_path(config()->string('database.connections.sqlite.database'));
        is_file($file) || touch($file);
    }

    protected function kitchen(): void
    {
        $this->chef = Person::query()->create([
            'name' => 'Head',
            'role' => Role::HeadChef,
            'units' => 'metric',
            'pin_hash' => self::hash('1234'),
        ]);
        $this->cutter = Person::query()->create([
            'name' => 'Cutter',
            'role' => Role::Cutter,
            'units' => 'metric',
            'pin_hash' => self::hash('4321'),
        ]);
        $this->actingAs($this->chef);
    }

    /** Signed in as somebody who signs in with a PIN is. */
    public function actingAs(Authenticatable $user, $guard = null)
    {
        if ($user instanceof Person) {
            $one = SignIn::query()->create(['person_id' => $user->id, 'began_at' => '2026-01-01T00:00:00Z']);
            $this->withSession([SignIn::KEPT => $one->id]);
        }

        return parent::actingAs($user, $guard);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    protected function api(string $verb, string $path, array $body = []): TestResponse
    {
        $response = $this->json($verb, "/api{$path}", $body);
        ContractCheck::answer($verb, $path, $response);

        return $response;
    }

    /**
     * A fish out of the box.
     *
     * @param  array<string, mixed>  $other
     */
    protected function received(string $grams = '4210 g', array $other = []): string
    {
        $fish = self::id();
        $this->api('PUT', "/receive/fish/{$fish}", [
            'reading' => self::id(),
            'species' => $this->species('Hake'),
            'supplier' => 'Harbourgate Fish',
            'state' => 'gutted',
            'price_per_kg' => '13.90',
            'weight' => ['typed' => $grams],
            ...$other,
        ])->assertOk();

        return $fish;
    }

    /** @return TestResponse<Response> */
    protected function weigh(
        string $fish,
        string $part,
        string $typed,
        string $stage = 'breakdown',
        ?string $reading = null,
        ?string $from = null,
    ): TestResponse {
        $reading ??= self::id();

        return $this->api(
            'PUT',
            "/{$stage}/fish/{$fish}/readings/{$reading}",
            array_filter(['part' => $part, 'from' => $from, 'weight' => ['typed' => $typed]]),
        );
    }

    /** Every side gone over twice. */
    protected function boned(string $fish): void
    {
        foreach ((array) $this->api('GET', "/breakdown/fish/{$fish}")->json('bones') as $side) {
            $this->api('PUT', "/breakdown/fish/{$fish}/bones/".self::id(), [
                'piece' => data_get($side, 'piece'),
                'found' => data_get($side, 'expected'),
                'second_pass' => true,
            ])->assertOk();
        }
    }

    /** @return TestResponse<Response> */
    protected function done(string $fish, string $stage): TestResponse
    {
        $version = $this->api('GET', "/{$stage}/fish/{$fish}")->json('fish.version');

        return $this->api('PUT', "/{$stage}/fish/{$fish}/done", ['version' => $version]);
    }

    /** A side boned and on the portion bench, by the address its cuts are planned at. */
    protected function boardedSide(): string
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1480 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $side = $this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece');
        self::assertIsString($side);

        return "/portion/fish/{$fish}/fillets/{$side}";
    }

    protected function dish(int $target = 170, int $price = 2450): string
    {
        return Dish::query()->firstOrCreate(['name' => "Dish {$target}"], [
            'target_mg' => $target * 1000,
            'minus_mg' => 6000,
            'plus_mg' => 8000,
            'sides_minor' => 180,
            'surcharge_pct' => '5',
            'price_minor' => $price,
            'target_cost_pct' => '30',
            'version' => 1,
        ])->id;
    }

    protected function species(string $name): string
    {
        return Species::query()->where('name', $name)->firstOrFail()->id;
    }

    /** A fish broken down, portioned for a dish and routed; it waits to be costed. */
    protected function routed(): string
    {
        $fish = $this->received();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $grams
        ) {
            $this->weigh($fish, $part, $grams);
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->dish(), 'version' => $version])->assertOk();
        foreach (['170 g', '172 g', '168 g', '180 g', '160 g'] as $grams) {
            $this->weigh($fish, 'portion', $grams, 'portion')->assertOk();
        }
        $this->weigh($fish, 'tail-end', '140 g', 'portion');
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();

        return $fish;
    }

    /** A hash is dear on purpose; a test run needs each once. */
    protected static function hash(string $pin): string
    {
        static $hashes = [];

        return $hashes[$pin] ??= Pin::hash($pin);
    }

    protected static function id(): string
    {
        return (string) Str::ulid();
    }
}
