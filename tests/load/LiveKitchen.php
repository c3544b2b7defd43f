<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Foundation\Testing\TestCase;
use PDO;
use Tests\Feature\Devices\LiveServer;

/** A kitchen computer that serves, its head chef, and its database as it was left. */
abstract class LiveKitchen extends TestCase
{
    protected LiveServer $live;

    protected string $chef;

    protected function setUp(): void
    {
        parent::setUp();
        $this->live = new LiveServer(8446, 4, 8448);
        $this->chef = $this->live->setUpKitchen();
    }

    protected function tearDown(): void
    {
        $this->live->end();
        parent::tearDown();
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    protected function signsIn(): Generator
    {
        yield ['GET', '/kitchen', []];
        yield ['POST', '/session', ['person' => $this->chef, 'pin' => LiveServer::PIN]];
    }

    protected function database(): PDO
    {
        return new PDO('sqlite:'.$this->live->database);
    }

    /** @return list<string|int> the first column */
    protected function stored(string $query): array
    {
        $rows = $this->database()->query($query);

        return $rows === false ? [] : array_values($rows->fetchAll(PDO::FETCH_COLUMN));
    }
}
