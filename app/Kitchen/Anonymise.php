<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Somebody who left is forgotten by name, and the ledger stays whole: what he weighed and signed stays, under a number.
 *
 * His name goes out of every text the house wrote itself, his PIN, his sign-ins and his wrong tries are deleted. What
 * people wrote in their own words may still hold it: that is told before.
 */
final readonly class Anonymise
{
    /** Texts the house wrote itself, by table. */
    private const TEXTS = [
        'activity_log' => 'description',
        'gate_signs' => 'evidence',
        'old_yields' => 'cutter',
    ];

    public function __invoke(string $id, Person $by): void
    {
        $by->mustBeHeadChef('The head chef looks after the people.');
        DB::connection()->transaction(function () use ($id, $by): void {
            $person = Person::query()->findOrFail($id);
            if ($person->anonymous_at !== null) {
                return;
            }
            $person->disabled_at !== null ||
                throw Fault::conflict('Disable them first: somebody who still works here is not forgotten.');
            $name = $person->name;
            $number = Person::query()->whereNotNull('anonymous_at')->count() + 1;
            $called = "Former cook {$number}";
            SignIn::endAll($person);
            PinTry::query()->where('person_id', $person->id)->delete();
            foreach (self::TEXTS as $table => $column) {
                DB::update(
                    "update {$table} set {$column} = replace({$column}, ?, ?) where instr({$column}, ?) > 0",
                    [$name, $called, $name],
                );
            }
            $person->update([
                'name' => $called,
                'pin_hash' => Pin::hash(Str::random(40)),
                'signed_in_at' => null,
                'anonymous_at' => Moment::written(now()),
                'version' => $person->version + 1,
            ]);
            activity('house')
                ->causedBy($by)
                ->log("{$by->name} made {$called} anonymous.");
        });
    }
}
