<?php

declare(strict_types=1);

namespace App\BreakDown\Findings;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\CutFrom;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Photo;
use App\Fish\Piece;
use App\Kitchen\Database\Row;
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
            if ($kind->isTidied() && $mass !== null) {
                self::mustBeWithinTheFillets($fish, $mass);
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
                "{$person->name} ".($kind->isTidied() ? 'tidied away ' : 'found ').
                    lcfirst($kind->spoken()).
                    ($mass === null ? '' : ", {$mass->print()}").
                    ($fields->maybeString('note') === null ? '.' : ": {$fields->string('note')}."),
                $fish,
                $person,
            );
            $fish->changed();
        });
    }

    /** What is tidied off the fillets of a fish, this with what was tidied before, is no more than they weigh. */
    private static function mustBeWithinTheFillets(Fish $fish, Mass $mass): void
    {
        $fillets = array_sum(
            array_map(fn (Piece $piece): int => $piece->reading()->mass_mg ?? 0, CutFrom::fillets($fish)),
        );
        $tidied = array_sum(
            array_map(
                fn (Row $row): int => FindKind::from($row->text('kind'))->isTidied()
                    ? (int) $row->number('mass_mg')
                    : 0,
                Row::all(Finding::rows()->where('fish_id', $fish->id)->get()),
            ),
        );
        if ($fillets > 0 && $mass->milligrams + $tidied > $fillets) {
            throw Fault::inField('/mass', 'That is more than the fillets weigh.');
        }
    }

    private static function mass(?string $typed, Person $person): ?Mass
    {
        return $typed === null || trim($typed) === ''
            ? null
            : Fault::at('/mass', fn (): Mass => Mass::parse($typed, $person->units));
    }
}
