<?php

declare(strict_types=1);

namespace Tests;

/** What the server says in another language, as its files have it. */
trait ReadsWords
{
    /** @return array<string, string> */
    private static function words(string $language, string ...$files): array
    {
        $words = [];
        foreach ($files as $file) {
            $kept = json_decode((string) file_get_contents(lang_path("{$language}/{$file}.json")), true);
            self::assertIsArray($kept);
            $words += array_map(strval(...), $kept);
        }

        return $words;
    }
}
