<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** A temperature in tenths of a degree Celsius, as a kitchen probe tells it. */
final readonly class Temperature
{
    private function __construct(public int $tenths)
    {
    }

    public static function ofCelsius(float $degrees): self
    {
        return new self((int) round($degrees * 10));
    }

    /**
     * Reads what a cook types: "3.4", "3.4 °C", "38 F".
     *
     * @throws UnreadableTemperature when it is no temperature, or none that fish is ever at (−90 to 150 °C)
     */
    public static function parse(string $text): self
    {
        $typed = strtr(trim(strtolower($text)), ['−' => '-', '°' => '']);
        if (str_contains($typed, ',')) {
            throw new UnreadableTemperature("Write \"{$text}\" with a point instead of the comma: 3.4.", $text);
        }
        if (preg_match('/^(-?\d{1,3}(?:\.\d{1,3})?)\s*([cf]?)$/', $typed, $m) !== 1) {
            throw new UnreadableTemperature("\"{$text}\" is not a temperature. Write it like 3.4 or 38 F.", $text);
        }
        $celsius = $m[2] === 'f' ? ((float) $m[1] - 32) / 1.8 : (float) $m[1];
        if ($celsius < -90 || $celsius > 150) {
            throw new UnreadableTemperature("\"{$text}\" is no temperature a fish is ever at.", $text);
        }

        return self::ofCelsius($celsius);
    }

    public function celsius(): float
    {
        return $this->tenths / 10;
    }

    /** Strictly above a limit in degrees Celsius. */
    public function isAbove(float $celsius): bool
    {
        return $this->tenths > (int) round($celsius * 10);
    }

    /** "3.4 °C", "38.1 °F" */
    public function print(UnitSystem $units = UnitSystem::Metric): string
    {
        $degrees = $units === UnitSystem::Metric ? $this->celsius() : $this->celsius() * 1.8 + 32;

        return (round($degrees, 1) < 0 ? '−' : '').
            number_format(abs($degrees), 1, '.', '').
            ($units === UnitSystem::Metric ? ' °C' : ' °F');
    }

    /** A limit as a rule writes it: "21 °C", "70 °F", "4.4 °C". */
    public function brief(UnitSystem $units = UnitSystem::Metric): string
    {
        return $this->tenths % 10 === 0
            ? round($units === UnitSystem::Metric ? $this->celsius() : $this->celsius() * 1.8 + 32).
                ($units === UnitSystem::Metric ? ' °C' : ' °F')
            : $this->print($units);
    }
}
