<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route as Routes;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;
use Tests\ContractCheck;
use Tests\Feature\Receive\AtTheDoor;
use Tests\MadeBySchema;

/**
 * Every address with what its schema allows, and with what it does not, from a fixed seed: never a 5xx.
 *
 * Some hundreds of requests here; SECTUM_LOAD=long sends 20,000.
 */
final class FuzzTest extends AtTheDoor
{
    private const SEED = 20261126;

    private const QUERIES = [
        'q[]=1',
        'q=%ff',
        'q=%00',
        'q='.'x%27%22%3C',
        'page[]=1',
        'page=-1',
        'page=999999999999999999999',
        'page=1.5',
        'q[a][b]=1',
        'q=%F0%9F%90%9F',
        'species[]=1',
    ];

    public function test_no_request_is_answered_with_a_broken_server(): void
    {
        $dice = new Randomizer(new Mt19937(self::SEED));
        $made = new MadeBySchema($dice);
        $routes = $this->routes();
        $asked = $answered = 0;
        for ($i = 0, $most = getenv('SECTUM_LOAD') === 'long' ? 20_000 : 500; $i < $most; $i++) {
            [$verb, $path, $schema] = $routes[$i % count($routes)];
            $this->actingAs($dice->getInt(0, 3) === 0 ? $this->cutter : $this->chef);
            $body = $schema === null ? [] : $made->by($schema);
            $query =
                $verb === 'GET' && $dice->getInt(0, 1) === 0
                    ? '?'.self::QUERIES[$dice->getInt(0, count(self::QUERIES) - 1)]
                    : '';
            $answer = $this->json($verb, "/api{$path}{$query}", is_array($body) ? $body : ['x' => $body]);
            self::assertLessThan(
                500,
                $answer->getStatusCode(),
                'seed '.
                    self::SEED.
                    ", request {$i}: {$verb} {$path}{$query} ".
                    json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE).
                    ': '.
                    ($answer->exception ?? null)?->getMessage(),
            );
            $asked++;
            $answered += $answer->getStatusCode() < 300 ? 1 : 0;
        }
        self::assertGreaterThan($asked / 20, $answered, 'some of it is right, or nothing behind the door was tried');
    }

    public function test_what_once_broke_the_server_is_refused_in_a_sentence(): void
    {
        foreach (['/fish', '/log', '/log/recall', '/receive/deliveries'] as $path) {
            foreach (['?q[]=1', '?q=%ff', '?q=%00'] as $query) {
                $this->api('GET', $path.$query)
                    ->assertStatus(422)
                    ->assertJsonPath('errors.0.pointer', '/q');
            }
        }
        $this->get('/api/log/trace/csv?q[]=1')->assertStatus(422);
        $this->api('POST', '/receive/scan', ['text' => "\u{2163}"])->assertStatus(422);
        $this->api('POST', '/receive/scan', ['text' => "]d2\u{2163}\u{2163}"])->assertStatus(422);
        $plan = [
            'fillet' => ['mass_g' => 100_000, 'length_cm' => 150, 'thickness_mm' => 90],
            'kinds' => [['id' => 'a', 'target_g' => 3.22, 'minus_g' => 1]],
            'mode' => 'fit',
        ];
        $this->api('POST', '/compute/portion-plan', $plan)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/kinds/0/target_g');
        $whole = ['price_per_kg_minor' => 1390, 'yield_pct' => 1e-300];
        $this->api('POST', '/compute/ready-cut', [
            'whole' => $whole,
            'ready' => ['price_per_kg_minor' => 2600, 'yield_pct' => 95],
        ])->assertStatus(422);
        $this->api('POST', '/compute/ready-cut', [
            'whole' => ['price_per_kg_minor' => 1e300, 'yield_pct' => 50],
            'ready' => ['price_per_kg_minor' => 2600, 'yield_pct' => 95],
        ])->assertStatus(422);
        $this->json('DELETE', '/api/kitchen')->assertStatus(405)->assertJsonPath('title', 'Not answered here');
    }

    /** @return list<array{string, string, stdClass|null}> verb, path, and the schema of the body */
    private function routes(): array
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        $bench = $this->api('GET', "/breakdown/fish/{$fish}");
        $gaps = [
            ...$this->gaps($fish),
            'rule' => 'raw_days',
            'name' => 'reconcile',
            'format' => 'json',
            'shape' => 'long-side',
            'piece' => $bench->json('pieces.1.piece'),
            'person' => $this->cutter->id,
        ];
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_intersect(['GET', 'PUT', 'POST'], $route->methods()) as $verb) {
                if (
                    ! str_starts_with($route->uri(), 'api/') ||
                    preg_match(
                        '#^api/(session|kitchen/setup|scale|probe|me/pin|kitchen/people/\{person\})#',
                        $route->uri(),
                    ) === 1
                ) {
                    continue;
                }
                $path = self::filledIn($route, $gaps);
                $routes[] = [$verb, $path, $verb === 'GET' ? null : ContractCheck::body($verb, $path)];
            }
        }

        return $routes;
    }
}
