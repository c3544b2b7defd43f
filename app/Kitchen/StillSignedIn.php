<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever was signed out elsewhere, disabled or given a new PIN is signed out here too, at the next thing asked. */
final readonly class StillSignedIn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = Person::of($request);
        SignIn::mustGoOn($request, $person);
        // What one person weighed waits for that person; it is never written down as another's.
        $meant = $request->header('X-Sectum-Person');
        if (is_string($meant) && $meant !== '' && strtoupper($meant) !== $person->id) {
            throw Fault::conflict('This was weighed by somebody else. It waits until they sign in.', [
                'code' => 'another-person',
            ]);
        }

        return $next($request);
    }
}
