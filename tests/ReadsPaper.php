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
     * A paper prints in each language.
     *
     * @param  string  ...$typed  what people wrote, which stays what it is
     */
    protected function paper(string $path, string ...$typed): void
    {
        foreach (['es', 'fr', 'en'] as $language) {
            $this->paperIn($language, $path, ...$typed);
        }
    }

    /** Its text in one language; in any but English nothing of it is left in English. */
    protected function paperIn(string $language, string $path, string ...$typed): string
    {
        $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
        $paper = $this->get("/api{$path}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->api('PUT', '/me/language', ['language' => 'en'])->assertOk();
        self::assertStringStartsWith('%PDF', (string) $paper->getContent());
        $text = self::printed((string) $paper->getContent());
        self::assertNotSame('', $text);
        if ($language !== 'en') {
            self::assertNothingEnglish(str_replace($typed, '', $text));
        }

        return $text;
    }

    protected static function assertNothingEnglish(string $text): void
    {
        $lines = array_filter(
            explode("\n", $text),
            fn (string $line): bool => preg_match(self::ENGLISH, $line) === 1,
        );
        self::assertSame([], $lines, $text);
    }

    /** The texts of a document in the order in which they were drawn, a line each. */
    protected static function printed(string $pdf): string
    {
        // What is packed may end in a byte that looks like the beginning of a new line: it belongs to it.
        preg_match_all('/stream\r?\n(.*?)\nendstream/s', $pdf, $streams);
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
