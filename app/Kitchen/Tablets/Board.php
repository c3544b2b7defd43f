<?php

declare(strict_types=1);

namespace App\Kitchen\Tablets;

use App\Kitchen\Settings;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/** A board with its scale: a tablet stands at one of them, whoever works there. */
enum Board: string
{
    case A = 'a';
    case B = 'b';

    private const COOKIE = 'sectum_board';

    private const MINUTES = 400 * 24 * 60;

    /** Where this tablet stands: the first board until somebody says otherwise. */
    public static function of(Request $request): self
    {
        $kept = $request->cookie(self::COOKIE);
        $chosen = is_string($kept) ? self::tryFrom($kept) : null;

        // A house that gave one of two scales up has one board again.
        return $chosen !== null && in_array($chosen, self::all(), true) ? $chosen : self::A;
    }

    /** @return list<self> the boards that have a scale; the first one always */
    public static function all(): array
    {
        $two = config('sectum.demo') === true || Settings::load()->scaleBAt !== '';

        return $two ? self::cases() : [self::A];
    }

    /** Keeps on this tablet that it stands here. */
    public function remember(): void
    {
        Cookie::queue(
            Cookie::make(
                self::COOKIE,
                $this->value,
                self::MINUTES,
                secure: config('session.secure') === true,
                sameSite: 'strict',
            ),
        );
    }
}
