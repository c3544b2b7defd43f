<?php

declare(strict_types=1);

namespace App\Contract;

use JsonException;

/** A JSON document as it came in, judged by its schema before anything reads it. */
final readonly class Document
{
    /** Nesting beyond this is no request of ours. */
    private const DEPTH = 16;

    /** @throws Fault when it is not JSON or does not fit */
    public static function read(string $json, Schema $schema): Fields
    {
        try {
            $document = json_decode($json === '' ? '{}' : $json, false, self::DEPTH, JSON_THROW_ON_ERROR);
            $values = json_decode($json === '' ? '{}' : $json, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw Fault::unreadable('This is not JSON.');
        }
        self::refuseInfinite($document, '');
        $schema->judge($document);

        return new Fields(is_array($values) ? $schema->folded($values) : []);
    }

    /** 1e999 is JSON, but no weight. */
    private static function refuseInfinite(mixed $value, string $pointer): void
    {
        if (is_float($value) && ! is_finite($value)) {
            throw Fault::inField($pointer, 'This number is absurdly large.');
        }
        if (is_array($value) || is_object($value)) {
            foreach ((array) $value as $key => $item) {
                self::refuseInfinite($item, $pointer.'/'.strtr((string) $key, ['~' => '~0', '/' => '~1']));
            }
        }
    }
}
