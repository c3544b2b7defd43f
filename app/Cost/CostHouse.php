<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Cost\CreditSchool;
use Sectum\Cost\HouseEnding;
use Sectum\Cost\Split;
use Sectum\Measure\Money;

/** How this house counts: the schools of sharing and crediting, labour, prices. */
final readonly class CostHouse
{
    /** @return Answer */
    public static function of(): array
    {
        $settings = Settings::load();

        return [
            'split' => $settings->split->value,
            'credits' => $settings->credits->value,
            'counts_labour' => $settings->countsLabour,
            'labour_rate' => $settings->labourPerHour->print(),
            'tax_pct' => (float) $settings->taxPct,
            'price_ending' => $settings->priceEnding,
            'cost_points' => $settings->costPoints,
            'said' => self::said($settings),
        ];
    }

    /** The schools in a sentence. */
    public static function said(Settings $settings): string
    {
        return ($settings->split === Split::ByWeight
            ? 'A kilo costs the same whatever dish it became'
            : 'A kilo costs in proportion to what its dish is worth').
            '; trim counts '.
            ($settings->credits === CreditSchool::BinValue
                ? 'at the value of its bin'
                : 'at what its batch really brought').
            '; work '.
            ($settings->countsLabour ? 'is counted.' : 'is not counted.');
    }

    public static function store(Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        $currency = Settings::load()->currency;
        $values = [];
        foreach (['split', 'credits', 'price_ending'] as $name) {
            if ($fields->has($name)) {
                $values[$name] = $fields->string($name);
            }
        }
        if (isset($values['price_ending'])) {
            Fault::within('', fn () => HouseEnding::of($values['price_ending']));
        }
        if ($fields->named('counts_labour')) {
            $values['counts_labour'] = $fields->bool('counts_labour') ? '1' : '0';
        }
        if ($fields->has('labour_rate')) {
            $values['labour_rate_minor'] = (string) Fault::at(
                '/labour_rate',
                fn (): int => Money::parse($fields->string('labour_rate'), $currency)->minor,
            );
        }
        foreach (['tax_pct', 'cost_points'] as $name) {
            if ($fields->has($name)) {
                $values[$name] = json_encode($fields->number($name), JSON_THROW_ON_ERROR);
            }
        }
        DB::connection()->transaction(fn () => Settings::store($values, $person));
    }
}
