<?php

declare(strict_types=1);

namespace App\Kitchen;

use LogicException;

/**
 * One thing a house may set: what it is called, where it belongs, of what kind it is, and what it is until somebody
 * sets it.
 */
final class HouseRule
{
    /** @var array<string, self>|null */
    private static ?array $known = null;

    private const ALLERGENS = [
        'fourteen' => 'the fourteen of EU 1169/2011',
        'nine' => 'the nine of the US list (FALCPA)',
    ];

    private const SPLITS = ['by-weight' => 'by weight', 'relative-value' => 'by what each part is worth'];

    private const CREDITS = ['bin-value' => 'the value of its bin', 'batch-return' => 'what its batch brought'];

    /**
     * @param  string  $default  as it is kept
     * @param  string  $source  where the default comes from
     * @param  float  $least  bounds of a number, in its unit
     * @param  array<string, string>  $choices  names by the values that can be chosen
     */
    private function __construct(
        public readonly string $key,
        public readonly string $stage,
        public readonly RuleKind $kind,
        public readonly string $name,
        public readonly string $default,
        public readonly string $source,
        public readonly string $unit = '',
        public readonly float $least = 0,
        public readonly float $most = 0,
        public readonly array $choices = [],
    ) {
    }

    public static function of(string $key): self
    {
        self::$known ??= self::all();

        return self::$known[$key] ?? throw new LogicException("There is no setting {$key}.");
    }

