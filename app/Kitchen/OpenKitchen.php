<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Until there is a head chef, nothing works but making one. */
final readonly class OpenKitchen
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (
            $request->is('api/*') &&
            ! $request->is('api/kitchen', 'api/kitchen/setup') &&
            $request->user() === null &&
            ! Person::query()->exists()
        ) {
            throw Fault::notAllowed('This kitchen has no head chef yet: give a name and a PIN first.');
        }

        return $next($request);
    }
}
