<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Practise\Person\Learner;
use App\Practise\Skill\DrillLedger;
use DateInterval;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Practise\Dice;
use Sectum\Practise\Skill;

/** Draws a drill for somebody: of the seed he names, or of one nobody knows before. */
final readonly class DrawDrill
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): Drill
    {
        return DB::connection()->transaction(function () use ($id, $fields, $person): Drill {
            $skill = Skill::from($fields->string('skill'));
            $named = $fields->maybeString('seed');
            $known = $named === null ? null : self::drawn($person, $skill, $named);
            if (! Once::isNew($id, "drill of {$person->id}", $fields)) {
                return Drill::query()->find($id) ?? $known ?? throw Fault::notThere('There is no such drill.');
            }
            if ($known !== null) {
                return $known;
            }
            $level = Learner::levelOf($person);
            $subjects = Plays::subjects($skill, $level);
            $subject = $fields->maybeString('subject') ?? DrillLedger::of($person)->weakest($skill, $subjects);
            in_array($subject, $subjects, true) ||
                throw Fault::inField('/subject', 'That is not practised at your level.');
            $seed = $named ?? Dice::seed(random_int(0, (1 << 40) - 1));
            $played = Plays::of($skill, $subject, $seed, $level);
            $now = $this->clock->now();

            return Drill::query()->create([
                'id' => $id,
                'person_id' => $person->id,
                'skill' => $skill,
                'subject' => $subject,
                'seed' => $seed,
                'level' => $level,
                'stamp' => hash('sha256', $played->stamp()),
                'counts' => $named === null,
                'drawn_at' => Moment::written($now),
                'due_at' => Moment::written($now->add(new DateInterval("PT{$skill->minutesAtMost()}M"))),
            ]);
        });
    }

    /** The one of a seed somebody has drawn before. */
    private static function drawn(Person $person, Skill $skill, string $seed): ?Drill
    {
        return Drill::query()
            ->where('person_id', $person->id)
            ->where('skill', $skill)
            ->where('seed', $seed)
            ->first();
    }
}
