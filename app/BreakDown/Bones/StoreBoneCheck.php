<?php

declare(strict_types=1);

namespace App\BreakDown\Bones;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\SkillGate;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;

/** Pin bones found in a fillet, and whether the second pass is done. Each count is kept; the latest stands. */
final readonly class StoreBoneCheck
{
    public function __construct(private ClockInterface $clock, private SkillGate $gate)
    {
    }

    public function __invoke(string $id, string $check, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $check, $fields, $person): void {
            if (! Once::isNew($check, "bones {$id}", $fields)) {
                return;
            }
            $fish = Fish::onTheBench($id);
            $fish->mustBeOpen();
            $named = $fish->pieces->firstWhere('id', $fields->string('piece'));
            // A bone found in a portion was in the side it was cut from.
            $portion = $named?->part === Part::Portion ? $named : null;
            $piece = $named;
            while ($piece?->part === Part::Portion) {
                $piece = $fish->pieces->firstWhere('id', $piece->parent_id);
            }
            if ($piece === null || ! $piece->part->isFillet()) {
                throw Fault::inField('/piece', 'Bones are counted in a fillet of this fish.');
            }
            $waived = $fields->maybeString('waived');
            if ($waived !== null) {
                $person->mustBeHeadChef('The head chef waives a bone check, with a reason.');
            }
            $later = $portion !== null || $fields->bool('later');
            $before = BoneChecks::of($fish)[$piece->id] ?? null;
            $found = $fields->int('found') + ($later ? $before->found ?? 0 : 0);
            $counted = BoneChecks::check($fish, $piece, $found, $fields->bool('second_pass'), $waived !== null);
            if ($counted->needsAWord() && ! $later && $fields->maybeString('word') === null) {
                throw Fault::inField(
                    '/word',
                    "{$found} found; {$counted->usual()} are usual. Stroke it from the head end once more, or ".
                        'give the reason.',
                );
            }
            // Counted by somebody not signed for it, a second pass counts with somebody who is.
            $with = $fields->bool('second_pass') && $waived === null
                ? $this->gate->checksBones($person, $fields->maybeString('with'), $fields->maybeString('pin'))
                : null;
            BonePass::rows()->insert([
                'id' => $check,
                'fish_id' => $fish->id,
                'piece_id' => $piece->id,
                'found' => $found,
                'second_pass' => $fields->bool('second_pass') || ($later && $before?->secondPass === true),
                'waived' => $waived,
                'later' => $later,
                'marks' => json_encode($fields->has('marks') ? $fields->numberList('marks') : []),
                'checked_by' => $person->id,
                'checked_with' => $with?->id,
                'checked_at' => Moment::written($this->clock->now()),
            ]);
            if ($waived !== null || $later || ! $fields->bool('running')) {
                History::that(
                    "{$person->name} ".
                        match (true) {
                            $waived !== null => "waived the bone check of {$piece->name}: {$waived}.",
                            $later => "found {$fields->int('found')} more in ".
                                ($portion === null ? '' : lcfirst($portion->name).' of ').
                                "{$piece->name} while portioning.",
                            default => "counted {$found} pin bones in {$piece->name}".
                                ($fields->bool('second_pass') ? ', second pass done' : ', first pass done').
                                ($with === null ? '' : ", with {$with->name}").
                                ($fields->maybeString('word') === null ? '.' : ": {$fields->string('word')}."),
                        },
                    $fish,
                    $person,
                );
            }
            $fish->changed();
        });
    }
}
