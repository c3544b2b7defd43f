<?php

declare(strict_types=1);

namespace Sectum\Gs1;

/** The modulo-10 check digit of GS1 keys (General Specifications, 7.9.1): weights 3 and 1 from the right. */
final readonly class CheckDigit
{
    /** @param  string  $digits  with the check digit last */
    public static function fits(string $digits): bool
    {
        return ctype_digit($digits) &&
            strlen($digits) > 1 &&
            self::of(substr($digits, 0, -1)) === (int) substr($digits, -1);
    }

    /** @param  string  $digits  without the check digit */
    public static function of(string $digits): int
    {
        $sum = 0;
        foreach (array_reverse(str_split($digits)) as $i => $digit) {
            $sum += ($i % 2 === 0 ? 3 : 1) * (int) $digit;
        }

        return (10 - ($sum % 10)) % 10;
    }
}
