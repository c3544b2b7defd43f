<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;

/** Views, complaints, trays held, old notebooks in eight hands at the same moment; eight who open the log at once. */
final class LoggedTest extends LiveKitchen
{
    private string $fish;

    private string $dish;

    private string $tray;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->fish, $this->dish, $this->tray] = [self::id(), self::id(), self::id()];
        $first = new Crowd($this->live->address());
        $first->run([$this->setsUp()], 60);
        self::assertSame([], $first->broken);
        [$day, $at] = [now()->addDay()->format('Y-m-d'), now()->format('Y-m-d\TH:i:s.v\Z')];
        $write = fn (string $sql, array $values) => $this->database()->prepare($sql)->execute($values);
        $write(
            'insert into batches (id, number, dish_id, made_by, made_at, use_by, why_then) '.
                "values (?, 1, ?, ?, ?, ?, '')",
            [$this->tray, $this->dish, $this->chef, $at, $day],
        );
        $write(
            'insert into kept_lots (id, tray_id, dish_id, count, until, why_then, cut_on, put_by, put_at) '.
                "values (?, ?, ?, 20, ?, '', ?, ?, ?)",
            [$this->tray, $this->tray, $this->dish, $day, $day, $this->chef, $at],
        );
        $write(
            'insert into pieces (id, fish_id, parent_id, part, name, place, batch_id) '.
                "values (?, ?, null, 'portion', 'Portion 1', 9, ?)",
            [self::id(), $this->fish, $this->tray],
        );
    }

    public function test_of_eight_changes_to_one_view_one_stands(): void
    {
        $view = self::id();
        $this->eight(fn (): array => ['PUT', "/log/views/{$view}", ['name' => 'Hake', 'query' => 'q=hake']]);
        self::assertSame([1], $this->stored('select count(*) from log_views'));
        $crowd = $this->eight(fn (int $n): array => [
            'PUT',
            "/log/views/{$view}",
            ['name' => "Hake {$n}", 'query' => 'q=hake', 'version' => 1],
        ]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        self::assertSame([2], $this->stored('select version from log_views'));
    }

    public function test_eight_complaints_have_numbers_of_their_own_and_hold_a_tray_once(): void
    {
        $body = ['kind' => 'bone', 'said' => 'A bone', 'tray' => $this->tray];
        $one = self::id();
        $this->eight(fn (): array => ['PUT', "/log/complaints/{$one}", $body]);
        self::assertSame([1], $this->stored('select count(*) from complaints'));
        $this->eight(fn (): array => ['PUT', '/log/complaints/'.self::id(), $body]);
        self::assertSame(range(1, 9), $this->stored('select number from complaints order by number'));
        self::assertSame([1], $this->stored('select count(*) from lot_holds'));
        $act = self::id();
        $answer = ['what' => 'answered', 'text' => 'We spoke'];
        $this->eight(fn (): array => ['PUT', "/log/complaints/{$one}/steps/{$act}", $answer]);
        self::assertSame([1], $this->stored("select count(*) from complaint_steps where what = 'answered'"));
    }

    public function test_nothing_is_served_of_a_tray_after_it_is_held(): void
    {
        $crowd = $this->eight(fn (int $n): array => $n === 4
            ? ['PUT', '/log/complaints/'.self::id(), ['kind' => 'illness', 'said' => 'Unwell', 'tray' => $this->tray]]
            : ['PUT', "/hold/kept/dishes/{$this->dish}/out/".self::id(), ['how' => 'served', 'count' => 1]]);
        $served = (int) $this->stored('select coalesce(sum(count), 0) from kept_leavings')[0];
        self::assertSame(7 - $served, $crowd->statuses[422] ?? 0, 'who came after it was told so');
        self::assertSame([0], $this->stored(
            'select count(*) from kept_leavings where left_at > (select held_at from lot_holds)',
        ));
        $after = $this->eight(fn (): array => [
            'PUT',
            "/hold/kept/dishes/{$this->dish}/out/".self::id(),
            ['how' => 'served', 'count' => 1],
        ]);
        self::assertSame(8, $after->statuses[422] ?? 0);
    }

    public function test_eight_who_open_the_log_at_once_enter_every_fish_once(): void
    {
        $this->eight(fn (int $n): array => ['GET', $n % 2 === 0 ? '/log' : '/log/drift', []]);
        self::assertSame([1], $this->stored('select count(*) from logged_fish'));
    }

    public function test_an_old_notebook_sent_by_eight_is_taken_over_once(): void
    {
        $act = self::id();
        $body = ['name' => 'old.csv', 'file' => "Fish,Weight,Yield\nHake,2100,58\nHake,1900,57\n"];
        $this->eight(fn (): array => ['PUT', "/log/house/yields/{$act}", $body]);
        self::assertSame([2], $this->stored('select count(*) from old_yields'));
        $this->eight(fn (): array => ['PUT', "/log/house/yields/{$act}/taken-back", []]);
        self::assertSame([0], $this->stored('select count(*) from old_yields'));
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function setsUp(): Generator
    {
        yield from $this->signsIn();
        yield [
            'PUT',
            "/portion/dishes/{$this->dish}",
            ['name' => 'Hake', 'target' => '170 g', 'minus' => '6 g', 'plus' => '8 g', 'price' => '24.50'],
        ];
        yield [
            'PUT',
            "/receive/fish/{$this->fish}",
            [
                'reading' => self::id(),
                'species' => (string) $this->stored("select id from species where name = 'Hake'")[0],
                'supplier' => 'Harbourgate Fish',
                'state' => 'gutted',
                'price_per_kg' => '13.90',
                'weight' => ['typed' => '2000 g'],
            ],
        ];
    }
}
