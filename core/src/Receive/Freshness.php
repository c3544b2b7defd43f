<?php

declare(strict_types=1);

namespace Sectum\Receive;

use DateTimeImmutable;
use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;

/**
 * How much life is left in a fish, from its demerits, and what to do with it.
 *
 * Demerits rise about evenly with the days on melting ice (the quality index method); the days a class of fish keeps,
 * the share at which it is refused and the spreads are our estimates. The highest core temperature on arrival is that
 * of FDA Food Code 3-202.11 (5 °C), that for histamine fish that of the FDA hazards guide (4.4 °C). Nothing here says
 * a fish is safe: it says what was seen and what usually follows.
 */
final readonly class Freshness
{
    /** °C at the core on arrival: FDA Food Code 3-202.11. The house may set its own. */
    public const WARMEST = 5.0;

    /** °C for the histamine group: FDA fish and fishery products hazards guide. */
    public const WARMEST_HISTAMINE = 4.4;

    public const CHECK = 'Check your local code and your food-safety plan.';

    /** Share of the demerits at which a fish is spoilt. Estimate. */
    private const SPOILT_AT = 0.7;

    /** Share of its life in which a fish is bright enough for raw service. Estimate. */
    private const RAW_UNTIL = 0.3;

    /** Points by which two people's grades of one attribute differ. Estimate. */
    private const POINT_SD = 0.5;

    /** Days by which fish of one class differ in life. Estimate. */
    private const LIFE_SD = 1.2;

    /** Days on ice of a fish nobody looked at and with no date. Estimate. */
    private const UNSEEN_DAYS = 3.0;

    /** Standard normal quantile of a 90 % band. */
    private const BAND = 1.6449;

    /** @param  non-empty-list<string>  $reasons */
    private function __construct(
        public int $demerits,
        public int $ofMost,
        public float $daysOnIce,
        public float $daysOnIceSd,
        public float $daysLeft,
        public float $daysLeftLow,
        public float $daysLeftHigh,
        public float $rawDaysLeft,
        public int $restHours,
        public Verdict $verdict,
        public array $reasons,
    ) {
    }

    public static function of(LooksAndFeel $fish): self
    {
        $life = self::life($fish->fat, $fish->state);
        $seen = $fish->grades !== [];
        $onIce = $seen ? ($fish->index() / self::SPOILT_AT) * $life : $fish->daysSinceLanded ?? self::UNSEEN_DAYS;
        $onIceSd = $seen
            ? ($life * self::POINT_SD * $fish->indexPerPoint()) / self::SPOILT_AT
            : self::UNSEEN_DAYS / 2;
        $dated = $fish->daysSinceLanded !== null && $fish->daysSinceLanded > $onIce;
        $onIce = $dated ? $fish->daysSinceLanded : $onIce;
        $left = max(0.0, $life - $onIce);
        $band = self::BAND * hypot(self::LIFE_SD, $onIceSd);
        $rest = $fish->each === null ? 0 : $fish->rigor->restHours($fish->each);
        $judged = self::judge($fish, $left, $life);
        $reasons = $judged->reasons;
        if ($dated && $seen) {
            $reasons[] = 'Its date says '.self::days($onIce).' since it left the water; it looks younger.';
        }
        if ($rest > 0 && $judged->verdict !== Verdict::Refuse) {
            $reasons[] = "In rigor it tears: rest it on ice about {$rest} h, then cut.";
        }

        return new self(
            $fish->demerits(),
            $fish->most(),
            $onIce,
            $onIceSd,
            $left,
            max(0.0, $left - $band),
            max(0.0, $left + $band),
            max(0.0, self::RAW_UNTIL * $life - $onIce),
            $rest,
            $judged->verdict,
            $reasons,
        );
    }

    /** When its life on ice ends, reckoned from the moment it was looked at. */
    public function endsAfter(DateTimeImmutable $now): DateTimeImmutable
    {
        return self::after($now, 24 * $this->daysLeft);
    }

    /** When it stops being bright enough for raw service; null when it is no more. */
    public function rawEndsAfter(DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $this->rawDaysLeft > 0 ? self::after($now, 24 * $this->rawDaysLeft) : null;
    }

    /** When it may be cut; null when it may now. */
    public function restEndsAfter(DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $this->restHours > 0 ? self::after($now, $this->restHours) : null;
    }

    private static function after(DateTimeImmutable $now, float $hours): DateTimeImmutable
    {
        return $now->setTimestamp($now->getTimestamp() + (int) round(3600 * $hours));
    }

    /** Days on melting ice from landing to spoilt: estimates by fat class; guts in costs a quarter. */
    public static function life(FatClass $fat, StateBought $state): float
    {
        $days = match ($fat) {
            FatClass::Lean => 13.0,
            FatClass::Medium => 11.0,
            FatClass::Oily => 9.0,
        };

        return $state === StateBought::Round ? 0.75 * $days : $days;
    }

    private static function judge(LooksAndFeel $fish, float $left, float $life): Judged
    {
        $refuse = self::refusals($fish, $left);
        if ($refuse !== []) {
            return new Judged(Verdict::Refuse, $refuse);
        }
        $hold = self::doubts($fish, $left);
        if ($hold !== []) {
            return new Judged(Verdict::Hold, $hold);
        }
        if ($fish->grades === []) {
            return new Judged(
                Verdict::Accept,
                [
                    'Not inspected yet: estimated from '.
                    ($fish->daysSinceLanded === null ? 'its kind alone.' : 'its date.'),
                ],
            );
        }
        if ($left < 0.35 * $life || $left < 3) {
            return new Judged(
                Verdict::UseFirst,
                ['About '.self::days($left).' left on ice: cut it before the others.'],
            );
        }

        return new Judged(
            Verdict::Accept,
            [
                $fish->demerits() === 0
                    ? 'Nothing against it.'
                    : "{$fish->demerits()} of {$fish->most()} points against it; about ".
                        self::days($left).
                        ' left on ice.',
            ],
        );
    }

    /** @return list<string> */
    private static function refusals(LooksAndFeel $fish, float $left): array
    {
        $reasons = [];
        foreach ($fish->grades as $code => $grade) {
            $attribute = Attribute::from($code);
            if ($grade === Attribute::WORST && $attribute->isFatalAtWorst()) {
                $reasons[] =
                    "{$attribute->spoken()}: ".lcfirst($attribute->grades()[$grade]).'. That alone refuses it.';
            }
        }
        if ($fish->histamine && $fish->core?->isAbove(self::WARMEST_HISTAMINE) === true) {
            $reasons[] =
                "{$fish->core->print()} at the core: histamine fish above 4.4 °C does not meet the FDA hazards ".
                'guide; cooking does not undo it. '.
                self::CHECK;
        }
        if ($reasons === [] && $fish->grades !== [] && ($fish->index() >= self::SPOILT_AT || $left <= 0)) {
            $reasons[] = "{$fish->demerits()} of {$fish->most()} points against it: no life left.";
        }

        return $reasons;
    }

    /** @return list<string> */
    private static function doubts(LooksAndFeel $fish, float $left): array
    {
        $reasons = [];
        if ($fish->core?->isAbove($fish->warmest) === true) {
            $limit = number_format($fish->warmest, 1);
            $reasons[] =
                "{$fish->core->print()} at the core: above {$limit} °C it does not meet ".
                ($fish->warmest === self::WARMEST ? 'FDA Food Code 3-202.11' : 'the house limit').
                '. '.
                self::CHECK;
        }
        foreach ($fish->grades as $code => $grade) {
            if ($grade === Attribute::WORST) {
                $attribute = Attribute::from($code);
                $reasons[] = "{$attribute->spoken()}: ".lcfirst($attribute->grades()[$grade]).'.';
            }
        }
        if ($fish->grades !== [] && count($fish->grades) < 3) {
            $reasons[] = 'Fewer than three things were looked at.';
        }
        if ($fish->grades !== [] && $left < 1) {
            $reasons[] = 'Less than a day left on ice.';
        }

        return $reasons;
    }

    private static function days(float $days): string
    {
        $rounded = (int) round($days);

        return $rounded === 1 ? '1 day' : "{$rounded} days";
    }
}
