<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Support\Str;

/** Pieces put together, graded and cut by one pattern, by several hands at the same moment. */
final class TogetherTest extends LiveKitchen
{
    private string $fish;

    private string $dish;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->fish, $this->dish] = [(string) Str::ulid(), (string) Str::ulid()];
        $first = new Crowd($this->live->address());
        $first->run([$this->lays()], 60);
        self::assertSame([], $first->broken);
    }

    public function test_the_same_four_fillets_in_eight_hands_make_two_servings(): void
    {
        $pieces = $this->stored("select id from pieces where part = 'portion' order by place");
        self::assertCount(4, $pieces);
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (): Generator => $this->pairs($pieces), range(1, 8)), 60);
        self::assertSame([], $crowd->broken);
        self::assertSame([2], $this->stored('select count(*) from servings'));
        self::assertSame(
            [2, 2],
            $this->stored('select count(*) from pieces where serving_id is not null group by serving_id'),
        );
        self::assertSame(7, $crowd->statuses[409] ?? 0);
    }

    public function test_one_pattern_laid_by_eight_hands_is_laid_once(): void
    {
        $this->database()->exec('delete from cuts');
        $piece = (string) $this->stored("select id from pieces where part = 'fillets'")[0];
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (int $n): Generator => $this->pattern($piece, 30 + $n % 2), range(1, 8)), 60);
        self::assertSame([], $crowd->broken);
        // Half of them ask for thirty fillets, half for thirty-one: the first is laid, whoever asks otherwise is told.
        self::assertSame([1], $this->stored('select count(*) from patterns'));
        self::assertSame([1], $this->stored('select version from patterns'));
        self::assertSame(4, $crowd->statuses[409] ?? 0);
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function lays(): Generator
    {
        yield from $this->signsIn();
        $species = $this->stored("select id from species where name = 'Rainbow trout'")[0];
        yield [
            'PUT',
            "/portion/dishes/{$this->dish}",
            ['name' => 'Trout', 'target' => '200 g', 'minus' => '8 g', 'plus' => '8 g', 'per_plate' => 2],
        ];
        yield [
            'PUT',
            "/receive/fish/{$this->fish}",
            [
                'reading' => (string) Str::ulid(),
                'species' => $species,
                'supplier' => 'Harbourgate Fish',
                'state' => 'gutted',
                'weight' => ['typed' => '4900 g'],
            ],
        ];
        yield $this->reads('breakdown', 'fillets', '3200 g');
        $piece = $this->stored("select id from pieces where part = 'fillets'")[0];
        yield [
            'PUT',
            "/breakdown/fish/{$this->fish}/bones/".Str::ulid(),
            ['piece' => $piece, 'found' => 58, 'second_pass' => true],
        ];
        yield ['PUT', "/breakdown/fish/{$this->fish}/done", ['version' => $this->version()]];
        yield ['PUT', "/portion/fish/{$this->fish}/dish", ['dish' => $this->dish, 'version' => $this->version()]];
        if ($this->name() === 'test_the_same_four_fillets_in_eight_hands_make_two_servings') {
            foreach (['92 g', '110 g', '97 g', '104 g'] as $mass) {
                yield $this->reads('portion', 'portion', $mass);
            }
        }
    }

    /** @return array{string, string, array<string, mixed>} */
    private function reads(string $stage, string $part, string $mass): array
    {
        return [
            'PUT',
            "/{$stage}/fish/{$this->fish}/readings/".Str::ulid(),
            ['part' => $part, 'weight' => ['typed' => $mass], 'sure' => true],
        ];
    }

    private function version(): int
    {
        return (int) ($this->stored("select version from fish where id = '{$this->fish}'")[0] ?? 0);
    }

    /**
     * @param  list<string|int>  $pieces
     * @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void>
     */
    private function pairs(array $pieces): Generator
    {
        yield from $this->signsIn();
        yield [
            'PUT',
            "/portion/dishes/{$this->dish}/servings",
            [
                'servings' => [
                    ['id' => (string) Str::ulid(), 'pieces' => [$pieces[0], $pieces[1]]],
                    ['id' => (string) Str::ulid(), 'pieces' => [$pieces[2], $pieces[3]]],
                ],
            ],
        ];
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function pattern(string $piece, int $fillets): Generator
    {
        yield from $this->signsIn();
        yield [
            'PUT',
            "/portion/fish/{$this->fish}/fillets/{$piece}/pattern",
            ['dish' => $this->dish, 'fillets' => $fillets],
        ];
    }
}
