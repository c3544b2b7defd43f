<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Kitchen\Format\Words;
use DateTimeZone;
use Illuminate\Support\Str;
use Sectum\Cost\HouseEnding;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Temperature;

/** Of what kind a setting is: how it is read from what was typed, and how it is shown. */
enum RuleKind: string
{
    case Text = 'text';
    case Zone = 'zone';
    case Currency = 'currency';
    case Number = 'number';
    case Money = 'money';
    case Mass = 'mass';
    case Temperature = 'temperature';
    case Truth = 'truth';
    case Choice = 'choice';
    case Litres = 'litres';
    case Ending = 'ending';
    case Address = 'address';

    /** A device's host and port. */
    private const ADDRESS = '/^[a-z0-9](?:[a-z0-9.-]{0,60}[a-z0-9])?:[1-9][0-9]{0,4}$/i';

    private const MOST_POTS = 8;

    /**
     * What was typed, as it is kept.
     *
     * @throws Fault at /value when it is nothing of this kind, or outside its bounds
     */
    public function parse(string $typed, HouseRule $rule, Settings $settings, Person $by): string
    {
        $typed = trim($typed);

        return match ($this) {
            self::Text => mb_strlen($typed) <= $rule->most
                ? $typed
                : self::refuse("That is longer than {$rule->most} characters."),
            self::Zone => in_array($typed, DateTimeZone::listIdentifiers(), true)
                ? $typed
                : self::refuse('Choose a time zone of the list, like Europe/London.'),
            self::Currency => Fault::at('/value', fn (): string => Currency::of($typed)->code),
            self::Number => self::number($typed, $rule),
            self::Money => (string) Fault::at(
                '/value',
                fn (): int => Money::parse($typed, $settings->currency)->minor,
            ),
            self::Mass => (string) Fault::at('/value', fn (): int => Mass::parse($typed, $by->units)->milligrams),
            self::Temperature => self::temperature($typed, $rule),
            self::Truth => in_array($typed, ['0', '1'], true) ? $typed : self::refuse('Choose yes or no.'),
            self::Choice => isset($rule->choices[$typed]) ? $typed : self::refuse('Choose one of the list.'),
            self::Litres => self::litres($typed, $rule),
            self::Ending => Fault::at('/value', function () use ($typed): string {
                HouseEnding::of($typed);

                return $typed;
            }),
            self::Address => $typed === '' ||
            (preg_match(self::ADDRESS, $typed) === 1 && (int) preg_replace('/^.*:/', '', $typed) <= 65_535)
                ? $typed
                : self::refuse('Write host and port, like 192.168.1.40:8417, or leave it empty.'),
        };
    }

    /** What is kept, as it is typed and shown. */
    public function show(string $kept, HouseRule $rule, Settings $settings, Person $for): string
    {
        return match ($this) {
            self::Money => $settings->money((int) $kept)->print(),
            self::Mass => (new Words($for->units, Mass::ofMilligrams(min(1000, max(1, (int) $kept)))))->text(
                Mass::ofMilligrams((int) $kept),
            ),
            self::Temperature => Temperature::ofCelsius((float) $kept)->print($for->units),
            self::Truth => $kept === '1' ? 'yes' : 'no',
            self::Choice => $rule->choices[$kept] ?? $kept,
            self::Text, self::Zone, self::Currency, self::Ending, self::Address => $kept,
            self::Litres => trim($kept.' '.$rule->unit),
            self::Number => trim($kept.' '.($kept === '1' ? Str::singular($rule->unit) : $rule->unit)),
        };
    }

    private static function number(string $typed, HouseRule $rule): string
    {
        $number =
            preg_match('/^\d{1,4}(\.\d{1,3})?\b/', $typed, $found) === 1
                ? (float) $found[0]
                : self::refuse('Write a number.');

        return $number >= $rule->least && $number <= $rule->most
            ? (string) $number
            : self::refuse("This is between {$rule->least} and {$rule->most} {$rule->unit}.");
    }

    private static function temperature(string $typed, HouseRule $rule): string
    {
        $celsius = Fault::at('/value', fn (): float => Temperature::parse($typed)->celsius());

        return $celsius >= $rule->least && $celsius <= $rule->most
            ? (string) $celsius
            : self::refuse("This is between {$rule->least} and {$rule->most} °C.");
    }

    private static function litres(string $typed, HouseRule $rule): string
    {
        $pots = preg_split(
            '/[\s,;]+/',
            preg_replace('/\s*(litres|l)\s*$/i', '', $typed) ?? '',
            -1,
            PREG_SPLIT_NO_EMPTY,
        );
        $pots = $pots === false ? [] : $pots;
        count($pots) <= self::MOST_POTS || self::refuse('That is more pots than a kitchen has.');
        foreach ($pots as $pot) {
            (is_numeric($pot) && (float) $pot >= $rule->least && (float) $pot <= $rule->most) ||
                self::refuse("A pot holds between {$rule->least} and {$rule->most} litres.");
        }

        return implode(' ', $pots);
    }

    private static function refuse(string $sentence): never
    {
        throw Fault::inField('/value', rtrim($sentence, ' .').'.');
    }
}
