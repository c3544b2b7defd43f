<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
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

    /**
     * Eight hands ask at the same moment.
     *
     * @param  callable(int): array{string, string, array<string, mixed>}  $asks
     */
    protected function eight(callable $asks): Crowd
    {
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (int $n): Generator => $this->hand($asks($n)), range(1, 8)), 60);
        self::assertSame([], $crowd->broken);

        return $crowd;
    }

    /**
     * @param  array{string, string, array<string, mixed>}  $asks
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    protected function hand(array $asks): Generator
    {
        yield from $this->signsIn();
        yield $asks;
    }

    protected static function id(): string
    {
        return (string) Str::ulid();
    }
}
