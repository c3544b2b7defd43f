<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;
use Sectum\Measure\UnreadableMass;

/**
 * A search as it is said to a colleague: "hake since October over 3 kg", "zander by Ilse last week", "no. 31".
 *
 * Sizes, days and numbers are read by their form, the rest by the names of the house, the longest first. What is left
 * over is handed back, so that nobody takes a word for understood that was not.
 */
final class AskedInWords
{
    private const MASS = '(\d+(?:[.,]\d+)?\s*(?:kg|g|lb|oz)(?:\s*\d+(?:[.,]\d+)?\s*oz)?)';

    /** Words that say nothing by themselves. */
    private const EMPTY = ['fish', 'the', 'a', 'of', 'and', 'all', 'with', 'cut', 'supplier', 'dish', 'kg', 'in', 'on'];

    private ?Mass $over = null;

    private ?Mass $under = null;

    private ?DateTimeImmutable $from = null;

    private ?DateTimeImmutable $until = null;

    private ?int $number = null;

    /** @var array<string, list<string>> ids by kind */
    private array $names = [];

    private function __construct(private string $left, private readonly UnitSystem $units)
    {
    }

    /** @param  DateTimeImmutable  $today  the kitchen day */
    public static function read(string $said, Vocabulary $known, DateTimeImmutable $today, UnitSystem $units): Asked
    {
        $read = new self(' '.trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($said))).' ', $units);
        $read->number();
        $read->sizes();
        $read->days(new DaysInWords($today));
        $read->names($known);

        return new Asked(
            $read->names,
            $read->from,
            $read->until,
            $read->over,
            $read->under,
            $read->number,
            $read->left,
        );
    }

    private function number(): void
    {
        $this->take(
            '/ (?:no\.? ?|#)(\d{1,9})(?= )|^ (\d{1,9}) $/u',
            fn (array $m): int => $this->number = (int) ($m[1] === '' ? $m[2] ?? '' : $m[1]),
        );
    }

    private function sizes(): void
    {
        $mass = self::MASS;
        $this->take(
            '/ (?:between )?(\d+(?:[.,]\d+)?)\s*(kg|g|lb|oz)?\s*(?:-|–|to|and)\s*'.$mass.'(?= )/u',
            function (array $m): void {
                $unit = preg_match('/(kg|g|lb|oz)/', $m[3], $of) === 1 ? $of[1] : '';
                $this->over = $this->mass($m[1].($m[2] === '' ? $unit : $m[2]));
                $this->under = $this->mass($m[3]);
            },
        );
        $this->take(
            "/ (?:over|above|heavier than|more than|from|at least|>=?)\s*{$mass}(?= )/u",
            fn (array $m): ?Mass => $this->over = $this->mass($m[1]),
        );
        $this->take(
            "/ (?:under|below|lighter than|less than|up to|at most|<=?)\s*{$mass}(?= )/u",
            fn (array $m): ?Mass => $this->under = $this->mass($m[1]),
        );
    }

    private function days(DaysInWords $days): void
    {
        $day = DaysInWords::PATTERN;
        $this->take(
            "/ (?:since|after|from) ({$day})(?= )/u",
            fn (array $m): ?DateTimeImmutable => $this->from = $days->first($m[1]),
        );
        $this->take(
            "/ (?:until|till|before|to|up to) ({$day})(?= )/u",
            fn (array $m): ?DateTimeImmutable => $this->until = $days->last($m[1]),
        );
        $this->take("/ (?:in |on |of )?({$day})(?= )/u", function (array $m) use ($days): void {
            $this->from ??= $days->first($m[1]);
            $this->until ??= $days->last($m[1]);
        });
    }

    /**
     * Takes a phrase out of what is left.
     *
     * @param  callable(array<string>): mixed  $found
     */
    private function take(string $pattern, callable $found): void
    {
        if (preg_match($pattern, $this->left, $m, PREG_OFFSET_CAPTURE) === 1) {
            [$all, $at] = $m[0];
            $found(array_map(fn (array $one): string => $one[0], $m));
            $this->left = substr($this->left, 0, $at).' '.ltrim(substr($this->left, $at + strlen($all)));
        }
    }

    private function mass(string $said): ?Mass
    {
        try {
            return Mass::parse(str_replace(',', '.', $said), $this->units);
        } catch (UnreadableMass) {
            return null;
        }
    }

    /** The names of the house; what nobody is called by stays. */
    private function names(Vocabulary $known): void
    {
        $words = array_values(array_filter(explode(' ', trim($this->left)), fn (string $word): bool => $word !== ''));
        $rest = [];
        while ($words !== []) {
            $lead = Vocabulary::lead($words[0]);
            $led = $lead === null ? null : $known->begins(array_slice($words, 1), $lead);
            $named = $led ?? $known->begins($words);
            if ($named === null) {
                $word = array_shift($words);
                if ($lead === null && ! in_array($word, self::EMPTY, true)) {
                    $rest[] = $word;
                }

                continue;
            }
            $kind = $named->kind->value;
            $this->names[$kind] = array_values(array_unique([...$this->names[$kind] ?? [], ...$named->ids]));
            $words = array_slice($words, $named->words + ($led === null ? 0 : 1));
        }
        $this->left = implode(' ', $rest);
    }
}
