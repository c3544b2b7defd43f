<?php

declare(strict_types=1);

namespace Tests;

/** What stands on a printed page, read out of the document itself. */
trait ReadsPaper
{
    /** The short words no English sentence does without, and neither Spanish nor French has. */
    private const ENGLISH =
        '/\b(?:the|of|by|and|was|were|with|from|each|which|it|is|to|in|at|use|made|nothing|no longer)\b/i';

    /**
     * A paper in a language: nothing of it is left in English.
     *
     * @param  string  ...$typed  what people wrote, which stays what it is
     */
    protected function paperIn(string $language, string $path, string ...$typed): string
    {
        $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
        $paper = $this->get("/api{$path}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->api('PUT', '/me/language', ['language' => 'en'])->assertOk();
        $text = self::printed((string) $paper->getContent());
        self::assertNotSame('', $text);
        self::assertSame([], self::english(str_replace($typed, '', $text)), $text);

        return $text;
    }

    /** @return list<string> the lines of it that are English */
    protected static function english(string $text): array
    {
        return array_values(array_filter(
            explode("\n", $text),
            fn (string $line): bool => preg_match(self::ENGLISH, $line) === 1,
        ));
    }

    /** The texts of a document in the order in which they were drawn, a line each. */
    protected static function printed(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        $lines = [];
        foreach ($streams[1] as $stream) {
            $drawn = (string) @gzuncompress($stream);
            preg_match_all('/\[?\(((?:\\\\.|[^\\\\()])*)\)\]?\s*TJ?j?/s', $drawn, $texts);
            foreach ($texts[1] as $text) {
                $raw = preg_replace_callback('/\\\\(.)/s', fn (array $of): string => match ($of[1]) {
                    'r' => "\r",
                    'n' => "\n",
                    't' => "\t",
                    default => $of[1],
                }, $text);
                $lines[] = trim((string) mb_convert_encoding((string) $raw, 'UTF-8', 'UTF-16BE'));
            }
        }

        return implode("\n", $lines);
    }
}
