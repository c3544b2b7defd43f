<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use Illuminate\Routing\Route;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A kitchen with a delivery at the door. */
abstract class AtTheDoor extends TestCase
{
    protected const BRIGHT = ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0, 'cavity' => 0];

    protected string $delivery;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->delivery = self::id();
        $this->api('PUT', "/receive/deliveries/{$this->delivery}", [
            'supplier' => 'Harbourgate Fish',
            'number' => 'HG-2041',
        ])->assertOk();
    }

    /** @param  array<string, mixed>  $what */
    protected function line(string $species = 'Hake', array $what = []): string
    {
        $line = self::id();
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/{$line}", [
            'species' => $this->species($species),
            'state' => 'gutted',
            ...$what,
        ])->assertOk();

        return $line;
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    protected function weighIn(string $line, string $typed, array $what = [], ?string $fish = null): TestResponse
    {
        return $this->api('PUT', "/receive/lines/{$line}/fish/".($fish ?? self::id()), [
            'reading' => self::id(),
            'weight' => ['typed' => $typed],
            ...$what,
        ]);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    protected function inspect(string $line, array $what = []): TestResponse
    {
        return $this->api('PUT', '/receive/inspections/'.self::id(), [
            'line' => $line,
            'fish' => [],
            'grades' => self::BRIGHT,
            ...$what,
        ]);
    }

    /** @return array<string, string> what is there to fill the gaps of an address with, by the name of the gap */
    protected function gaps(string $fish): array
    {
        return [
            'bin' => 'stock',
            'fish' => $fish,
            'species' => $this->species('Brill'),
            'delivery' => $this->delivery,
            'line' => $this->line(),
            'dish' => $this->dish(),
            'method' => 'round-two',
            'tray' => 'lid',
        ];
    }

    /**
     * The path of an address behind /api, its gaps filled; with an id of nothing where there is nothing to fill one
     * with.
     *
     * @param  array<string, mixed>  $gaps
     */
    protected static function filledIn(Route $route, array $gaps): string
    {
        return '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $gap): string => is_string($with = $gaps[$gap[1]] ?? null) ? $with : self::id(),
            substr($route->uri(), 4),
        );
    }

    /** @return TestResponse<Response> */
    protected function close(): TestResponse
    {
        $version = $this->api('GET', "/receive/deliveries/{$this->delivery}")->json('delivery.version');

        return $this->api('PUT', "/receive/deliveries/{$this->delivery}/closed", ['version' => $version]);
    }
}
