<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\ProblemDocument;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing this kitchen sends is larger than a few kilobytes. */
final readonly class BoundedBody
{
    private const MOST_BYTES = 262_144;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $claimed = (int) $request->header('Content-Length', '0');
        if ($claimed > self::MOST_BYTES || strlen($request->getContent()) > self::MOST_BYTES) {
            return ProblemDocument::of(Fault::tooLarge('That is far more than a reading: nothing was stored.'))->response();
        }

        return $next($request);
    }
}
