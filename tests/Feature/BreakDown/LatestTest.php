<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\BreakDown\Yields\KeepYields;
use App\BreakDown\Yields\KeptYield;
use App\Fish\Fish;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionMethod;
use Sectum\BreakDown\YieldRecord;
use Tests\TestCase;

/** The latest of a kind count, and are found without a look at all there ever were: the same ones. */
final class LatestTest extends TestCase
{
    private const MOST = 200;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_of_each_step_the_latest_two_hundred_are_the_newest_of_that_method_and_state(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $fish = Fish::onTheBench($this->received());
        $all = [];
        $ids = $this->copies($fish, 460);
        foreach ($dice->shuffleArray($ids) as $n => $id) {
            foreach (['fillets', 'gutted', 'head:off'] as $i => $rung) {
                // A rare step, one of all, and one that another method has no word for.
                if ($n % (3 * $i + 1) === 0) {
                    $all[] = [
                        'fish_id' => $id,
                        'species_id' => $n % 23 === 0 ? $this->species('Zander') : $fish->species_id,
                        'state' => $n % 19 === 0 ? 'round' : $fish->state->value,
                        'method' => $n % 4 === 0 ? 'another' : 'the-usual',
                        'rung' => $rung,
                        'pct' => 40.0 + $n / 16.0,
                        'each_mg' => 4_000_000 + $n,
                    ];
                }
            }
        }
        array_map(KeptYield::rows()->insert(...), array_chunk($all, 300));
        $records = new ReflectionMethod(KeepYields::class, 'records');
        foreach ([null, 'the-usual', 'another', 'none so'] as $method) {
            Remembered::forget();
            $fish->method = $method;
            $expected = [];
            usort($all, fn (array $a, array $b): int => $b['fish_id'] <=> $a['fish_id']);
            foreach ($all as $one) {
                if (
                    $one['species_id'] === $fish->species_id && $one['state'] === $fish->state->value &&
                    ($method ?? $one['method']) === $one['method'] &&
                    count($expected[$one['rung']] ?? []) < self::MOST
                ) {
                    $expected[$one['rung']][] = [$one['pct'], $one['each_mg']];
                }
            }
            ksort($expected);
            /** @var array<string, list<array{YieldRecord}>> $found */
            $found = $records->invoke(null, $fish);
            ksort($found);
            self::assertSame($expected, array_map(fn (array $step): array => array_map(
                fn (array $one): array => [$one[0]->pct, $one[0]->whole->milligrams ?? null],
                $step,
            ), $found), (string) $method);
        }
        Remembered::forget();
        $fish->method = null;
        self::assertCount(self::MOST, (array) data_get($records->invoke(null, $fish), 'fillets'));
    }

    public function test_where_the_last_bone_of_a_side_was_stands_beside_its_passes(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $fish = [$this->received(), $this->received(other: ['species' => $this->species('Zander')])];
        foreach ($fish as $one) {
            $this->weigh($one, 'side-a', '1480 g')->assertOk();
            $this->weigh($one, 'side-b', '1470 g')->assertOk();
        }
        for ($i = 0; $i < 24; $i++) {
            $one = $fish[$dice->getInt(0, 1)];
            $sides = (array) $this->api('GET', "/breakdown/fish/{$one}")->json('bones.*.piece');
            $this->api('PUT', "/breakdown/fish/{$one}/bones/".self::id(), [
                'piece' => $dice->getInt(0, 1) === 0 ? $sides[0] : $sides[1],
                'found' => 3,
                'running' => true,
                'marks' => array_map(fn (): float => $dice->getInt(0, 100) / 100, range(1, $dice->getInt(1, 3))),
            ])->assertOk();
            $this->api('PUT', "/breakdown/fish/{$one}/bones/".self::id(), ['piece' => $sides[0], 'found' => 4])
                ->assertOk();
            self::assertSame($this->workedOut(), $this->marked());
        }
        self::assertCount(4, $this->marked());
        // One that turns out to be another kind takes its sides with it.
        Fish::query()->whereKey($fish[0])->update(['species_id' => $this->species('Zander')]);
        self::assertSame($this->workedOut(), $this->marked());
    }

    /** @return list<array<string, string|int|float|null>> */
    private function marked(): array
    {
        return $this->cells('select piece_id, species_id, farthest from marked_sides order by piece_id');
    }

    /** @return list<array<string, string|int|float|null>> the same out of all passes */
    private function workedOut(): array
    {
        return $this->cells(
            "select piece_id, species_id, cast((select max(value) from json_each(marks)) as real) as farthest
            from bone_checks as pass join fish on fish.id = fish_id
            where marks != '[]' and not exists (select 1 from bone_checks as later where
                later.piece_id = pass.piece_id and later.marks != '[]' and later.rowid > pass.rowid)
            order by piece_id",
        );
    }

    /** @return list<array<string, string|int|float|null>> */
    private function cells(string $question): array
    {
        return array_map(
            fn (Row $row): array => $row->cells(['piece_id', 'species_id', 'farthest']),
            Row::selected($question, []),
        );
    }

    /** @return list<string> of fish like this one */
    private function copies(Fish $fish, int $many): array
    {
        $ids = $rows = [];
        for ($i = 0; $i < $many; $i++) {
            $ids[] = $id = (string) Str::ulid();
            $rows[] = [...(array) Fish::rows()->where('id', $fish->id)->first(), 'id' => $id, 'number' => 5000 + $i];
        }
        array_map(fn (array $some) => DB::table('fish')->insert($some), array_chunk($rows, 100));

        return $ids;
    }
}
