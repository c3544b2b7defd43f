<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Kitchen\Role;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A trainee practises, and works at the bench where the head chef allows it: on a fish beside somebody who said so
 * with his PIN.
 */
final readonly class TraineeStays
{
    private const ALWAYS = ['practise', 'practise/*', 'session', 'kitchen', 'me/*', 'here/*', 'spine', 'hold/now'];

    private const AT_THE_BENCH = [
        'breakdown', 'breakdown/*', 'portion', 'portion/*', 'scale', 'scale/*', 'fish', 'fish/*', 'hold/out/*',
    ];

    private const WRITES = ['breakdown/fish/*', 'portion/fish/*', 'scale/*'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = Person::of($request);
        if ($person->role === Role::Trainee && ! self::among($request, self::ALWAYS)) {
            (self::among($request, self::AT_THE_BENCH) && Learner::of($person)->bench) ||
                throw Fault::notAllowed('A trainee practises. The head chef may open the bench, beside a cutter.');
            if (! $request->isMethod('GET')) {
                self::mustStandBeside($request, $person);
            }
        }

        return $next($request);
    }

    private static function mustStandBeside(Request $request, Person $person): void
    {
        self::among($request, self::WRITES) || throw Fault::notAllowed('That is not for a trainee to change.');
        $fish = $request->route('fish');
        if (! is_string($fish)) {
            return;
        }
        WorkBeside::query()->where('fish_id', strtoupper($fish))->where('person_id', $person->id)->exists() ||
            throw Fault::notAllowed('Work on this fish beside somebody: let them enter their PIN on Practise first.');
    }

    /** @param  list<string>  $paths */
    private static function among(Request $request, array $paths): bool
    {
        return $request->is(...array_map(fn (string $path): string => "api/{$path}", $paths));
    }
}
