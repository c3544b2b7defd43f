<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** A length as a ruler on the board shows it, in hundredths of a millimetre. The inch is 25.4 mm exactly. */
final readonly class Length
{
    /** Three metres: beyond any board. */
    private const MOST_MM = 3000;

    private function __construct(private int $hundredths)
    {
    }

    public static function ofCm(float $cm): self
    {
        return new self((int) round(1000 * $cm));
    }

    public static function ofMm(float $mm): self
    {
        return new self((int) round(100 * $mm));
    }

    /**
     * Reads a length as typed: "52 cm", "34 mm", "20.5 in"; a bare number is in the unit the field asks for.
     *
     * @param  string  $bare  "cm" or "mm"; with US units a bare number is inches
     *
     * @throws UnreadableLength when it is no length, is nothing, or is beyond three metres
     */
    public static function parse(string $text, UnitSystem $units, string $bare): self
    {
        $typed = trim(strtolower($text));
        if (str_contains($typed, ',')) {
            throw new UnreadableLength("Write \"{$text}\" with a point instead of the comma: 52.5 cm.", $text);
        }
        if (preg_match('/^(\d{1,5}(?:\.\d{1,4})?) ?(cm|mm|m|in|inch|inches|")?$/', $typed, $m) !== 1) {
            throw new UnreadableLength("\"{$text}\" is not a length. Write it like 52 cm or 20.5 in.", $text);
        }
        $unit = $m[2] ?? ($units === UnitSystem::Us ? 'in' : $bare);
        $mm =
            (float) $m[1] *
            match ($unit) {
                'mm' => 1,
                'cm' => 10,
                'm' => 1000,
                default => 25.4,
            };
        if ($mm <= 0 || $mm > self::MOST_MM) {
            throw new UnreadableLength(
                $mm <= 0 ? 'A length is more than nothing.' : "\"{$text}\" is longer than any board. Check the unit.",
                $text,
            );
        }

        return self::ofMm($mm);
    }

    public function cm(): float
    {
        return $this->hundredths / 1000;
    }

    public function mm(): float
    {
        return $this->hundredths / 100;
    }

    /** A place along the board: "21.3 cm", "8.4 in" */
    public function along(UnitSystem $units): string
    {
        return $units === UnitSystem::Us
            ? number_format($this->mm() / 25.4, 2, '.', '').' in'
            : number_format($this->cm(), 1, '.', '').' cm';
    }

    /** Across a piece: "31 mm", "1.2 in" */
    public function across(UnitSystem $units): string
    {
        return $units === UnitSystem::Us
            ? number_format($this->mm() / 25.4, 2, '.', '').' in'
            : round($this->mm()).' mm';
    }
}
