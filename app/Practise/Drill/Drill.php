<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Practise\Level;
use Sectum\Practise\Skill;

/**
 * A drill somebody drew: what it is about, the seed it comes from, and, once answered, what came of it.
 *
 * @property string $id ULID
 * @property string $person_id
 * @property Skill $skill
 * @property string $subject what of it is remembered by itself: a method, a kind of piece, a row of bones
 * @property string $seed
 * @property Level $level the learner's, when it was drawn
 * @property string $stamp of what it was drawn from: another one, and the house has changed that
 * @property bool $counts false when the learner named the seed himself
 * @property string $drawn_at
 * @property string $due_at after which no answer is taken
 * @property string|null $answered_at
 * @property string|null $day the kitchen day it was answered
 * @property float|null $score_pct
 * @property Answer|null $answer as it came
 * @property Answer|null $shown the result as it was shown
 * @property int|null $bones of a search for bones: how many there were
 * @property int|null $found and how many were found
 * @property-read Collection<int, DrillMove> $moves
 */
final class Drill extends Record
{
    protected $table = 'drills';

    /** @return HasMany<DrillMove, $this> */
    public function moves(): HasMany
    {
        $moves = $this->hasMany(DrillMove::class);
        $moves->getQuery()->orderBy('number');

        return $moves;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'skill' => Skill::class,
            'level' => Level::class,
            'counts' => 'boolean',
            'score_pct' => 'float',
            'answer' => 'array',
            'shown' => 'array',
        ];
    }
}
