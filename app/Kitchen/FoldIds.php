<?php

declare(strict_types=1);

namespace App\Kitchen;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An id may be written in small letters; it is one id all the same. */
final readonly class FoldIds
{
    public const ID = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/i';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        foreach ($route->parameters() as $name => $value) {
            if (is_string($value) && preg_match(self::ID, $value) === 1) {
                $route->setParameter((string) $name, strtoupper($value));
            }
        }

        return $next($request);
    }
}
