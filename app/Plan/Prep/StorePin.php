<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** A task is given to a hand, put at an hour, or let go again. */
final readonly class StorePin
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $day, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef shares out the work.');
        $day >= Moment::date($this->clock->now()) || throw Fault::inField('', 'That day is over.');
        DB::connection()->transaction(function () use ($day, $fields, $by): void {
            $task = $fields->string('task');
            $known = PrepPin::query()->where('day', $day)->where('task', $task)->first();
            $what = ['cutter_id' => $fields->maybeString('cutter'), 'at_minute' => $fields->maybeInt('at')];
            $what['cutter_id'] === null ||
                Person::query()->whereKey($what['cutter_id'])->whereNull('disabled_at')->exists() ||
                throw Fault::inField('/cutter', 'This person does not work here any more.');
            if ($known === null) {
                PrepPin::query()->create([
                    'id' => (string) Str::ulid(),
                    'day' => $day,
                    'task' => $task,
                    ...$what,
                    'stored_by' => $by->id,
                ]);

                return;
            }
            $known->fill($what);
            if ($known->isDirty()) {
                Fault::unlessLatest('This task', $fields->int('version', 0), $known->version);
                $known->fill(['version' => $known->version + 1, 'stored_by' => $by->id])->save();
            }
        });
    }
}
