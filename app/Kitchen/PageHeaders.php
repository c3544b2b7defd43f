<?php

declare(strict_types=1);

namespace App\Kitchen;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The page loads nothing from elsewhere, stands in no frame, and answers are not kept by caches. */
final readonly class PageHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // Styles: the component library sets a few inline.
        $response->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'; ".
                "base-uri 'self'; form-action 'self'",
        );
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->remove('X-Powered-By');
        header_remove('X-Powered-By');
        if ($request->is('api/*')) {
            $response->headers->set('Cache-Control', 'no-store');
        }
        // Whoever asked knows where the answer ends, and does not wait for what is done after it.
        $content = $response->getContent();
        if ($content !== false && $content !== '') {
            $response->headers->set('Content-Length', (string) strlen($content));
        }

        return $response;
    }
}
