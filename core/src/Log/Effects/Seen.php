<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Log\BadLog;

/** A fish with its yield or its cost, and by whom, from whom and how it was cut. */
final readonly class Seen
{
    /**
     * @param  string  $group  species, state and yield step: what is compared with what
     * @param  float  $grams  of one fish, above 0
     * @param  float  $value  percent
     * @param  array<string, string>  $levels  by factor: cutter, supplier, method …
     */
    private function __construct(public string $group, public float $grams, public float $value, public array $levels)
    {
    }

    /**
     * @param  float  $grams  of one fish, above 0
     * @param  float  $pct  its yield, above 0 up to 100
     * @param  array<string, string>  $levels  by factor
     *
     * @throws BadLog which names the figure
     */
    public static function yielding(string $group, float $grams, float $pct, array $levels): self
    {
        self::mustWeigh($grams);
        ($pct > 0 && $pct <= 100) || throw new BadLog('A yield is above 0 and up to 100 %.', $pct, '/yield_pct');

        return new self($group, $grams, $pct, $levels);
    }

    /**
     * What an edible kilo of it cost: differences are percent of it, whatever the fish is worth.
     *
     * @param  float  $perKg  above 0
     * @param  array<string, string>  $levels  by factor
     *
     * @throws BadLog which names the figure
     */
    public static function costing(string $group, float $grams, float $perKg, array $levels): self
    {
        self::mustWeigh($grams);
        $perKg > 0 || throw new BadLog('An edible kilo costs more than nothing.', $perKg, '/cost');

        return new self($group, $grams, 100 * log($perKg), $levels);
    }

    private static function mustWeigh(float $grams): void
    {
        $grams > 0 || throw new BadLog('A fish weighs more than nothing.', $grams, '/mass_g');
    }
}
