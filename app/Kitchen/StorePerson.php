<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Somebody joins the kitchen, is given another name, role or PIN, or is disabled. Nobody is ever deleted: their weights
 * stay theirs.
 */
final readonly class StorePerson
{
    public function __invoke(string $id, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef looks after the people.');
        $name = trim($fields->string('name'));
        $pin = $fields->maybeString('pin');
        if ($pin !== null) {
            Pin::mustNotBeObvious($pin);
        }
        $hash = $pin === null ? null : Pin::hash($pin);
        DB::connection()->transaction(function () use ($id, $fields, $name, $hash, $by): void {
            $role = Role::from($fields->string('role'));
            $person = Person::query()->find($id);
            $taken = Person::query()
                ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
                ->whereKeyNot($id)
                ->exists();
            ! $taken || throw Fault::inField('/name', 'Somebody here has that name already.');
            if ($person === null) {
                $hash !== null || throw Fault::inField('/pin', 'Give a first PIN. It can be changed at the tablet.');
                Person::query()->create([
                    'id' => $id,
                    'name' => $name,
                    'role' => $role,
                    'units' => $by->units,
                    'language' => $by->language,
                    'pin_hash' => $hash,
                ]);
                activity('house')
                    ->causedBy($by)
                    ->log("{$by->name} added {$name}.");

                return;
            }
            $same = $person->name === $name && $person->role === $role;
            $version = $fields->maybeInt('version');
            // Somebody added once more is the same person, whose answer was lost on its way.
            if ($same && ($hash === null || $version === null)) {
                return;
            }
            Fault::unlessLatest($person->name, $version ?? 0, $person->version);
            if ($role !== Role::HeadChef) {
                self::mustLeaveAHeadChef($person);
            }
            // What another role may see ends here; a new PIN ends what was opened with the old one.
            if ($person->role !== $role || $hash !== null) {
                SignIn::endAll($person);
            }
            $person->update([
                'name' => $name,
                'role' => $role,
                'version' => $person->version + 1,
                ...$hash === null ? [] : ['pin_hash' => $hash],
            ]);
            activity('house')
                ->causedBy($by)
                ->log("{$by->name} changed {$name}.");
        });
    }

    public function disable(string $id, bool $disabled, int $version, Person $by): void
    {
        $by->mustBeHeadChef('The head chef looks after the people.');
        DB::connection()->transaction(function () use ($id, $disabled, $version, $by): void {
            $person = Person::query()->findOrFail($id);
            if (($person->disabled_at !== null) === $disabled) {
                return;
            }
            Fault::unlessLatest($person->name, $version, $person->version);
            if ($disabled) {
                self::mustLeaveAHeadChef($person);
                SignIn::endAll($person);
            }
            $person->update([
                'disabled_at' => $disabled ? Moment::written(Carbon::now()) : null,
                'version' => $person->version + 1,
            ]);
            activity('house')
                ->causedBy($by)
                ->log("{$by->name} ".($disabled ? 'disabled' : 'enabled')." {$person->name}.");
        });
    }

    /** One's own PIN, with the old one beside it. */
    public function ownPin(Fields $fields, Person $person, string $address, ?string $tablet, ?string $signIn): void
    {
        $new = $fields->string('new_pin');
        Pin::check($person, $fields->string('pin'), $address, $tablet);
        Pin::mustNotBeObvious($new, '/new_pin');
        $hash = Pin::hash($new);
        DB::connection()->transaction(function () use ($person, $hash, $signIn): void {
            $person->update(['pin_hash' => $hash]);
            SignIn::endAll($person, $signIn);
        });
    }

    private static function mustLeaveAHeadChef(Person $person): void
    {
        $others = Person::query()
            ->where('role', Role::HeadChef)
            ->whereNull('disabled_at')
            ->whereKeyNot($person->id)
            ->exists();
        $person->role !== Role::HeadChef ||
            $others ||
            throw Fault::inField(
                '/role',
                "{$person->name} is the only head chef. Make somebody else head chef first.",
            );
    }
}
