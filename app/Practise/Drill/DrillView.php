<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;

/** A drill as its learner sees it: before it is answered nothing of the answer, after it all of it. */
final readonly class DrillView
{
    /** @return Answer */
    public static function of(Drill $drill): array
    {
        $words = Words::ofReader();
        $played = $drill->moves;

        return [
            'id' => $drill->id,
            'skill' => $drill->skill->value,
            'subject' => $drill->subject,
            'name' => SubjectName::of($drill->skill, $drill->subject),
            'seed' => $drill->seed,
            'level' => $drill->level->value,
            'counts' => $drill->counts,
            'due_at' => $drill->due_at,
            'answer_by' => Moment::hour($drill->due_at),
            'over' => $drill->answered_at === null && Moment::at($drill->due_at) < Settings::load()->now(),
            'answered_at' => $drill->answered_at,
            'score_pct' => $drill->score_pct === null ? null : round($drill->score_pct, 1),
            'moves' => array_values($played->map(
                fn (DrillMove $one): array => ['number' => $one->number, 'move' => $one->move, 'said' => $one->said],
            )->all()),
            // Drawn anew each time from its seed; once answered, as it was shown then.
            'task' => [
                $drill->skill->value => $drill->shown['task'] ??
                    Plays::again($drill)->shown($words, array_values($played->all())),
            ],
            'result' => isset($drill->shown['result']) ? [$drill->skill->value => $drill->shown['result']] : null,
        ];
    }
}
