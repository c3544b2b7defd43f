<?php

declare(strict_types=1);

namespace App\Kitchen\Language;

use Illuminate\Support\Str;

/**
 * A text of the server in another language: a sentence or a name by the English it is kept under, values in their
 * places; dates and figures as they are written there. What is known under no sentence stays as it is.
 */
final class Said
{
    /** A place in a sentence; what stands there is a value, which may be a name of its own. */
    private const PLACE = '/:(\d)/';

    /** Places within places that are looked into. */
    private const DEEP = 3;

    /** Several names in a row; what a house calls its dish is none of them. */
    private const NAMES = '/^\p{Lu}[^,]*(?:, \p{Lu}[^,]*)+$/u';

    /** Letters a sentence has beside its places: fewer are a unit. */
    private const TELLING = 2;

    /**
     * Of those that begin with a value and have fewer letters than this, each value has a figure in it: "40 g left" is
     * ours, "no bone left" is not.
     */
    private const WEAK = 8;

    /** What begins a sentence is not a sentence of its own that goes on after a colon. */
    private const FIRST = '((?:(?!: \p{Ll}).)+?)';

    /** A word with a capital, or several of which one is longer than a unit; and what a day is called. */
    private const MAYBE = '/\p{Lu}\p{L}|\p{L}{3}.* | .*\p{L}{3}|^(?:today|tomorrow|yesterday)$/us';

    /** @var array<string, string> */
    private array $whole = [];

    /** @var list<array{string, string, string, int}> what is certain in it, its pattern, what is said then, how much */
    private array $places = [];

    /** @var array<string, string> what was asked before */
    private array $known = [];

    private bool $read = false;

    /** @var array<string, self> by language: its files are read once */
    private static array $of = [];

    public function __construct(private readonly Language $language)
    {
    }

    /** The one of this language: whoever asks in a request reads its files together with all others. */
    public static function in(Language $language): self
    {
        return self::$of[$language->value] ??= new self($language);
    }

    /** Read when the first text comes that may be among them: a scale that is asked many times a second says none. */
    private function read(): void
    {
        if ($this->read) {
            return;
        }
        $this->read = true;
        foreach (['names', 'catalogue', 'sentences', 'contract'] as $file) {
            $kept = json_decode((string) file_get_contents(lang_path("{$this->language->value}/{$file}.json")), true);
            foreach (is_array($kept) ? $kept : [] as $english => $theirs) {
                if (is_string($theirs)) {
                    $this->keep((string) $english, $theirs);
                }
            }
        }
        // What says most comes first: "a fish" is also "a thing".
        usort($this->places, fn (array $a, array $b): int => $b[3] <=> $a[3]);
    }

    private function keep(string $english, string $theirs): void
    {
        $parts = self::parts($english);
        if (count($parts) === 1) {
            $this->whole[$english] = $theirs;

            return;
        }
        $certain = implode('', $parts);
        $letters = preg_match_all('/\p{L}/u', $certain);
        if ($letters >= self::TELLING) {
            usort($parts, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
            $weak = $letters < self::WEAK && $english[0] === ':' && ! in_array(' no. ', $parts, true);
            $value = $weak ? '(.*?\d.*?)' : '(.+?)';
            $pattern = implode($value, array_map(
                fn (string $part): string => preg_quote($part, '/'),
                self::parts($english),
            ));
            if (str_starts_with($pattern, '(.+?)')) {
                $pattern = self::FIRST.substr($pattern, strlen('(.+?)'));
            }
            $this->places[] = [$parts[0], "/^{$pattern}$/us", $theirs, strlen($certain)];
        }
    }

    /** @return list<string> */
    private static function parts(string $english): array
    {
        $parts = preg_split(self::PLACE, $english);

        return $parts === false ? [$english] : $parts;
    }

    public function text(string $english): string
    {
        $code = ctype_alnum($english) && strtoupper($english) === $english;
        if ($this->language === Language::English || $english === '' || $code) {
            return $english;
        }

        // A figure with its unit, or a code in small letters, is no sentence.
        if (preg_match(self::MAYBE, $english) !== 1) {
            return Written::as($english, $this->language);
        }
        $this->read();

        return $this->known[$english] ??= str_contains($english, "\n")
            ? $this->lines($english)
            : $this->found($english, self::DEEP) ?? Written::as($english, $this->language);
    }

    /** A letter is in one language from its first line to its last: in this one where every line of it is known. */
    private function lines(string $english): string
    {
        $said = array_map(
            fn (string $line): ?string => $line === '' ? '' : $this->found($line, self::DEEP),
            explode("\n", $english),
        );

        return in_array(null, $said, true) ? $english : implode("\n", $said);
    }

    /** A name of the catalogue that is put together with what the house calls its own. */
    public static function called(string $name): string
    {
        return self::in(Language::spoken())->word($name);
    }

    /** As `text`, and a word in small letters, which elsewhere may be a code. */
    public function word(string $english): string
    {
        if ($this->language === Language::English) {
            return $english;
        }
        $this->read();

        return $this->whole[$english] ?? $this->text($english);
    }

    /** As `word`, and a figure with nothing beside it, which elsewhere may be read by a program. */
    public function cell(string $english): string
    {
        $figure = preg_match('/\p{L}/u', $english) !== 1;

        return $figure ? Written::value($english, $this->language) : $this->word($english);
    }

    /**
     * A sentence that began with a capital begins with one, whatever stands first in it there; one that began with a
     * small letter after a colon does so there, where it does not begin with a name.
     */
    private static function begun(string $english, string $theirs, string $kept): string
    {
        return match (true) {
            preg_match('/^\p{Lu}/u', $english) === 1 => Str::ucfirst($theirs),
            preg_match('/^\p{Ll}/u', $english) === 1 && $kept[0] !== ':' => Str::lcfirst($theirs),
            default => $theirs,
        };
    }

    /**
     * @param  int  $deep  places within this one that are still looked into
     * @return string|null null for what is kept under no sentence
     */
    private function found(string $english, int $deep): ?string
    {
        return $this->whole[$english] ??
            ($deep === self::DEEP ? $this->each($english, '/(?<=[.!?]) (?=\p{Lu})/u', ' ', $deep) : null) ??
            // "Tail end 2, Brill" is two names, and not one of a tail end called "2, Brill".
            (preg_match(self::NAMES, $english) === 1 ? $this->each($english, '/, /', ', ', min($deep, 2)) : null) ??
            ($deep > 0 && str_contains($english, ' ') ? $this->withValues($english, $deep) : null);
    }

    /** Several in a row, of which every one is known. */
    private function each(string $english, string $between, string $joined, int $deep): ?string
    {
        $each = preg_split($between, $english);
        if ($each === false || count($each) < 2) {
            return null;
        }
        $said = array_map(
            fn (string $one): ?string => $deep > 0 ? $this->found($one, $deep - 1) : ($this->whole[$one] ?? null),
            $each,
        );

        return in_array(null, $said, true) ? null : implode($joined, $said);
    }

    private function withValues(string $english, int $deep): ?string
    {
        foreach ($this->places as [$certain, $pattern, $theirs]) {
            if (str_contains($english, $certain) && preg_match($pattern, $english, $values) === 1) {
                return self::begun($english, (string) preg_replace_callback(
                    self::PLACE,
                    function (array $place) use ($values, $deep): string {
                        $value = $values[(int) $place[1]] ?? '';

                        return $this->found($value, $deep - 1) ?? Written::value($value, $this->language);
                    },
                    $theirs,
                ), $theirs);
            }
        }

        return null;
    }
}
