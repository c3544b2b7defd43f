<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** A volume as a cook reads it off a jug; estimates only, nothing is added up in it. */
final readonly class Volume
{
    /** Litres in a US quart, and in a US fluid ounce. */
    private const QUART = 0.946352946;

    private const FLUID_OUNCE = 0.0295735295625;

    private function __construct(private float $litres)
    {
    }

    /** @param  float  $litres  0 or more */
    public static function ofLitres(float $litres): self
    {
        return new self($litres);
    }

    /** As a pot is called: "20 L", "8.5 L" */
    public function brief(UnitSystem $units): string
    {
        return (string) preg_replace('/\.0(?= )/', '', $this->print($units));
    }

    /** "4.8 L", "400 ml"; "5.1 qt", "14 fl oz" */
    public function print(UnitSystem $units): string
    {
        if ($units === UnitSystem::Metric) {
            return $this->litres < 1
                ? round($this->litres * 1000).' ml'
                : number_format($this->litres, 1, '.', '').' L';
        }

        return $this->litres < self::QUART
            ? round($this->litres / self::FLUID_OUNCE).' fl oz'
            : number_format($this->litres / self::QUART, 1, '.', '').' qt';
    }
}
