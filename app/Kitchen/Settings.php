<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Kitchen\Database\SmallTables;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Sectum\Cost\CreditSchool;
use Sectum\Cost\Split;
use Sectum\Hold\HoldLimits;
use Sectum\Measure\Currency;
use Sectum\Measure\HouseTime;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;
use Sectum\Measure\Temperature;
use Sectum\Plan\Work\HouseDay;
use Sectum\Plan\Work\WorkMinutes;
use Sectum\Portion\Label\PortionDays;
use Sectum\Practise\PractiseRules;
use Sectum\Route\Batches\CoolingLimits;
use Sectum\Route\Ways;

/** What the head chef has set for the house, with the value each has until then. */
final readonly class Settings
{
    private function __construct(
        public string $kitchen,
        public string $printHeader,
        public Currency $currency,
        public HouseTime $time,
        public Money $labourPerHour,
        public string $taxPct,
        public Mass $scaleMost,
        public Mass $scaleStep,
        public string $scaleAt,
        public string $scaleBAt,
        public string $probeAt,
        public string $loggerAt,
        public Temperature $warmest,
        public string $coldRule,
        public bool $asksSanitiser,
        public CoolingLimits $cooling,
        public PortionDays $portionDays,
        public Ways $ways,
        public string $pots,
        public bool $onlyTheNine,
        public Split $split,
        public CreditSchool $credits,
        public bool $countsLabour,
        public string $priceEnding,
        public float $costPoints,
        public string $readyYieldPct,
        public int $backupsKept,
        public HoldLimits $hold,
        public HouseDay $prep,
        public PractiseRules $practise,
    ) {
    }

    /** As they are now; read once a request. */
    public static function load(): self
    {
        return app(self::class);
    }

    /** Minor units as they are stored, in the house's currency. */
    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, $this->currency);
    }

    /** The same a kilo. */
    public function perKg(int $minor): PricePerKg
    {
        return PricePerKg::ofMinor($minor, $this->currency);
    }

    /** @internal as they stand in the database */
    public static function read(): self
    {
        $kept = SmallTables::all('settings');
        $value = fn (string $key): string => is_string($kept[$key][0]['value'] ?? null)
            ? $kept[$key][0]['value']
            : HouseRule::of($key)->default;
        $number = fn (string $key): float => (float) $value($key);
        $yes = fn (string $key): bool => $value($key) === '1';
        $currency = Currency::of($value('currency'));

        return new self(
            $value('kitchen'),
            $value('print_header'),
            $currency,
            new HouseTime(new DateTimeZone($value('timezone')), (int) $value('day_ends')),
            Money::ofMinor((int) $value('labour_rate_minor'), $currency),
            $value('tax_pct'),
            Mass::ofMilligrams((int) $value('scale_most_mg')),
            Mass::ofMilligrams((int) $value('scale_step_mg')),
            $value('scale_at'),
            $value('scale_b_at'),
            $value('probe_at'),
            $value('logger_at'),
            Temperature::ofCelsius($number('warmest_c')),
            $value('cold_rule'),
            $yes('asks_sanitiser'),
            new CoolingLimits(
                $number('cool_hot_c'),
                $number('cool_warm_c'),
                $number('cool_first_h'),
                $number('cool_cold_c'),
                $number('cool_then_h'),
                $value('cool_rule'),
            ),
            new PortionDays(
                (int) $value('raw_days'),
                (int) $value('raw_service_days'),
                (int) $value('marinated_days'),
                (int) $value('lightly_cured_days'),
                (int) $value('cured_days'),
            ),
            new Ways($yes('keeps_dark_muscle'), $yes('skins_in_stock'), $yes('grills_heads'), $yes('boils_collars')),
            $value('pots_l'),
            $value('allergen_list') === 'nine',
            Split::from($value('split')),
            CreditSchool::from($value('credits')),
            $yes('counts_labour'),
            $value('price_ending'),
            $number('cost_points'),
            $value('ready_yield_pct'),
            (int) $value('backups_kept'),
            new HoldLimits(
                $number('door_minutes'),
                (int) $value('thawed_days'),
                $number('out_once_minutes'),
                $number('out_all_minutes'),
            ),
            new HouseDay(
                new WorkMinutes(
                    $number('receive_lot_min'),
                    $number('receive_fish_min'),
                    $number('portion_min'),
                    $number('pack_min'),
                    $number('make_up_min'),
                    $number('turn_min'),
                ),
                $number('clean_down_min'),
                $number('ready_before'),
                60 * $number('deliveries_h'),
            ),
            new PractiseRules(
                $yes('gate_bones'),
                $yes('gate_eye'),
                $yes('gate_many_boned'),
                $number('eye_within_pct'),
                $number('bones_at_least_pct'),
                (int) $value('practise_minutes'),
            ),
        );
    }

    /** What the house calls itself on what it prints: a name of its own for that, or the kitchen's. */
    public function onPaper(): string
    {
        return $this->printHeader === '' ? $this->kitchen : $this->printHeader;
    }

    /** @return list<float> the kitchen's pots, litres */
    public function pots(): array
    {
        return array_values(
            array_map(floatval(...), array_filter(explode(' ', $this->pots), fn (string $pot): bool => $pot !== '')),
        );
    }

    /** Now, on the house's clock. */
    public function now(): DateTimeImmutable
    {
        return $this->time->local(Carbon::now());
    }

    /**
     * What changed is written with who changed it; what stays as it is stays untouched.
     *
     * @param  array<string, string>  $values  as they are kept, by the key of their rule
     */
    public static function store(array $values, ?Person $by): void
    {
        foreach ($values as $key => $value) {
            $known = Setting::query()->find(HouseRule::of($key)->key);
            if (($known->value ?? HouseRule::of($key)->default) === $value) {
                continue;
            }
            Setting::query()->updateOrCreate(
                ['key' => $key],
                ['value' => $value, 'changed_by' => $by?->id, 'changed_at' => Moment::written(Carbon::now())],
            );
        }
        self::forget();
    }

    /** They are read anew when they are asked for next. */
    public static function forget(): void
    {
        app()->forgetInstance(self::class);
    }
}
