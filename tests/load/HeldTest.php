<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;

/** Portions, places, freezing runs, treatments and thaws in eight hands at the same moment. */
final class HeldTest extends LiveKitchen
{
    private string $dish;

    private string $tray;

    private string $place;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->dish, $this->tray, $this->place] = [self::id(), self::id(), self::id()];
        $first = new Crowd($this->live->address());
        $first->run([$this->setsUp()], 60);
        self::assertSame([], $first->broken);
        $day = now()->addDay()->format('Y-m-d');
        $at = now()->format('Y-m-d\TH:i:s.v\Z');
        $this->database()
            ->prepare(
                'insert into batches (id, number, dish_id, made_by, made_at, use_by, why_then) '.
                    "values (?, 1, ?, ?, ?, ?, '')",
            )
            ->execute([$this->tray, $this->dish, $this->chef, $at, $day]);
        $this->database()
            ->prepare(
                'insert into kept_lots (id, tray_id, dish_id, count, until, why_then, cut_on, put_by, put_at) '.
                    "values (?, ?, ?, 5, ?, '', ?, ?, ?)",
            )
            ->execute([$this->tray, $this->tray, $this->dish, $day, $day, $this->chef, $at]);
    }

    public function test_five_portions_are_served_five_times_and_one_act_counts_once(): void
    {
        $crowd = $this->eight(fn (): array => [
            'PUT',
            "/hold/kept/dishes/{$this->dish}/out/".self::id(),
            ['how' => 'served', 'count' => 1],
        ]);
        self::assertSame(3, $crowd->statuses[422] ?? 0);
        self::assertSame([5], $this->stored('select sum(count) from kept_leavings'));
        $act = (string) $this->stored('select act from kept_leavings limit 1')[0];
        $undo = self::id();
        $this->eight(fn (): array => ['PUT', "/hold/kept/undone/{$undo}", ['undoes' => $act]]);
        self::assertSame([4], $this->stored('select sum(count) from kept_leavings'));
        $crowd = $this->eight(fn (): array => ['PUT', '/hold/kept/undone/'.self::id(), ['undoes' => $act]]);
        self::assertSame(8, $crowd->statuses[409] ?? 0);
        $count = self::id();
        $this->eight(fn (): array => [
            'PUT',
            "/hold/kept/counted/{$count}",
            ['counts' => [['dish' => $this->dish, 'there' => 0, 'reason' => 'gone']]],
        ]);
        self::assertSame([5], $this->stored('select sum(count) from kept_leavings'));
    }

    public function test_one_tray_freezes_once_is_treated_once_and_thaws_once(): void
    {
        $crowd = $this->eight(fn (): array => [
            'PUT',
            '/hold/freezing/'.self::id(),
            ['place' => $this->place, 'purpose' => 'keep', 'items' => [['tray' => $this->tray]]],
        ]);
        self::assertSame(7, $crowd->statuses[422] ?? 0);
        self::assertSame([1], $this->stored('select count(*) from freezing_runs'));
        self::assertSame([5], $this->stored("select count from kept_lots where state = 'frozen'"));
        $item = (string) $this->stored('select id from run_items')[0];
        $crowd = $this->eight(fn (): array => ['PUT', '/hold/thaws/'.self::id(), ['item' => $item, 'how' => 'water']]);
        self::assertSame(7, $crowd->statuses[422] ?? 0);
        $thaw = (string) $this->stored('select id from thaws')[0];
        $this->eight(fn (): array => ['PUT', "/hold/thaws/{$thaw}/started", ['version' => 1]]);
        $this->eight(fn (): array => [
            'PUT',
            "/hold/thaws/{$thaw}/finished",
            ['version' => 2, 'temperature' => ['typed' => '2']],
        ]);
        self::assertSame([3], $this->stored('select version from thaws'));
        self::assertSame([5], $this->stored("select count from kept_lots where state = 'thawed'"));
    }

    public function test_a_treatment_a_reading_and_a_check_in_eight_hands_are_one_each(): void
    {
        [$treating, $reading, $check, $act] = [self::id(), self::id(), self::id(), self::id()];
        $light = (string) $this->stored("select id from treatments where name = 'Light brine'")[0];
        $begin = ['treatment' => $light, 'weight' => ['typed' => '800 g'], 'things' => [['tray' => $this->tray]]];
        $this->eight(fn (): array => ['PUT', "/hold/treatings/{$treating}", $begin]);
        $this->eight(fn (): array => ['PUT', "/hold/treatings/{$treating}/started", ['version' => 1]]);
        $this->eight(fn (): array => ['PUT', "/hold/treatings/{$treating}/ended", ['version' => 2]]);
        $crowd = $this->eight(fn (int $n): array => [
            'PUT',
            "/hold/treatings/{$treating}/weighed",
            ['weight' => ['typed' => 800 + 5 * ($n % 2).' g'], 'version' => 3],
        ]);
        self::assertSame(4, $crowd->statuses[409] ?? 0);
        self::assertSame([4], $this->stored('select version from treatings'));
        $shown = ['temperature' => ['typed' => '-37.5']];
        $this->eight(fn (): array => ['PUT', "/hold/places/{$this->place}/readings/{$reading}", $shown]);
        $this->eight(fn (): array => ['PUT', "/hold/places/{$this->place}/acts/{$act}", ['what' => 'door shut']]);
        $this->eight(fn (): array => [
            'PUT',
            "/hold/checks/{$check}",
            ['instrument' => 'probe', 'temperature' => ['typed' => '0.1']],
        ]);
        foreach (['treatings', 'temperatures', 'place_acts', 'instrument_checks'] as $table) {
            self::assertSame([1], $this->stored("select count(*) from {$table}"), $table);
        }
        $crowd = $this->eight(fn (): array => [
            'PUT',
            '/hold/places/'.self::id(),
            ['name' => 'One room', 'kind' => 'cold-room', 'every_h' => 12],
        ]);
        self::assertSame(7, $crowd->statuses[422] ?? 0);
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function setsUp(): Generator
    {
        yield from $this->signsIn();
        yield [
            'PUT',
            "/portion/dishes/{$this->dish}",
            ['name' => 'Hake', 'target' => '170 g', 'minus' => '8 g', 'plus' => '8 g'],
        ];
        yield ['PUT', "/hold/places/{$this->place}", ['name' => 'Blast', 'kind' => 'blast', 'every_h' => 12]];
    }
}
