<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use App\Kitchen\Person;
use App\Kitchen\Settings;
use BackedEnum;
use DateTimeImmutable;
use Illuminate\Support\Facades\Auth;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;
use Sectum\Measure\Temperature;
use Sectum\Measure\UnitSystem;
use Sectum\Message;
use Sectum\Refusal;

/**
 * Masses as the page shows them: the exact figure for drawing, the words for reading, in the units of whoever looks.
 */
final readonly class Words
{
    private const IN_KILOS_MG = 10_000_000;

    public MassUnit $unit;

    public function __construct(public UnitSystem $units, public Mass $step)
    {
        $this->unit = $units->bench();
    }

    /** "1515 g"; from ten kilograms on "12.600 kg", which nobody has to count the noughts of. */
    public function text(Mass $mass): string
    {
        $large = $this->unit === MassUnit::Gram && $mass->abs()->milligrams >= self::IN_KILOS_MG;

        return $mass->print($large ? MassUnit::Kilogram : $this->unit, $this->step);
    }

    /** In both systems, for paper that hangs where everybody reads it: "180 g (6.3 oz)". */
    public static function inBoth(Mass $mass): string
    {
        $step = Settings::load()->scaleStep;
        [$metric, $us] = [new self(UnitSystem::Metric, $step), new self(UnitSystem::Us, $step)];

        return "{$metric->text($mass)} ({$us->text($mass)})";
    }

    /** @return array{mg: int, text: string} */
    public function mass(Mass $mass): array
    {
        return ['mg' => $mass->milligrams, 'text' => $this->text($mass)];
    }

    /** What so much costs in the unit of whoever reads, and that unit: "€13.90", "kg". */
    public function rate(PricePerKg $price): Rate
    {
        $per = $this->units === UnitSystem::Us ? MassUnit::Pound : MassUnit::Kilogram;

        return new Rate($price->times(Mass::ofGrams((float) $per->grams())), $per);
    }

    /** A place along a fillet: "21.3 cm" */
    public function along(float $cm): string
    {
        return Length::ofCm($cm)->along($this->units);
    }

    /** Across a piece: "31 mm" */
    public function across(float $mm): string
    {
        return Length::ofMm($mm)->across($this->units);
    }

    /** "+6 g", "−4 g", "0 g" */
    public function off(Mass $difference): string
    {
        return ($difference->isPositive() ? '+' : '').$this->text($difference);
    }

    /** "3.4 °C", "38.1 °F" */
    public function degrees(Temperature $temperature): string
    {
        return $temperature->print($this->units);
    }

    /** "13 h 20 min", "45 min": whole minutes that are over; figure and unit stay on one line. */
    public static function span(float $minutes): string
    {
        $whole = (int) floor($minutes + 1e-6);

        return $whole < 60
            ? "{$whole}\u{a0}min"
            : intdiv($whole, 60)."\u{a0}h".($whole % 60 === 0 ? '' : "\u{a0}".($whole % 60)."\u{a0}min");
    }

    /**
     * What something is called, by its code in the language files: "portion.shape.loin".
     *
     * @param  array<string, string>  $values  what stands in its places
     */
    public static function named(string $key, array $values = []): string
    {
        $name = trans($key, $values);

        return is_string($name) ? $name : $key;
    }

    /** A sentence of the core, in the reader's language and units. */
    public function say(Message $message): string
    {
        $key = "core.{$message->key()}";
        $values = array_map($this->value(...), $message->values);
        $count = $message->values['count'] ?? null;

        if (is_int($count)) {
            return trans_choice($key, $count, $values);
        }
        $sentence = trans($key, $values);

        return is_string($sentence) ? $sentence : $key;
    }

    /**
     * Several, one after the other.
     *
     * @param  list<Message>  $messages
     */
    public function sayAll(array $messages): string
    {
        return implode(' ', array_map($this->say(...), $messages));
    }

    private function value(
        Mass|Length|Temperature|Money|DateTimeImmutable|BackedEnum|int|float|string $value,
    ): string {
        return match (true) {
            $value instanceof Mass => $this->text($value),
            $value instanceof Length => $value->mm() < 100 ? $value->across($this->units) : $value->along($this->units),
            $value instanceof Temperature => $value->brief($this->units),
            $value instanceof Money => $value->print(),
            $value instanceof DateTimeImmutable => $value->format('H:i'),
            $value instanceof Bin, $value instanceof Part => $value->spoken(),
            $value instanceof BackedEnum => (string) $value->value,
            default => (string) $value,
        };
    }

    /** In the units of whoever is signed in; metric for nobody. */
    public static function ofReader(): self
    {
        $person = Auth::user();
        $units = $person instanceof Person ? $person->units : UnitSystem::Metric;

        return new self($units, Settings::load()->scaleStep);
    }

    /** What the core refuses, as it is said to whoever entered it. */
    public static function refused(Refusal $refusal): string
    {
        $said = $refusal->said();

        return $said === null ? $refusal->getMessage() : self::ofReader()->say($said);
    }
}
