<?php

declare(strict_types=1);

namespace Sectum\Gs1;

use Brick\Math\RoundingMode;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/**
 * What a label says: GS1 element strings as a scanner types them, as printed with parentheses, a GS1 Digital Link, or a
 * bare trade item number.
 *
 * Follows the GS1 General Specifications, chapter 7, and GS1 Digital Link 1.x (uncompressed).
 */
final readonly class Scan
{
    /** What ends a value of varying length: the function character FNC1, sent as group separator. */
    public const SEPARATOR = "\x1d";

    /** No label is longer. */
    private const LONGEST = 2048;

    /** Symbology identifiers (ISO/IEC 15424) of symbols that carry element strings, and of bare trade item numbers. */
    private const ELEMENTS = [']C1', ']e0', ']d2', ']Q3', ']J1'];

    private const BARE = [']E0', ']E4', ']I1'];

    /** @param  non-empty-list<Element>  $elements */
    private function __construct(public array $elements)
    {
    }

    /**
     * @param  int  $thisYear  the year it is read in
     *
     * @throws BadScan which names the element that is wrong
     */
    public static function read(string $text, int $thisYear): self
    {
        $text = trim($text, " \t\r\n");
        if ($text === '') {
            throw new BadScan('The scan is empty.', $text, '/text');
        }
        if (strlen($text) > self::LONGEST) {
            throw new BadScan(
                'No label is that long: several scans are glued together.',
                mb_strcut($text, 0, 40),
                '/text',
            );
        }
        if (preg_match('#^https?://#i', $text) === 1) {
            return self::checked(DigitalLink::pairs($text), $thisYear);
        }
        if (preg_match('/^[\x1D\x20-\x7E]*$/', $text) !== 1) {
            throw new BadScan(
                'This holds characters that no label may carry: scan it again.',
                mb_strcut($text, 0, 40),
                '/text',
            );
        }
        $symbology = substr($text, 0, 3);
        if (in_array($symbology, self::BARE, true)) {
            return self::checked([self::bare(substr($text, 3))], $thisYear);
        }
        if (str_starts_with($text, ']')) {
            in_array($symbology, self::ELEMENTS, true) ||
                throw new BadScan("The symbol {$symbology} is not a GS1 label.", $text, '/text');
            $text = substr($text, 3);
        }
        if (preg_match('/^\(\d/', $text) === 1) {
            return self::checked(self::parenthesised($text), $thisYear);
        }
        if (preg_match('/^\d{8}$|^\d{12,14}$/D', $text) === 1 && CheckDigit::fits($text)) {
            return self::checked([self::bare($text)], $thisYear);
        }

        return self::checked(self::separated($text), $thisYear);
    }

    public function get(string $ai): ?Element
    {
        foreach ($this->elements as $element) {
            if ($element->identifier->ai === $ai) {
                return $element;
            }
        }

        return null;
    }

    /** The net weight in whatever unit the label gives it. */
    public function netMass(): ?Mass
    {
        foreach ($this->elements as $element) {
            $unit = match (substr($element->identifier->ai, 0, 3)) {
                '310' => MassUnit::Kilogram,
                '320' => MassUnit::Pound,
                default => null,
            };
            if ($unit !== null && $element->identifier->decimals() !== null) {
                $milligrams = $element
                    ->number()
                    ->multipliedBy($unit->grams())
                    ->multipliedBy(1000)
                    ->toScale(0, RoundingMode::HALF_UP);

                return $milligrams->isPositive() && $milligrams->isLessThanOrEqualTo(Mass::MOST_MILLIGRAMS)
                    ? Mass::ofMilligrams($milligrams->toInt())
                    : null;
            }
        }

        return null;
    }

    /** How many pieces the label stands for, when it says. */
    public function count(): ?int
    {
        $count = $this->get('37') ?? $this->get('30');

        return $count === null ? null : (int) $count->value;
    }

    /** @param  non-empty-list<Pair>  $pairs */
    private static function checked(array $pairs, int $thisYear): self
    {
        $elements = [];
        foreach ($pairs as $pair) {
            [$ai, $value] = [$pair->ai, $pair->value];
            $element = Element::of(Identifier::of($ai), $value, $thisYear);
            $before = $elements[$ai] ?? null;
            if ($before !== null && $before->value !== $value) {
                throw new BadScan(
                    "({$ai}) {$element->identifier->title} stands there twice: two scans are glued together.",
                    $value,
                    '/text',
                );
            }
            $elements[$ai] = $element;
        }
        $scan = new self(array_values($elements));
        $contained = $scan->get('02');
        $howMany = $scan->get('37');
        if ($contained !== null && $scan->get('01') !== null) {
            throw new BadScan(
                '(02) Contained trade item does not go with (01): two scans are glued together.',
                $contained->value,
                '/text',
            );
        }
        if ($contained !== null && $howMany === null) {
            throw new BadScan(
                '(02) Contained trade item comes with (37), the count; the scan was cut short.',
                $contained->value,
                '/text',
            );
        }
        if ($howMany !== null && $contained === null && $scan->get('00') === null && $scan->get('01') === null) {
            throw new BadScan(
                '(37) Count of contained items does not say of what; the scan was cut short.',
                $howMany->value,
                '/text',
            );
        }

        return $scan;
    }

    private static function bare(string $digits): Pair
    {
        if (preg_match('/^\d{8}$|^\d{12,14}$/D', $digits) !== 1 || ! CheckDigit::fits($digits)) {
            throw new BadScan(
                '(01) Trade item (GTIN) does not fit its check digit; scan it again.',
                $digits,
                '/text',
            );
        }

        return new Pair('01', str_pad($digits, 14, '0', STR_PAD_LEFT));
    }

    /** @return non-empty-list<Pair> */
    private static function parenthesised(string $text): array
    {
        preg_match_all('/\((\d{2,4})\)((?:(?!\(\d{2,4}\)).)*)/s', $text, $found, PREG_SET_ORDER);
        $pairs = array_map(fn (array $m): Pair => new Pair($m[1], rtrim($m[2], self::SEPARATOR)), $found);
        $read = implode('', array_map(fn (array $m): string => $m[0], $found));

        return $pairs === [] || $read !== $text
            ? throw new BadScan('The identifiers in parentheses cannot be told apart.', $text, '/text')
            : $pairs;
    }

    /** @return non-empty-list<Pair> */
    private static function separated(string $text): array
    {
        $rest = ltrim($text, self::SEPARATOR);
        $pairs = [];
        while ($rest !== '') {
            $ai = substr($rest, 0, Identifier::length($rest));
            $identifier = Identifier::of($ai);
            $rest = substr($rest, strlen($ai));
            $fixed = $identifier->fixedLength();
            $value = $fixed === null ? explode(self::SEPARATOR, $rest, 2)[0] : substr($rest, 0, $fixed);
            if ($fixed !== null && strlen($value) < $fixed) {
                throw new BadScan(
                    "({$ai}) {$identifier->title} has ".
                        strlen($value).
                        " of its {$fixed} characters: the scan was cut short.",
                    $value,
                    '/text',
                );
            }
            $pairs[] = new Pair($ai, $value);
            $rest = substr($rest, strlen($value));
            $rest = str_starts_with($rest, self::SEPARATOR) ? substr($rest, 1) : $rest;
        }

        return $pairs === [] ? throw new BadScan('The scan is empty.', $text, '/text') : $pairs;
    }
}
