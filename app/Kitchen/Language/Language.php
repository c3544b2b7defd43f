<?php

declare(strict_types=1);

namespace App\Kitchen\Language;

use App\Kitchen\Person;
use Illuminate\Http\Request;

/** The languages a person may read Sectum in, each with its decimal mark. A language is a case here and its files. */
enum Language: string
{
    case English = 'en';
    case Spanish = 'es';
    case French = 'fr';

    /** What a tablet was last read in: plain, since the page reads it before it asks anything. */
    public const COOKIE = 'sectum_language';

    /** A person's own; before somebody is signed in, what the tablet was read in last, then what its browser asks. */
    public static function of(Request $request): self
    {
        $person = $request->user();
        if ($person instanceof Person) {
            return $person->language;
        }
        $last = $request->cookies->get(self::COOKIE);

        return (is_string($last) ? self::tryFrom($last) : null) ??
            self::from($request->getPreferredLanguage(array_column(self::cases(), 'value')) ?? 'en');
    }

    /** The one this request is answered in; English where nobody asked. */
    public static function spoken(): self
    {
        return self::tryFrom(app()->getLocale()) ?? self::English;
    }

    public function hasComma(): bool
    {
        return $this !== self::English;
    }

    /** Between the thousands of a sum. */
    public function thousands(): string
    {
        return match ($this) {
            self::English => ',',
            self::Spanish => '.',
            self::French => "\u{202f}",
        };
    }
}
