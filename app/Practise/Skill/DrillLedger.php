<?php

declare(strict_types=1);

namespace App\Practise\Skill;

use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Practise\Drill\Drill;
use App\Practise\Drill\Plays;
use Psr\Clock\ClockInterface;
use Sectum\Practise\Gate\SideSearched;
use Sectum\Practise\Level;
use Sectum\Practise\Next\Boxes;
use Sectum\Practise\Next\Item;
use Sectum\Practise\Next\Practised;
use Sectum\Practise\Skill;

/** Every drill somebody answered that counts, the first first; read once. */
final readonly class DrillLedger
{
    /** @param  list<Row>  $rows */
    private function __construct(private array $rows)
    {
    }

    public static function of(Person $person): self
    {
        return self::all([$person->id])[$person->id];
    }

    /**
     * @param  list<string>  $people
     * @return array<string, self> by person
     */
    public static function all(array $people): array
    {
        $rows = array_fill_keys($people, []);
        $drills = Drill::rows()
            ->whereIn('person_id', $people)
            ->where('counts', true)
            ->whereNotNull('answered_at')
            ->orderBy('answered_at')
            ->orderBy('id')
            ->get(['person_id', 'skill', 'subject', 'day', 'score_pct', 'bones', 'found']);
        foreach (Row::all($drills) as $row) {
            $rows[$row->text('person_id')][] = $row;
        }

        return array_map(fn (array $own): self => new self($own), $rows);
    }

    /** @return list<float> in percent */
    public function scores(Skill $skill): array
    {
        return array_map(fn (Row $row): float => $row->number('score_pct'), $this->drills($skill));
    }

    /** @return list<SideSearched> */
    public function sides(): array
    {
        return array_map(
            fn (Row $row): SideSearched => new SideSearched(
                (int) $row->number('bones'),
                (int) $row->number('found'),
            ),
            $this->drills(Skill::Bones),
        );
    }

    /** @return list<Row> */
    private function drills(Skill $skill): array
    {
        return array_values(array_filter($this->rows, fn (Row $row): bool => $row->text('skill') === $skill->value));
    }

    public function count(): int
    {
        return count($this->rows);
    }

    /** @return list<Item> everything practised at a level */
    public function items(Level $level): array
    {
        $items = [];
        foreach ($level->open() as $skill) {
            foreach (Plays::subjects($skill, $level) as $subject) {
                $items[] = $this->item($skill, $subject);
            }
        }

        return $items;
    }

    private function item(Skill $skill, string $subject): Item
    {
        $done = array_filter($this->drills($skill), fn (Row $row): bool => $row->text('subject') === $subject);

        return new Item($skill, $subject, array_values(array_map(
            fn (Row $row): Practised => new Practised(self::day($row->text('day')), $row->number('score_pct')),
            $done,
        )));
    }

    /**
     * The subject that is practised next: never practised, or in the weakest box.
     *
     * @param  list<string>  $subjects
     */
    public function weakest(Skill $skill, array $subjects): string
    {
        $box = [];
        foreach ($subjects as $subject) {
            $box[$subject] = Boxes::box($this->item($skill, $subject));
        }
        asort($box);

        return (string) array_key_first($box);
    }

    /** @return list<Item> what today's minutes are for */
    public function today(Level $level, int $minutes): array
    {
        return Boxes::today(
            $this->items($level),
            self::day(Moment::date(app(ClockInterface::class)->now())),
            $minutes,
        );
    }

    /** A kitchen day, counted. */
    private static function day(string $date): int
    {
        return intdiv(Moment::at($date)->setTime(12, 0)->getTimestamp(), 86_400);
    }
}
