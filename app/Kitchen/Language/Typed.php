<?php

declare(strict_types=1);

namespace App\Kitchen\Language;

use App\Contract\Fault;
use Illuminate\Http\Request;
use stdClass;

/**
 * Figures as a person types them: where the language has a comma, a comma is its decimal mark; a text that is no
 * figure stays what it is. Thousandths of a gram are on no scale: "1,515 g" may be meant as 1515 g, and is asked about.
 */
final readonly class Typed
{
    private const FIGURE = '/^\s*(\d{0,9})([.,])(\d{1,9})'.
        '(\s*(?:g|gr|kg|kilos?|oz|lbs?|cm|mm|in|°?\s?[CF]|€|%)?)\s*$/iu';

    /** Under these stands what somebody calls something, and no figure: lot "07,21" is that lot. */
    private const NAMES = ['name', 'note', 'notes', 'lot', 'tray', 'tag', 'gtin', 'code', 'supplier', 'reason', 'why'];

    /** A request's body, its figures with a point. */
    public static function in(Request $request): string
    {
        $content = $request->getContent();
        if (! Language::of($request)->hasComma() || preg_match('/"[^"]*\d?[.,]\d/', $content) !== 1) {
            return $content;
        }
        $body = json_decode($content);
        if (! is_object($body) && ! is_array($body)) {
            return $content;
        }

        return json_encode(self::walk($body, ''), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function walk(mixed $one, string $at): mixed
    {
        if (is_string($one)) {
            return self::figure($one, $at);
        }
        if (is_array($one)) {
            return array_map(
                fn (mixed $in, int|string $i): mixed => self::walk($in, "{$at}/{$i}"),
                $one,
                array_keys($one),
            );
        }
        if ($one instanceof stdClass) {
            foreach (get_object_vars($one) as $name => $in) {
                $one->{$name} = in_array($name, self::NAMES, true) && is_string($in)
                    ? $in
                    : self::walk($in, "{$at}/{$name}");
            }
        }

        return $one;
    }

    /** @throws Fault where it may be read in two ways, a thousandfold apart */
    public static function figure(string $typed, string $at = ''): string
    {
        if (preg_match(self::FIGURE, $typed, $of) !== 1) {
            return $typed;
        }
        if (strlen($of[3]) === 3 && preg_match('/^\s*gr?$/i', $of[4]) === 1 && (int) $of[1] > 0) {
            throw Fault::inField($at, "Write {$of[1]}{$of[3]} g or {$of[1]},{$of[3]} kg: \"{$typed}\" may be either.");
        }

        return "{$of[1]}.{$of[3]}{$of[4]}";
    }
}
