<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\ProblemDocument;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing this kitchen sends is larger than a few kilobytes, but photos and suppliers' files. */
final readonly class BoundedBody
{
    private const MOST_BYTES = 262_144;

    /** A photo of 8 MB or a file of 5 MB, in base64. */
    private const MOST_FILE_BYTES = 12_000_000;

    private const FILES = ['api/receive/invoice', 'api/receive/deliveries/*/invoice', 'api/receive/lines/*/photos/*'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $claimed = (int) $request->header('Content-Length', '0');
        $most = $request->is(...self::FILES) ? self::MOST_FILE_BYTES : self::MOST_BYTES;
        if ($claimed > $most || strlen($request->getContent()) > $most) {
            return ProblemDocument::of(
                Fault::tooLarge(
                    $most === self::MOST_BYTES
                        ? 'That is far more than a reading: nothing was stored.'
                        : 'That file is too large: a photo is up to 8 MB, an invoice up to 5 MB.',
                ),
            )->response();
        }

        return $next($request);
    }
}
