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
use Sectum\Plan\Prep\Cutter;

/** From when to when somebody cuts on a day, or that they are off. */
final readonly class StoreShift
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $day, string $person, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef says who cuts when.');
        $day >= Moment::date($this->clock->now()) || throw Fault::inField('', 'That day is over.');
        [$from, $to] = [Moment::minute($fields->string('from')), Moment::minute($fields->string('to'))];
        Fault::within('', fn (): Cutter => new Cutter($person, $from, $to));
        $to > $from || throw Fault::inField('/to', 'A shift ends after it begins.');
        DB::connection()->transaction(function () use ($day, $person, $fields, $by, $from, $to): void {
            Person::query()->findOrFail($person)->disabled_at === null ||
                throw Fault::inField('', 'This person does not work here any more.');
            $before = ShiftsOfDay::of($day);
            if ($before->asOn !== null) {
                // What was taken over from another week stands as it was for everybody else.
                foreach ($before->shifts as $one) {
                    if ($one->person_id !== $person) {
                        self::keep($day, $one->person_id, [$one->from_minute, $one->to_minute, $one->off], $by);
                    }
                }
            }
            $known = Shift::query()->where('day', $day)->where('person_id', $person)->first();
            $off = $fields->has('off') && $fields->bool('off');
            if ($known === null) {
                self::keep($day, $person, [$from, $to, $off], $by);

                return;
            }
            $known->fill(['from_minute' => $from, 'to_minute' => $to, 'off' => $off]);
            if ($known->isDirty()) {
                Fault::unlessLatest('This shift', $fields->int('version', 0), $known->version);
                $known->fill(['version' => $known->version + 1, 'stored_by' => $by->id])->save();
            }
        });
    }

    /** @param  array{int, int, bool}  $what */
    private static function keep(string $day, string $person, array $what, Person $by): void
    {
        Shift::query()->create([
            'id' => (string) Str::ulid(),
            'day' => $day,
            'person_id' => $person,
            'from_minute' => $what[0],
            'to_minute' => $what[1],
            'off' => $what[2],
            'stored_by' => $by->id,
        ]);
    }
}
