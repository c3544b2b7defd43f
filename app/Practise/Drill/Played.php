<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fields;
use App\Kitchen\Format\Words;

/**
 * A drill as it was drawn: what may be seen of it before it is answered, what a move shows, and what an answer comes
 * to. What it knows of the answer stays in it.
 */
interface Played
{
    /** What it was drawn from, as text: another one, and the house has changed it meanwhile. */
    public function stamp(): string;

    /**
     * Of it what the learner sees before he answers.
     *
     * @param  list<DrillMove>  $moves  made so far
     * @return Answer
     */
    public function shown(Words $words, array $moves): array;

    /**
     * What a move shows; the moves before it are given.
     *
     * @param  list<DrillMove>  $moves
     * @return Answer|null null where the drill has no moves
     */
    public function moved(Fields $move, int $number, array $moves): ?array;

    /** @param  list<DrillMove>  $moves */
    public function judged(Fields $answer, array $moves, Words $words): Judged;
}
