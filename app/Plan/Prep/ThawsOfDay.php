<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Hold\Freezing\RunItem;
use App\Hold\Thaw\Thaw;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Moment;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Plan\Prep\Task;
use Sectum\Plan\Work\Doing;
use Sectum\Plan\Work\Job;

/** What thaws on a day, as it was planned in Hold: it runs by itself, and is late when it begins too late. */
final readonly class ThawsOfDay
{
    /**
     * @param  list<Job>  $jobs
     * @param  array<string, string>  $names  of what thaws, by task
     */
    private function __construct(public array $jobs, public array $names)
    {
    }

    public static function of(string $day): self
    {
        $thaws = Thaw::query()->with('item')->whereNull('finished_at')->whereNotNull('needed_at')->get();
        $midnight = Moment::at($day);
        $of = $thaws->filter(fn (Thaw $one): bool => Moment::date($one->needed_at ?? '') === $day);
        $items = new Collection(array_map(fn (Thaw $one): RunItem => $one->item, array_values($of->all())));
        $items->load(['tray.dish', 'tray.pieces', 'piece']);
        $things = new HeldThings($items->map(fn (RunItem $one): HeldThing => $one->thing()));
        $jobs = $names = [];
        foreach ($of as $one) {
            $hours = $one->hours();
            $from = $one->started_at === null ? $one->beginBy() : Moment::at($one->started_at);
            if ($hours === null || $from === null || $one->needed_at === null) {
                continue;
            }
            $id = "thaw {$one->id}";
            // What began the evening before is shown from midnight on.
            $begins = max(0.0, self::minute($from, $midnight));
            $ends = max($begins + 1, self::minute($from, $midnight) + 60 * $hours);
            $due = max($begins, self::minute(Moment::at($one->needed_at), $midnight));
            $names[$id] = $things->name($one->item->thing());
            $jobs[] = new Job(new Task($id, $ends - $begins, $begins, $due, hands: false), Doing::Thaw, null, null);
        }

        return new self($jobs, $names);
    }

    private static function minute(DateTimeImmutable $at, DateTimeImmutable $midnight): float
    {
        return round(($at->getTimestamp() - $midnight->getTimestamp()) / 60);
    }
}
