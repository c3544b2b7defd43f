<?php

declare(strict_types=1);

namespace App\Contract;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is asked in an address is a short text, readable as such; anything else is refused before it is looked at. */
final readonly class PlainQuery
{
    private const LONGEST = 200;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            $plain =
                is_string($value) &&
                mb_check_encoding($value, 'UTF-8') &&
                mb_strlen($value) <= self::LONGEST &&
                ! str_contains($value, "\0");
            $plain ||
                throw Fault::inField('/'.mb_scrub($name), 'This search cannot be read. Write it as a short text.');
        }

        return $next($request);
    }
}