    /** @return array<string, self> every rule by its key, in the order of the stages */
    public static function all(): array
    {
        return array_column(
            [
                new self(
                    'kitchen',
                    'house',
                    RuleKind::Text,
                    'Name of the kitchen',
                    'Our kitchen',
                    'placeholder',
                    most: 60,
                ),
                new self(
                    'print_header',
                    'house',
                    RuleKind::Text,
                    'Line at the top of prints',
                    '',
                    'empty: the name of the kitchen',
                    most: 80,
                ),
                new self(
                    'timezone',
                    'house',
                    RuleKind::Zone,
                    'Time zone',
                    config()->string('app.timezone'),
                    'the kitchen computer',
                ),
                self::number(
                    'day_ends',
                    'house',
                    'A kitchen day ends at',
                    '4',
                    'estimate: after the last service',
                    "o'clock",
                    0,
                    11,
                ),
                new self('currency', 'house', RuleKind::Currency, 'Currency', 'EUR', 'placeholder'),
                self::number('backups_kept', 'house', 'Backups kept', '14', 'estimate: two weeks', '', 2, 365),
                new self(
                    'scale_step_mg',
                    'scale',
                    RuleKind::Mass,
                    'Resolution of the scale',
                    '5000',
                    'a common bench scale',
                ),
                new self(
                    'scale_most_mg',
                    'scale',
                    RuleKind::Mass,
                    'Range of the scale',
                    '15000000',
                    'a common bench scale',
                ),
                new self(
                    'scale_at',
                    'scale',
                    RuleKind::Address,
                    'Address of the scale',
                    '',
                    'empty: weights are typed',
                ),
                new self(
                    'scale_b_at',
                    'scale',
                    RuleKind::Address,
                    'Address of a second scale, at board B',
                    '',
                    'empty: one board has a scale',
                ),
                new self(
                    'probe_at',
                    'scale',
                    RuleKind::Address,
                    'Address of the probe',
                    '',
                    'empty: temperatures are typed',
                ),
                new self(
                    'logger_at',
                    'scale',
                    RuleKind::Address,
                    'Address of the temperature logger',
                    '',
                    'empty: cold places are read by hand',
                ),
                self::number('deliveries_h', 'plan', 'Deliveries come by', '8', 'estimate', "o'clock", 0, 23.75),
                self::number('ready_before', 'plan', 'Ready before a service', '30', 'estimate', 'minutes', 0, 99),
                self::number('receive_lot_min', 'plan', 'A lot at the door takes', '6', 'estimate', 'minutes', 0, 60),
                self::number('receive_fish_min', 'plan', 'Each of its fish takes', '1', 'estimate', 'minutes', 0, 15),
                self::number('portion_min', 'plan', 'Cutting a portion takes', '1', 'estimate', 'minutes', 0.1, 15),
                self::number('pack_min', 'plan', 'A portion put away takes', '0.25', 'estimate', 'minutes', 0, 10),
                self::number('make_up_min', 'plan', 'Making up a brine takes', '10', 'estimate', 'minutes', 1, 60),
                self::number('clean_down_min', 'plan', 'A clean-down takes', '8', 'estimate', 'minutes', 0, 60),
                self::number('turn_min', 'plan', 'One task takes at most', '40', 'estimate', 'minutes', 10, 240),
                new self(
                    'warmest_c',
                    'receive',
                    RuleKind::Temperature,
                    'Warmest at the core on arrival',
                    '5.0',
                    'FDA Food Code 3-202.11',
                    '',
                    -5,
                    15,
                ),
                new self(
                    'cold_rule',
                    'receive',
                    RuleKind::Text,
                    'Rule set of that limit',
                    'FDA Food Code 3-202.11',
                    'shipped',
                    most: 60,
                ),
                new self(
                    'asks_sanitiser',
                    'breakdown',
                    RuleKind::Truth,
                    'A clean-down asks what the sanitiser strip says',
                    '0',
                    'shipped',
                ),
                self::number('raw_days', 'portion', 'Raw portions keep', '2', 'house default, estimate', 'days', 1, 7),
                self::number(
                    'raw_service_days',
                    'portion',
                    'Portions for raw service keep',
                    '1',
                    'house default, estimate',
                    'days',
                    1,
                    3,
                ),
                self::number(
                    'marinated_days',
                    'portion',
                    'Marinated portions keep',
                    '1',
                    'house default, estimate',
                    'days',
                    1,
                    14,
                ),
                self::number(
                    'lightly_cured_days',
                    'portion',
                    'Lightly cured portions keep',
                    '2',
                    'house default, estimate',
                    'days',
                    1,
                    14,
                ),
                self::number(
                    'cured_days',
                    'portion',
                    'Cured portions keep',
                    '5',
                    'house default, estimate',
                    'days',
                    1,
                    14,
                ),
                new self(
                    'keeps_dark_muscle',
                    'route',
                    RuleKind::Truth,
                    'Dark muscle may go to mince',
                    '0',
                    'shipped',
                ),
                new self('skins_in_stock', 'route', RuleKind::Truth, 'White skins may go to stock', '0', 'shipped'),
                new self('grills_heads', 'route', RuleKind::Truth, 'Heads are grilled or roasted', '0', 'shipped'),
                new self('boils_collars', 'route', RuleKind::Truth, 'Collars go to stock', '0', 'shipped'),
                new self('pots_l', 'route', RuleKind::Litres, 'Pots', '20 12 6', 'placeholder', 'litres', 0.5, 200),
                new self(
                    'cool_hot_c',
                    'route',
                    RuleKind::Temperature,
                    'Cooling counts from',
                    '57',
                    'FDA Food Code 3-501.14',
                    '',
                    50,
                    90,
                ),
                new self(
                    'cool_warm_c',
                    'route',
                    RuleKind::Temperature,
                    'First cooling limit',
                    '21',
                    'FDA Food Code 3-501.14',
                    '',
                    10,
                    40,
                ),
                self::number('cool_first_h', 'route', 'Reached within', '2', 'FDA Food Code 3-501.14', 'hours', 0.5, 6),
                new self(
                    'cool_cold_c',
                    'route',
                    RuleKind::Temperature,
                    'Last cooling limit',
                    '5',
                    'FDA Food Code 3-501.14',
                    '',
                    0,
                    8,
                ),
                self::number(
                    'cool_then_h',
                    'route',
                    'Reached within a further',
                    '4',
                    'FDA Food Code 3-501.14',
                    'hours',
                    0.5,
                    12,
                ),
                new self(
                    'cool_rule',
                    'route',
                    RuleKind::Text,
                    'Rule set of cooling',
                    'FDA Food Code 3-501.14',
                    'shipped',
                    most: 60,
                ),
                self::number(
                    'door_minutes',
                    'hold',
                    'A cold place may be out of range for',
                    '20',
                    'estimate: a door that is opened',
                    'minutes',
                    0,
                    240,
                ),
                self::number('thawed_days', 'hold', 'Thawed fish keeps', '1', 'house default, estimate', 'days', 1, 3),
                self::number(
                    'out_once_minutes',
                    'hold',
                    'Fish may be out of the cold at a time for',
                    '30',
                    'house default, estimate',
                    'minutes',
                    5,
                    240,
                ),
                self::number(
                    'out_all_minutes',
                    'hold',
                    'Fish may be out of the cold in all for',
                    '120',
                    'house default, estimate',
                    'minutes',
                    10,
                    480,
                ),
                new self('labour_rate_minor', 'cost', RuleKind::Money, 'Labour an hour', '1860', 'placeholder'),
                new self('counts_labour', 'cost', RuleKind::Truth, 'Work counts in the cost of fish', '1', 'shipped'),
                new self(
                    'allergen_list',
                    'route',
                    RuleKind::Choice,
                    'Allergens are named after',
                    'fourteen',
                    'EU 1169/2011 Annex II',
                    choices: self::ALLERGENS,
                ),
                new self('tax_pct', 'cost', RuleKind::Number, 'Tax on a plate', '10', 'placeholder', '%', 0, 40),
                new self(
                    'split',
                    'cost',
                    RuleKind::Choice,
                    'Cost of a fish is shared',
                    'by-weight',
                    'shipped',
                    choices: self::SPLITS,
                ),
                new self(
                    'credits',
                    'cost',
                    RuleKind::Choice,
                    'Trim counts at',
                    'bin-value',
                    'shipped',
                    choices: self::CREDITS,
                ),
                new self('price_ending', 'cost', RuleKind::Ending, 'Prices end in', '50', 'placeholder'),
                self::number(
                    'cost_points',
                    'cost',
                    'Food cost may be off its target by',
                    '3',
                    'estimate',
                    'points',
                    0.5,
                    20,
                ),
                self::number('ready_yield_pct', 'cost', 'Yield of bought fillets', '95', 'estimate', '%', 50, 100),
                self::number('practise_minutes', 'practise', 'Practised a day', '10', 'estimate', 'minutes', 3, 60),
                self::truth('gate_bones', 'A bone check alone asks for a signature'),
                self::number('bones_at_least_pct', 'practise', 'Bones found, least', '95', 'estimate', '%', 80, 99.5),
                self::truth('gate_eye', 'Weighing every nth piece only asks for a signature'),
                self::number('eye_within_pct', 'practise', 'Nine guesses of ten within', '8', 'estimate', '%', 2, 25),
                self::truth('gate_many_boned', 'Many-boned fish alone asks for a signature'),
            ],
            null,
            'key',
        );
    }

    /** What is asked of who practises, or not: nobody is asked until the house says so. */
    private static function truth(string $key, string $name): self
    {
        return new self($key, 'practise', RuleKind::Truth, $name, '0', 'shipped');
    }

    /** A rule that is a number in a unit, within bounds. */
    private static function number(
        string $key,
        string $stage,
        string $name,
        string $default,
        string $source,
        string $unit,
        float $least,
        float $most,
    ): self {
        return new self($key, $stage, RuleKind::Number, $name, $default, $source, $unit, $least, $most);
    }
}
