<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;

/** Finds the person of a session, and in the same question whether what they signed in with goes on. */
final class People extends EloquentUserProvider
{
    public function __construct(Hasher $hasher, private readonly Request $request)
    {
        parent::__construct($hasher, Person::class);
    }

    public function retrieveById($identifier): ?Person
    {
        $known = Person::query()->whereKey($identifier);
        $known->select('people.*')->selectRaw(
            'exists(select 1 from sign_ins where id = ? and person_id = people.id and ended_at is null) as goes_on',
            [SignIn::current($this->request)],
        );
        $person = $known->first();
        if ($person !== null) {
            SignIn::found($this->request, $person->getAttribute('goes_on') === 1);
            // It is no column of theirs, and true of this request alone.
            $person->offsetUnset('goes_on');
        }

        return $person;
    }
}
