<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;

/** Eight tablets say where they are, and what they write is heard by each of them, once. */
final class TabletsTest extends LiveKitchen
{
    private int $ready = 0;

    /** @var array<string, list<string>> the fish each heard of, by the fish it wrote itself */
    private array $heard = [];

    /** @var array<int, string> where each tablet stands in the end */
    private array $boards = [];

    public function test_each_hears_of_every_fish_however_many_write_at_once(): void
    {
        $fish = array_map(fn (): string => self::id(), range(1, 8));
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (string $one): Generator => $this->writesAndListens($one, $fish), $fish), 60);
        self::assertSame([], $crowd->broken);
        sort($fish);
        foreach ($this->heard as $heard) {
            sort($heard);
            self::assertSame($fish, $heard);
        }
        self::assertCount(8, $this->heard);
        // The file they share is whole, and has as many tabs in it.
        $file = (string) file_get_contents("{$this->live->database}-tablets");
        $kept = json_decode($file, true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($kept);
        self::assertCount(8, (array) $kept['here']);
    }

    public function test_a_language_chosen_in_eight_places_at_once_is_one_of_those_chosen(): void
    {
        $crowd = $this->eight(fn (int $n): array => ['PUT', '/me/language', ['language' => $n % 2 ? 'es' : 'fr']]);
        self::assertSame([200], array_keys($crowd->statuses));
        self::assertContains($this->stored('select language from people')[0], ['es', 'fr']);
        $crowd = $this->eight(fn (int $n): array => ['PUT', '/me/language', ['language' => 'xx']]);
        self::assertSame(8, $crowd->statuses[422] ?? 0);
        self::assertContains($this->stored('select language from people')[0], ['es', 'fr']);
    }

    public function test_each_tablet_stands_at_its_own_board_whatever_the_others_choose(): void
    {
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (int $n): Generator => $this->stands($n), range(1, 8)), 60);
        self::assertSame([], $crowd->broken);
        ksort($this->boards);
        self::assertSame([1 => 'a', 'b', 'a', 'b', 'a', 'b', 'a', 'b'], $this->boards);
    }

    /**
     * @param  list<string>  $all
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function writesAndListens(string $fish, array $all): Generator
    {
        yield from $this->signsIn();
        $species = $this->stored("select id from species where name = 'Hake'")[0];
        $here = '/here/'.self::id();
        [, $first] = yield ['PUT', $here, ['at' => '/receive']];
        $since = is_array($first) ? $first['n'] : null;
        self::assertIsInt($since);
        $this->ready++;
        while ($this->ready < count($all)) {
            yield ['PAUSE', '0.05', []];
        }
        yield ['PUT', "/receive/fish/{$fish}", [
            'reading' => self::id(),
            'species' => $species,
            'supplier' => 'Harbourgate Fish',
            'state' => 'gutted',
            'weight' => ['typed' => '4 kg'],
        ]];
        $this->heard[$fish] = [];
        for ($asked = 0; $asked < 60 && count($this->heard[$fish]) < count($all); $asked++) {
            yield ['PAUSE', '0.1', []];
            [, $told] = yield ['PUT', $here, ['at' => '/receive', 'since' => $since]];
            self::assertIsArray($told);
            self::assertIsArray($told['fish']);
            $since = $told['n'];
            // Heard once: a second time it would stand in the list twice.
            array_push($this->heard[$fish], ...array_map(strval(...), array_filter($told['fish'], is_string(...))));
        }
    }

    /**
     * Chooses a board, and is asked a little later where it stands.
     *
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function stands(int $n): Generator
    {
        yield from $this->signsIn();
        yield ['PUT', '/tablet/board', ['board' => $n % 2 ? 'a' : 'b']];
        yield ['PAUSE', '0.3', []];
        [, $kitchen] = yield ['GET', '/kitchen', []];
        foreach (is_array($kitchen) && is_array($kitchen['boards']) ? $kitchen['boards'] : [] as $one) {
            if (is_array($one) && $one['here'] === true) {
                $this->boards[$n] = is_string($one['board']) ? $one['board'] : '';
            }
        }
    }
}
