<?php

declare(strict_types=1);

namespace App\BreakDown\Findings;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Photo;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Receive\FindKind;

/** Something else was found in a fish: kept with its mass and a note, and offered for the claim. */
final readonly class StoreFinding
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, string $find, Fields $fields, Person $person): void
    {
        $kind = FindKind::from($fields->string('kind'));
        $mass = self::mass($fields->maybeString('mass'), $person);
        DB::connection()->transaction(function () use ($id, $find, $fields, $person, $kind, $mass): void {
            if (! Once::isNew($find, "find {$id}", $fields)) {
                return;
            }
            $fish = Fish::onTheBench($id);
            if ($mass !== null && $mass->milligrams > $fish->mass()->milligrams) {
                throw Fault::inField('/mass', 'That is more than the fish weighs.');
            }
            $photo = $fields->maybeString('photo');
            if (
                $photo !== null &&
                Photo::query()->whereKey($photo)->where('line_id', $fish->line_id)->doesntExist()
            ) {
                throw Fault::inField('/photo', 'There is no such photo of this fish.');
            }
            Finding::rows()->insert([
                'id' => $find,
                'fish_id' => $fish->id,
                'kind' => $kind->value,
                'mass_mg' => $mass?->milligrams,
                'note' => trim($fields->maybeString('note') ?? ''),
                'claimed' => $fields->has('claimed') ? $fields->bool('claimed') : $kind->isSuppliersFault(),
                'photo_id' => $photo,
                'found_by' => $person->id,
                'found_at' => Moment::written($this->clock->now()),
            ]);
            History::that(
                "{$person->name} found ".
                    lcfirst($kind->spoken()).
                    ($mass === null ? '' : ", {$mass->print()}").
                    ($fields->maybeString('note') === null ? '.' : ": {$fields->string('note')}."),
                $fish,
                $person,
            );
            $fish->changed();
        });
    }

    private static function mass(?string $typed, Person $person): ?Mass
    {
        return $typed === null || trim($typed) === ''
            ? null
            : Fault::at('/mass', fn (): Mass => Mass::parse($typed, $person->units));
    }
}
