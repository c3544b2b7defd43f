<?php

declare(strict_types=1);

namespace Sectum\Gs1;

/** A GS1 Digital Link URI, read into its identifiers and written from them. */
final readonly class DigitalLink
{
    /** Keys that may lead a path, and those that may follow one. */
    private const KEYS = ['00', '01', '414'];

    private const QUALIFIERS = ['10', '21', '22', '235'];

    /** The domain GS1 keeps for links that name no other. */
    private const HOST = 'https://id.gs1.org';

    /**
     * @return non-empty-list<Pair> as they stand in the path and the query
     *
     * @throws BadScan when there is no key in it
     */
    public static function pairs(string $uri): array
    {
        $parts = parse_url($uri);
        if (! is_array($parts)) {
            throw new BadScan('This link cannot be read.', $uri, '/text');
        }
        $steps = array_values(
            array_filter(explode('/', $parts['path'] ?? ''), fn (string $step): bool => $step !== ''),
        );
        $at = null;
        foreach ($steps as $i => $step) {
            if (in_array($step, self::KEYS, true) && isset($steps[$i + 1])) {
                $at = $i;
                break;
            }
        }
        if ($at === null) {
            throw new BadScan('This link names no trade item, logistic unit or place.', $uri, '/text');
        }
        $pairs = [new Pair($steps[$at], self::gtin($steps[$at], rawurldecode($steps[$at + 1] ?? '')))];
        foreach (array_chunk(array_slice($steps, $at + 2), 2) as $pair) {
            if (! in_array($pair[0], self::QUALIFIERS, true)) {
                throw new BadScan("\"{$pair[0]}\" does not belong in the path of this link.", $uri, '/text');
            }
            $pairs[] = new Pair($pair[0], rawurldecode($pair[1] ?? ''));
        }
        foreach (explode('&', strtr($parts['query'] ?? '', [';' => '&'])) as $piece) {
            [$name, $value] = explode('=', $piece, 2) + ['', ''];
            // Whatever is no identifier, like a link type, is not about the fish.
            if (ctype_digit($name) && strlen($name) === Identifier::length($name)) {
                $pairs[] = new Pair($name, rawurldecode($value));
            }
        }

        return $pairs;
    }

    /** Shorter trade item numbers stand for ones of fourteen digits. */
    private static function gtin(string $key, string $value): string
    {
        return $key === '01' && preg_match('/^\d{8}$|^\d{12,13}$/D', $value) === 1
            ? str_pad($value, 14, '0', STR_PAD_LEFT)
            : $value;
    }

    /**
     * The link of a lot of a trade item.
     *
     * @param  array<array-key, string>  $besides  identifier and value of what else is said of it: dates, weight
     */
    public static function ofLot(string $gtin, string $lot, array $besides = []): string
    {
        $query = implode(
            '&',
            array_map(
                fn (int|string $ai, string $value): string => $ai.'='.rawurlencode($value),
                array_keys($besides),
                $besides,
            ),
        );

        return self::HOST."/01/{$gtin}/10/".rawurlencode($lot).($query === '' ? '' : "?{$query}");
    }
}
