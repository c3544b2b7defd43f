<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Support\Facades\DB;
use Sectum\Cost\CreditSchool;
use Sectum\Cost\Split;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Route\Ways;

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
        'keeps_dark_muscle' => '0',
        'skins_in_stock' => '0',
        'grills_heads' => '0',
        'boils_collars' => '0',
        'pots_l' => '20 12 6',
        'split' => 'by-weight',
        'credits' => 'bin-value',
        'counts_labour' => '1',
        'price_ending' => '50',
        'cost_points' => '3',
        'ready_yield_pct' => '95',
    ];

    private function __construct(
        public string $kitchen,
        public Currency $currency,
        public int $labourRateMinor,
        public string $taxPct,
        public Mass $scaleMost,
        public Mass $scaleStep,
        public Temperature $warmest,
        public Ways $ways,
        public string $pots,
        public Split $split,
        public CreditSchool $credits,
        public bool $countsLabour,
        public string $priceEnding,
        public float $costPoints,
        public string $readyYieldPct,
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
            new Ways($values['keeps_dark_muscle'] === '1', $values['skins_in_stock'] === '1', $values['grills_heads'] === '1', $values['boils_collars'] === '1'),
            $values['pots_l'],
            Split::from($values['split']),
            CreditSchool::from($values['credits']),
            $values['counts_labour'] === '1',
            $values['price_ending'],
            (float) $values['cost_points'],
            $values['ready_yield_pct'],
        );
    }

    /** @return list<float> the kitchen's pots, litres */
    public function pots(): array
    {
        return array_values(array_map(floatval(...), array_filter(explode(' ', $this->pots), fn (string $pot): bool => $pot !== '')));
    }

    /** @param  array<key-of<self::UNTIL_SET>, string>  $values */
    public static function store(array $values): void
    {
        foreach ($values as $key => $value) {
            DB::table('settings')->updateOrInsert(['key' => $key], ['value' => $value]);
        }
    }
}
