<?php

declare(strict_types=1);

namespace Tests\load;

/** A drill, a level and a signature in eight hands at the same moment. */
final class PractisedTest extends LiveKitchen
{
    private const SEED = '0000dem0';

    public function test_a_drill_is_drawn_moved_and_answered_once(): void
    {
        $this->eight(fn (int $i): array => [
            'PUT',
            '/practise/drills/'.self::id(),
            ['skill' => 'bones', 'subject' => 'short', 'seed' => self::SEED],
        ]);
        self::assertSame([1], $this->stored('select count(*) from drills'));
        $drill = (string) $this->stored('select id from drills')[0];
        $crowd = $this->eight(fn (int $i): array => [
            'PUT',
            "/practise/drills/{$drill}/moves/1",
            ['stroke' => [[0, 0], [0.1 * $i + 0.05, 0]], 'seconds' => 2],
        ]);
        self::assertSame([1], $this->stored('select count(*) from drill_moves'));
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        $crowd = $this->eight(fn (int $i): array => [
            'PUT',
            "/practise/drills/{$drill}/answer",
            ['taps' => [[0.1 * $i + 0.05, 0]]],
        ]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        $kept = $this->stored('select answer from drills');
        $this->eight(fn (): array => [
            'PUT',
            "/practise/drills/{$drill}/answer",
            (array) json_decode((string) $kept[0], true),
        ]);
        self::assertSame($kept, $this->stored('select answer from drills'), 'sent again it is the same answer');
    }

    public function test_eight_weights_for_one_drill_stand_in_the_ledger_once(): void
    {
        $drill = self::id();
        $this->eight(fn (): array => [
            'PUT',
            "/practise/drills/{$drill}",
            ['skill' => 'weight', 'subject' => 'portion'],
        ]);
        self::assertSame([1], $this->stored('select count(*) from drills'));
        $this->eight(fn (int $i): array => [
            'PUT',
            "/practise/drills/{$drill}/answer",
            ['guesses' => array_fill(0, 8, 150 + $i.' g')],
        ]);
        self::assertSame([8], $this->stored('select count(*) from drill_guesses'));
        self::assertSame([1], $this->stored('select count(distinct guess_mg) from drill_guesses'));
    }

    public function test_a_level_is_set_and_a_gate_signed_once(): void
    {
        $crowd = $this->eight(fn (int $i): array => [
            'PUT',
            "/practise/people/{$this->chef}",
            ['level' => 1 + $i % 3, 'bench' => $i % 2 === 0, 'version' => 1],
        ]);
        self::assertSame([2], $this->stored('select version from learners'));
        self::assertGreaterThan(4, $crowd->statuses[409] ?? 0);
        $this->eight(fn (): array => [
            'PUT',
            "/practise/people/{$this->chef}/gates/bones/signed/".self::id(),
            ['why' => 'Watched ten sides'],
        ]);
        self::assertSame([1], $this->stored('select count(*) from gate_signs'));
        $this->eight(fn (): array => [
            'PUT',
            "/practise/people/{$this->chef}/gates/bones/taken-back",
            ['why' => 'One came back'],
        ]);
        self::assertSame([1], $this->stored('select count(*) from gate_signs where taken_back_at is not null'));
    }
}
