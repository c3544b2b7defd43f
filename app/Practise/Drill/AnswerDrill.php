<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Practise\Weigh\SizeBand;

/** What a learner does with a drill: a stroke, a cut, and at last an answer, which is taken once. */
final readonly class AnswerDrill
{
    /** Strokes and cuts of one drill. */
    private const MOST_MOVES = 400;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer what the move shows */
    public function move(string $id, int $number, Fields $fields, Person $person): array
    {
        return DB::connection()->transaction(function () use ($id, $number, $fields, $person): array {
            $drill = $this->open(self::mine($id, $person));
            $moves = array_values($drill->moves->all());
            $before = array_values(array_filter($moves, fn (DrillMove $one): bool => $one->number < $number));
            $same = $drill->moves->firstWhere('number', $number);
            if ($same !== null) {
                // Sent again because its answer was lost on the way.
                return self::same($same->move, $fields)
                    ? $same->said
                    : throw Fault::conflict('Something else was done at that moment already. Look once more.', [
                        'number' => $number,
                    ]);
            }
            ($number === count($moves) + 1 && $number <= self::MOST_MOVES) ||
                throw Fault::inField('/number', 'That does not follow what was done before.');
            $said = Plays::again($drill)->moved($fields, $number, $before)
                ?? throw Fault::notThere('Nothing is stroked or cut in this drill.');
            DrillMove::query()->create([
                'drill_id' => $drill->id,
                'number' => $number,
                'move' => $fields->all(),
                'said' => $said,
                'made_at' => Moment::written($this->clock->now()),
            ]);

            return $said;
        });
    }

    public function __invoke(string $id, Fields $fields, Person $person): Drill
    {
        return DB::connection()->transaction(function () use ($id, $fields, $person): Drill {
            $known = self::mine($id, $person);
            if ($known->answered_at !== null && self::same($known->answer ?? [], $fields)) {
                // Sent again because its answer was lost on the way.
                return $known;
            }
            $drill = $this->open($known);
            $played = Plays::again($drill);
            hash('sha256', $played->stamp()) === $drill->stamp ||
                throw Fault::conflict(
                    'The house has changed this since the drill was drawn. Draw another; nothing counts against you.',
                    ['code' => 'changed-meanwhile'],
                );
            $words = Words::ofReader();
            $moves = array_values($drill->moves->all());
            $task = $played->shown($words, $moves);
            $judged = $played->judged($fields, $moves, $words);
            $now = $this->clock->now();
            $drill->update([
                'answered_at' => Moment::written($now),
                'day' => Moment::date($now),
                'score_pct' => $judged->scorePct,
                'answer' => $fields->all(),
                'shown' => ['task' => $task, 'result' => $judged->shown],
                'bones' => $judged->bones?->bones,
                'found' => $judged->bones?->found(),
            ]);
            if ($judged->weights !== null && $played instanceof PlayedWeight && $drill->counts) {
                $this->guessed($drill, $played, $judged, $now);
            }

            return $drill;
        });
    }

    private function guessed(Drill $drill, PlayedWeight $played, Judged $judged, DateTimeImmutable $now): void
    {
        foreach ($judged->weights->guesses ?? [] as $i => $guess) {
            $piece = $played->pieces()[$i];
            DrillGuess::query()->create([
                'drill_id' => $drill->id,
                'person_id' => $drill->person_id,
                'kind' => $piece->kind->value,
                'shape' => $piece->shape,
                'size' => SizeBand::of($guess->true)->value,
                'guess_mg' => $guess->guessed->milligrams,
                'true_mg' => $guess->true->milligrams,
                'said_at' => Moment::written($now),
            ]);
        }
    }

    /** @param  Answer  $kept */
    private static function same(array $kept, Fields $fields): bool
    {
        return json_encode($kept, JSON_THROW_ON_ERROR) === json_encode($fields->all(), JSON_THROW_ON_ERROR);
    }

    /** One's own drill that can still be answered. */
    private function open(Drill $drill): Drill
    {
        $drill->answered_at === null ||
            throw Fault::conflict('This drill was answered already. Its result stands.', ['code' => 'answered']);
        Moment::at($drill->due_at) >= $this->clock->now() ||
            throw Fault::conflict('Its time is over. Draw another.', ['code' => 'over']);

        return $drill;
    }

    /** @throws Fault when it is somebody else's */
    private static function mine(string $id, Person $person): Drill
    {
        $drill = Drill::query()->with('moves')->find($id) ?? throw Fault::notThere('There is no such drill.');
        $drill->person_id === $person->id || throw Fault::notAllowed('That is somebody else’s drill.');

        return $drill;
    }
}
