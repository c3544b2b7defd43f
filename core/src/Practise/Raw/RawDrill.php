<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

use Sectum\Fish\Hazard;
use Sectum\Hold\Freezing\FreezeCheck;
use Sectum\Hold\Freezing\FreezeRecord;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Point;
use Sectum\Portion\Serve\ServiceClass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Receive\RawService;

/**
 * May this be served so? A dish's class, the papers that came, and the record of the freezer to be read; whether it
 * may, and why. Every case is held against the rules the kitchen itself applies before it is asked.
 */
final readonly class RawDrill
{
    public const CASES = 8;

    /** Rules a record is asked for: those met by cold and time alone. */
    private const RULES = [FreezeRule::Eu20For24h, FreezeRule::Eu35For15h, FreezeRule::Fda20For168h];

    private const TRIES = 200;

    /** Between readings, minutes. */
    private const EVERY = 60.0;

    /** @param  non-empty-list<RawCase>  $cases */
    private function __construct(public array $cases)
    {
    }

    /**
     * @param  non-empty-list<FishAsked>  $fish
     *
     * @throws BadDrill when no case can be made of these fish
     */
    public static function drawn(Dice $dice, array $fish): self
    {
        $dice = $dice->for('raw');
        $cases = [];
        for ($try = 0; count($cases) < self::CASES && $try < self::TRIES; $try++) {
            $case = self::made($dice, $dice->one(Ruling::cases()), $dice->one($fish));
            if ($case !== null && self::isSo($case)) {
                $cases[] = $case;
            }
        }
        count($cases) === self::CASES ||
            throw new BadDrill('Of these fish no cases can be made.', count($fish), '/subject');

        return new self($cases);
    }

    private static function made(Dice $dice, Ruling $ruling, FishAsked $fish): ?RawCase
    {
        if (
            in_array(Hazard::Toxin, $fish->hazards, true) ||
            in_array(Hazard::Purging, $fish->hazards, true) ||
            in_array($fish->scientific, RawService::EXEMPT_TUNAS, true) !== ($ruling === Ruling::ExemptTuna)
        ) {
            return null;
        }
        $raw = array_values(array_filter(
            ServiceClass::cases(),
            fn (ServiceClass $one): bool => $one->isRawByTheRules(),
        ));
        $served = $ruling === Ruling::Cooked || $raw === [] ? ServiceClass::Cooked : $dice->one($raw);
        $paper = match ($ruling) {
            Ruling::FarmedFeed => 'farmed feed',
            Ruling::SupplierFroze => 'frozen',
            Ruling::Cooked,
            Ruling::Frozen,
            Ruling::ExemptTuna,
            Ruling::NoEvidence,
            Ruling::TooWarm,
            Ruling::TooShort,
            Ruling::Broken,
            Ruling::NoCore => null,
        };
        if (! $ruling->isOfARecord()) {
            return new RawCase($fish, $served, $paper, null, [], [], $ruling);
        }
        $rule = $ruling === Ruling::NoCore
            ? $dice->one([FreezeRule::Eu20For24h, FreezeRule::Eu35For15h])
            : $dice->one(self::RULES);
        $said = self::record($dice, $ruling, $rule);
        $core = $ruling === Ruling::NoCore ? [] : $said->core;

        return new RawCase($fish, $served, null, $rule, $said->air, $core, $ruling);
    }

    private static function record(Dice $dice, Ruling $ruling, FreezeRule $rule): Probes
    {
        $cold = $ruling === Ruling::TooWarm
            ? $rule->celsius() + $dice->between(1.5, 3)
            : $rule->celsius() - $dice->between(2.5, 5);
        $slow = $dice->between(120, 240);
        $needed = $rule->neededMinutes();
        $until = $needed + 60 * $dice->between(9, 16);
        $until = $ruling === Ruling::TooShort ? $needed * $dice->between(0.6, 0.85) : $until;
        $break = $ruling === Ruling::Broken ? $until * $dice->between(0.45, 0.6) : INF;
        [$air, $core] = [[], []];
        for ($minute = 0.0; $minute <= $until; $minute += self::EVERY) {
            $up = $minute >= $break && $minute < $break + 3 * self::EVERY ? 6.0 : 0.0;
            $air[] = new Point($minute, round($cold + $up + $dice->normal(0, 0.2), 1));
            $core[] = new Point(
                $minute,
                round($cold + 0.8 + (2 - $cold) * exp(-$minute / $slow) + 0.7 * $up + $dice->normal(0, 0.1), 1),
            );
        }

        return new Probes($air, $core);
    }

    /** Whether the kitchen's own rules say the same. */
    private static function isSo(RawCase $case): bool
    {
        $service = RawService::of($case->fish->scientific, $case->fish->hazards, $case->paper);
        if ($case->rule === null) {
            return $case->ruling === Ruling::Cooked || $service->open === $case->ruling->allows();
        }
        $met = FreezeCheck::of(new FreezeRecord($case->air, $case->core))->rules[$case->rule->value] ?? null;

        return $met !== null && ! $service->open && $met->met === $case->ruling->allows();
    }

    /**
     * @param  list<Judgement>  $answers  one a case, in their order
     *
     * @throws BadDrill when one is missing
     */
    public function judged(array $answers): RawResult
    {
        count($answers) === count($this->cases) ||
            throw new BadDrill('Decide on every case.', count($answers), '/cases');
        $points = array_map(
            fn (RawCase $case, Judgement $answer): float => ($answer->may === $case->ruling->allows() ? 0.5 : 0.0) +
                ($answer->ruling === $case->ruling ? 0.5 : 0.0),
            $this->cases,
            $answers,
        );

        return new RawResult((100 * array_sum($points)) / count($points), $points);
    }

    /** What somebody scores who throws a coin and picks any reason. */
    public function byChance(): float
    {
        return 25.0 + 50 / count(Ruling::cases());
    }
}
