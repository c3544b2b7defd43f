<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Support\Facades\DB;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

/** What the head chef has set for the house, with the value each has until then. */
final readonly class Settings
{
    private const UNTIL_SET = [
        'kitchen' => 'Our kitchen',
        'currency' => 'EUR',
        'labour_rate_minor' => '1860',
        'tax_pct' => '10',
        'scale_most_mg' => '15000000',
        'scale_step_mg' => '5000',
        'warmest_c' => '5.0',
    ];

    private function __construct(
        public string $kitchen,
        public Currency $currency,
        public int $labourRateMinor,
        public string $taxPct,
        public Mass $scaleMost,
        public Mass $scaleStep,
        public Temperature $warmest,
    ) {
    }

    public static function load(): self
    {
        $values = self::UNTIL_SET;
        foreach (DB::table('settings')->pluck('value', 'key') as $key => $value) {
            if (is_string($value) && isset($values[$key])) {
                $values[$key] = $value;
            }
        }

        return new self(
            $values['kitchen'],
            Currency::of($values['currency']),
            (int) $values['labour_rate_minor'],
            $values['tax_pct'],
            Mass::ofMilligrams((int) $values['scale_most_mg']),
            Mass::ofMilligrams((int) $values['scale_step_mg']),
            Temperature::ofCelsius((float) $values['warmest_c']),
        );
    }

    /** @param  array<key-of<self::UNTIL_SET>, string>  $values */
    public static function store(array $values): void
    {
        foreach ($values as $key => $value) {
            DB::table('settings')->updateOrInsert(['key' => $key], ['value' => $value]);
        }
    }
}
