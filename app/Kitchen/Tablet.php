<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * A tablet at which somebody has once signed in with the right PIN. It carries a token the framework encrypts and
 * signs. The token says which tablet it is and opens nothing: to whom the tablet is known is asked of SignIn.
 */
final readonly class Tablet
{
    private const COOKIE = 'sectum_tablet';

    private const MINUTES = 400 * 24 * 60;

    public static function of(Request $request): ?string
    {
        $token = $request->cookie(self::COOKIE);

        return is_string($token) && preg_match(FoldIds::ID, $token) === 1 ? $token : null;
    }

    /** The tablet's token, now known for a long time. */
    public static function remember(Request $request): string
    {
        $token = self::of($request) ?? (string) Str::ulid();
        Cookie::queue(
            Cookie::make(
                self::COOKIE,
                $token,
                self::MINUTES,
                secure: config('session.secure') === true,
                sameSite: 'strict',
            ),
        );

        return $token;
    }
}
