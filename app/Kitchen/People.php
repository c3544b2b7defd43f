<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\SmallTables;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Auth\UserProvider;
use Illuminate\Http\Request;

/**
 * Finds the person of a session, and in the same question whether what they signed in with goes on.
 *
 * Nobody is remembered beyond that, and a PIN is asked for at the door alone (Pin).
 */
final readonly class People implements UserProvider
{
    public function __construct(private Request $request)
    {
    }

    public function retrieveById($identifier): ?Person
    {
        $person = Person::selected(
            'select people.*, exists(select 1 from sign_ins where id = ? and person_id = people.id and '.
                'ended_at is null) as goes_on, '.SmallTables::MARK.' from people where id = ?',
            [SignIn::current($this->request), is_string($identifier) ? $identifier : null],
        )->first();
        if ($person !== null) {
            SignIn::found($this->request, $person->getAttribute('goes_on') === 1);
            SmallTables::told($person->getAttribute('table_mark'));
            // They are no columns of theirs, and true of this request alone.
            $person->offsetUnset('goes_on');
            $person->offsetUnset('table_mark');
        }

        return $person;
    }

    public function retrieveByToken($identifier, $token): null
    {
        return null;
    }

    public function updateRememberToken(Authenticatable $user, $token): void
    {
    }

    /** @param  array<array-key, mixed>  $credentials */
    public function retrieveByCredentials(array $credentials): null
    {
        return null;
    }

    /** @param  array<array-key, mixed>  $credentials */
    public function validateCredentials(Authenticatable $user, array $credentials): bool
    {
        return false;
    }

    /** @param  array<array-key, mixed>  $credentials */
    public function rehashPasswordIfRequired(Authenticatable $user, array $credentials, bool $force = false): void
    {
    }
}
