<?php

declare(strict_types=1);

namespace App\Contract;

use App\Kitchen\Language\Typed;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Judges a request's body by the contract before anything reads it, so that the page, the tests and the server mean the
 * same.
 *
 * A route says which schema below contract/requests/ it takes: `->middleware('takes:tray')`.
 */
final readonly class Takes
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Fault with the pointer and sentence of every fault
     */
    public function handle(Request $request, Closure $next, string $schema): Response
    {
        Document::read(Typed::in($request), new Schema("requests/{$schema}"))->in($request);

        return $next($request);
    }
}
