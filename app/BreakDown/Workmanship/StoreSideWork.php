<?php

declare(strict_types=1);

namespace App\BreakDown\Workmanship;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\SaidOfFish;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\Workmanship\Mark;

/** Somebody says who cut a side, or how it looks. */
final readonly class StoreSideWork
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, string $act, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $act, $fields, $person): void {
            if (! Once::isNew($act, "workmanship {$id}", $fields)) {
                return;
            }
            $fish = Fish::onTheBench($id);
            $piece = collect(CutFrom::sides($fish))->firstWhere('id', $fields->string('piece')) ??
                throw Fault::inField('/piece', 'Workmanship is judged on a side of this fish.');
            $marks = $fields->has('marks') ? $fields->fields('marks')->all() : [];
            $by = $fields->maybeString('cut_by');
            $cutter = $by === null
                ? null
                : Person::query()->whereKey($by)->first() ??
                    throw Fault::inField('/cut_by', 'Say who cut it: somebody of this kitchen.');
            if ($marks === [] && $cutter === null) {
                throw Fault::inField('/marks', 'Choose a drawing, or say who cut it.');
            }
            SideWork::rows()->insert([
                'id' => $act,
                'fish_id' => $fish->id,
                'piece_id' => $piece->id,
                'cut_by' => $cutter?->id,
                'marks' => json_encode((object) $marks, JSON_THROW_ON_ERROR),
                'written_by' => $person->id,
                'written_at' => Moment::written($this->clock->now()),
            ]);
            event(new SaidOfFish([$fish->id]));
            if ($cutter !== null) {
                History::that("{$person->name}: {$piece->name} was cut by {$cutter->name}.", $fish, $person);
            }
            foreach ($marks as $code => $grade) {
                if (is_int($grade)) {
                    $mark = Mark::from((string) $code);
                    History::that(
                        "{$person->name} judged {$piece->name}: ".
                            lcfirst($mark->spoken()).
                            ", {$grade} of ".
                            Mark::WORST.
                            '.',
                        $fish,
                        $person,
                    );
                }
            }
        });
    }
}
