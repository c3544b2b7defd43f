<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page that has just shown its token has it: it is sent again with what is read, and when it changes. */
final class ShownToken extends ValidateCsrfToken
{
    private ?string $shown = null;

    /** @param  Request  $request */
    protected function tokensMatch($request): bool
    {
        $matches = parent::tokensMatch($request);
        $this->shown = $matches ? $request->session()->token() : null;

        return $matches;
    }

    /**
     * @param  Request  $request
     * @param  Response  $response
     */
    protected function addCookieToResponse($request, $response): Response
    {
        return $request->session()->token() === $this->shown
            ? $response
            : parent::addCookieToResponse($request, $response);
    }
}
