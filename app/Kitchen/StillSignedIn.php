<?php

declare(strict_types=1);

namespace App\Kitchen;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever was signed out elsewhere, disabled or given a new PIN is signed out here too, at the next thing asked. */
final readonly class StillSignedIn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        SignIn::mustGoOn($request, Person::of($request));

        return $next($request);
    }
}
