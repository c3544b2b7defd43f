<?php

declare(strict_types=1);

namespace App\Kitchen\Language;

/**
 * Figures and dates as a language writes them, in a text that has them as English does: a figure only where its unit
 * or its currency stands beside it, so that a rule's number or a version stays what it is.
 */
final readonly class Written
{
    private const UNIT = '(?:kg|g|lb|oz|cm|mm|in|°C|°F|%|h|min|l|ml|ppm)';

    private const SIGN = '[€£$]';

    private const AMOUNT = '\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?';

    /** A figure of its own, bare or with its unit, or a day. */
    private const FIGURE = '[+−]?'.self::SIGN.'?(?:'.self::AMOUNT.')(?: ?'.self::UNIT.')?(?: [\d.]+ oz)?|'.
        '\d{1,2} \p{L}{3}(?: \d{4})?';

    private const TO = ['es' => 'a', 'fr' => 'à'];

    private const DAYS = [
        'es' => ['lun', 'mar', 'mié', 'jue', 'vie', 'sáb', 'dom'],
        'fr' => ['lun.', 'mar.', 'mer.', 'jeu.', 'ven.', 'sam.', 'dim.'],
    ];

    private const WHOLE_DAYS = [
        'es' => ['lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábado', 'domingo'],
        'fr' => ['lundi', 'mardi', 'mercredi', 'jeudi', 'vendredi', 'samedi', 'dimanche'],
    ];

    private const MONTHS = [
        'es' => ['ene', 'feb', 'mar', 'abr', 'may', 'jun', 'jul', 'ago', 'sept', 'oct', 'nov', 'dic'],
        'fr' => [
            'janv.', 'févr.', 'mars', 'avr.', 'mai', 'juin', 'juil.', 'août', 'sept.', 'oct.', 'nov.', 'déc.',
        ],
    ];

    private const WHOLE_MONTHS = [
        'es' => [
            'enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto', 'septiembre', 'octubre',
            'noviembre', 'diciembre',
        ],
        'fr' => [
            'janvier', 'février', 'mars', 'avril', 'mai', 'juin', 'juillet', 'août', 'septembre', 'octobre',
            'novembre', 'décembre',
        ],
    ];

    private const ENGLISH_DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    private const ENGLISH_MONTHS = [
        'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November',
        'December',
    ];

    public static function as(string $english, Language $language): string
    {
        if ($language === Language::English || preg_match('/\d/', $english) !== 1) {
            return $english;
        }

        $to = self::TO[$language->value];
        $between = preg_replace('/^('.self::FIGURE.') to ('.self::FIGURE.')$/u', "$1 {$to} $2", $english) ?? $english;

        return self::days(self::figures($between, $language), $language);
    }

    /** A value that is a figure though nothing stands beside it: within a sentence, or in a column of a paper. */
    public static function value(string $english, Language $language): string
    {
        return $language->hasComma() && preg_match('/^[+−-]?\d+\.\d+$/u', $english) === 1
            ? strtr($english, '.', ',')
            : self::as($english, $language);
    }

    private static function figures(string $text, Language $language): string
    {
        $written = fn (string $number): string => strtr($number, [',' => $language->thousands(), '.' => ',']);
        // "€1,234.50" is "1.234,50 €".
        $text = (string) preg_replace_callback(
            '/('.self::SIGN.')('.self::AMOUNT.')/u',
            fn (array $found): string => $written($found[2])."\u{a0}".$found[1],
            $text,
        );

        return (string) preg_replace_callback(
            '/(?<![\d.,\/:–-])('.self::AMOUNT.')(?=[ \x{a0}\x{202f}]?'.self::UNIT.'(?![\p{L}\d]))/u',
            fn (array $found): string => $written($found[1]),
            $text,
        );
    }

    /** "Sat 28 Nov", "Saturday 28 November", "November 2026" */
    private static function days(string $text, Language $language): string
    {
        $of = $language->value;
        if (! isset(self::DAYS[$of])) {
            return $text;
        }
        $short = fn (string $name): string => substr($name, 0, 3);
        $names = [
            '/\b(%s)(?= \d{1,2}[ :])/' => [
                array_combine(self::ENGLISH_DAYS, self::WHOLE_DAYS[$of]),
                array_combine(array_map($short, self::ENGLISH_DAYS), self::DAYS[$of]),
            ],
            '/(?:(?<=\d )|(?=\w+ \d{4}$))(%s)\b/' => [
                array_combine(
                    self::ENGLISH_MONTHS,
                    $language === Language::Spanish
                        ? array_map(fn (string $month): string => "de {$month}", self::WHOLE_MONTHS[$of])
                        : self::WHOLE_MONTHS[$of],
                ),
                array_combine(array_map($short, self::ENGLISH_MONTHS), self::MONTHS[$of]),
            ],
        ];
        foreach ($names as $where => [$whole, $brief]) {
            $all = $whole + $brief;
            $text = (string) preg_replace_callback(
                sprintf($where, implode('|', array_keys($all))),
                fn (array $found): string => $all[$found[1]] ?? $found[1],
                $text,
            );
        }

        // A month that begins a text is in no row of a day's.
        return (string) preg_replace('/^de (?=\p{L}+ \d{4}$)/u', '', $text);
    }
}
