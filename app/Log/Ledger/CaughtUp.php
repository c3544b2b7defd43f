<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\Kitchen\Database\Trouble;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Whatever has changed is in the ledger before a screen reads from it. Where nothing can be written, on a full disk or
 * a busy one, the screen shows what was entered last, and what stays marked is entered the next time.
 */
final readonly class CaughtUp
{
    public function __construct(private CatchUp $catchUp)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        try {
            ($this->catchUp)();
        } catch (Throwable $e) {
            Trouble::of($e) !== null || throw $e;
        }

        return $next($request);
    }
}
