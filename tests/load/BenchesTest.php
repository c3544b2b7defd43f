<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Support\Str;

/**
 * Benches that all write at once, on one kitchen computer. The short form runs with every other test and counts;
 * SECTUM_LOAD=long is the proof: eight that write and four that read for a minute.
 */
final class BenchesTest extends LiveKitchen
{
    /** What each writes, and how often each reads, in the short form: a slow machine takes longer, and no less. */
    private const EACH = 12;

    public function test_nobody_is_turned_away_however_fast_they_write(): void
    {
        $this->many('Eight write, four read, at full speed', 0);
    }

    /** A weight every third of a second from each of eight: faster than any hand. */
    public function test_nobody_waits_long_at_the_pace_of_the_fastest_hands(): void
    {
        $crowd = $this->many('Eight write, four read, each three times a second', 0.33);
        if (self::long()) {
            self::assertLessThan(300, $crowd->percentile(0.95), 'milliseconds, 95 of 100 answers');
        }
    }

    private function many(string $what, float $pause): Crowd
    {
        $fish = array_map(fn (): string => $this->live->receive(), range(1, 8));
        $acknowledged = [];
        $writers = [];
        foreach ($fish as $one) {
            $writers[] = $this->writer($one, $acknowledged, $pause);
        }
        $crowd = new Crowd($this->live->address());
        $crowd->run(
            [
                ...$writers,
                ...array_map(fn (string $one): Generator => $this->reader($one, $pause), array_slice($fish, 0, 4)),
            ],
            self::long() ? 60 : 300,
        );
        $this->say($what, $crowd);
        self::assertSame([], $crowd->broken);
        self::assertSame(0, $crowd->count(400, 599));
        self::assertSame(
            [],
            array_diff($acknowledged, $this->stored('select id from readings')),
            'what was acknowledged is there',
        );
        self::long()
            ? self::assertGreaterThan(50, count($acknowledged))
            : self::assertCount(8 * self::EACH, $acknowledged);

        return $crowd;
    }

    public function test_the_same_ids_from_eight_at_once_are_each_written_once(): void
    {
        $fish = $this->live->receive();
        $ids = array_map(fn (): string => (string) Str::ulid(), range(1, self::long() ? 60 : 12));
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (int $i): Generator => $this->same($fish, $ids, $i % 2 === 0), range(1, 8)), 120);
        $this->say('The same '.count($ids).' readings from eight', $crowd);
        self::assertSame([200 => 8 * (count($ids) + 2)], $crowd->statuses);
        $stored = $this->stored('select id from readings');
        self::assertSame([], array_diff($ids, $stored));
        self::assertCount(count($ids) + 1, $stored, 'with the fish itself');
        self::assertSame([1 + count($ids)], $this->stored('select count(*) from pieces'));
    }

    public function test_pins_guessed_at_the_same_moment_are_all_counted(): void
    {
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (int $i): Generator => $this->guesses($i), range(1, 8)), 20);
        $this->say('Eight guess a PIN three times each', $crowd);
        // Five are looked at and wrong; every other one is told to wait, whichever came first.
        self::assertSame([5, 19], [$crowd->statuses[422] ?? 0, $crowd->statuses[429] ?? 0]);
        self::assertSame([5], $this->stored('select count(*) from pin_tries where failed = 1'));
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function guesses(int $i): Generator
    {
        yield ['GET', '/kitchen', []];
        for ($guess = 0; $guess < 3; $guess++) {
            yield ['POST', '/session', ['person' => $this->chef, 'pin' => (string) (5000 + 10 * $i + $guess)]];
        }
    }

    /**
     * @param  list<string>  $acknowledged
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function writer(string $fish, array &$acknowledged, float $pause): Generator
    {
        yield from $this->signsIn();
        $last = [];
        for ($i = 1; self::long() || $i <= self::EACH; $i++) {
            $reading = (string) Str::ulid();
            // The same few parts are weighed again and again, as at a bench: a reading voided, another in its place.
            $body = [
                'part' => ['fins', 'head', 'collar', 'frame', 'scrapings'][$i % 5],
                'weight' => ['typed' => 5 + ($i % 40).' g'],
            ];
            if ($i > 5) {
                $body['replaces'] = $last[$i % 5];
            }
            [$status] = (yield ['PUT', "/breakdown/fish/{$fish}/readings/{$reading}", $body]);
            if ($status === 200) {
                $acknowledged[] = $reading;
                $last[$i % 5] = $reading;
            }
            if ($pause > 0) {
                yield ['PAUSE', (string) $pause, []];
            }
        }
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function reader(string $fish, float $pause): Generator
    {
        yield from $this->signsIn();
        for ($i = 1; self::long() || $i <= self::EACH; $i++) {
            yield ['GET', "/breakdown/fish/{$fish}", []];
            yield ['GET', '/spine', []];
            yield ['GET', '/receive/cold-room', []];
            if ($pause > 0) {
                yield ['PAUSE', (string) $pause, []];
            }
        }
    }

    /**
     * @param  list<string>  $ids
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function same(string $fish, array $ids, bool $small): Generator
    {
        yield from $this->signsIn();
        foreach ($ids as $i => $id) {
            yield [
                'PUT',
                "/breakdown/fish/{$fish}/readings/".($small ? strtolower($id) : $id),
                ['part' => 'fins', 'weight' => ['typed' => 5 + $i.' g']],
            ];
        }
    }

    private function say(string $what, Crowd $crowd): void
    {
        fwrite(
            STDERR,
            sprintf(
                "\n%s: %d answers, %d of them 5xx, p50 %.0f ms, p95 %.0f ms, longest %.0f ms\n",
                $what,
                count($crowd->took),
                $crowd->count(500, 599),
                $crowd->percentile(0.5),
                $crowd->percentile(0.95),
                $crowd->percentile(1),
            ),
        );
    }

    private static function long(): bool
    {
        return getenv('SECTUM_LOAD') === 'long';
    }
}
