<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;
use Illuminate\Support\Str;
use PDO;

/** What there is once is had once, however many reach for it at the same moment. */
final class OneOfEachTest extends LiveKitchen
{
    public function test_a_litre_is_drawn_once_and_never_below_zero(): void
    {
        $batch = $this->batchOfALitre();
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (): Generator => $this->draws($batch), range(1, 8)), 30);
        self::assertSame([], $crowd->broken);
        // Eight ask for 0.4 L three times each: two get it, and what is left is too little for a third.
        self::assertSame([800], $this->stored('select sum(milli) from batch_draws'));
        self::assertSame([2], $this->stored('select count(*) from batch_draws'));
    }

    public function test_one_credit_note_in_eight_hands_is_entered_once(): void
    {
        $delivery = (string) Str::ulid();
        $first = new Crowd($this->live->address());
        $first->run([$this->claims($delivery)], 30);
        self::assertSame([], $first->broken);
        $crowd = new Crowd($this->live->address());
        $crowd->run(array_map(fn (): Generator => $this->credits($delivery), range(1, 8)), 30);
        self::assertSame([], $crowd->broken);
        self::assertSame([1], $this->stored("select count(*) from claim_steps where step = 'credited'"));
        self::assertSame(7, $crowd->statuses[422] ?? 0);
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function draws(string $batch): Generator
    {
        yield from $this->signsIn();
        for ($i = 0; $i < 3; $i++) {
            yield ['PUT', "/route/batches/{$batch}/draws/".Str::ulid(), ['amount' => 0.4, 'for' => 'staff']];
        }
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function claims(string $delivery): Generator
    {
        yield from $this->signsIn();
        $species = $this->stored("select id from species where name = 'Hake'")[0];
        $line = (string) Str::ulid();
        yield ['PUT', "/receive/deliveries/{$delivery}", ['supplier' => 'Harbourgate Fish', 'number' => 'HG-1']];
        yield [
            'PUT',
            "/receive/deliveries/{$delivery}/lines/{$line}",
            ['species' => $species, 'state' => 'gutted', 'invoiced' => '5 kg', 'price' => '9.80'],
        ];
        yield [
            'PUT',
            "/receive/lines/{$line}/fish/".Str::ulid(),
            ['reading' => (string) Str::ulid(), 'weight' => ['typed' => '3 kg']],
        ];
        yield ['PUT', "/receive/deliveries/{$delivery}/claim/".Str::ulid(), ['step' => 'sent']];
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function credits(string $delivery): Generator
    {
        yield from $this->signsIn();
        yield [
            'PUT',
            "/receive/deliveries/{$delivery}/claim/".Str::ulid(),
            ['step' => 'credited', 'number' => 'CN-7', 'items' => ['19.60']],
        ];
    }

    private function batchOfALitre(): string
    {
        $batch = (string) Str::ulid();
        $recipe = $this->database()->query("select * from recipes where name = 'White stock'");
        $row = $recipe === false ? false : $recipe->fetch(PDO::FETCH_ASSOC);
        self::assertIsArray($row);
        foreach (['ingredients', 'marks'] as $json) {
            $row[$json] = json_decode(is_string($row[$json]) ? $row[$json] : '[]', true);
        }
        $this->database()
            ->prepare(
                'insert into makings (id, number, recipe_id, recipe, pots, made_by, made_at, use_by, why_then, '.
                    "yield_milli) values (?, 1, ?, ?, '[]', ?, ?, ?, '', '1000')",
            )
            ->execute([
                $batch,
                $row['id'],
                json_encode($row),
                $this->chef,
                now()->format(DATE_ATOM),
                now()->addDays(2)->format('Y-m-d'),
            ]);

        return $batch;
    }
}
