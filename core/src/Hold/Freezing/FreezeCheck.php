<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\Line;
use Sectum\Hold\Stretch;

/**
 * Does a temperature record meet a rule for raw service, and when did it?
 *
 * A stretch lies wholly on one probe, of several the longest counts, none starts before the fish went in; a core that
 * thaws ends every stretch. What is unknown never counts: a probe's accuracy is added to every reading, a silence
 * breaks a stretch. A rule that was met stays met.
 */
final readonly class FreezeCheck
{
    private const HAIR = 1e-9;

    /**
     * @param  float|null  $solidMinute  of the last freezing
     * @param  array<string, RuleMet>  $rules  by code
     */
    private function __construct(public ?float $solidMinute, public array $rules)
    {
    }

    public static function of(FreezeRecord $record): self
    {
        $freezings = Freezing::all($record);
        $rules = [];
        foreach (FreezeRule::cases() as $rule) {
            $rules[$rule->value] = self::rule($rule, $record, $freezings);
        }

        return new self($freezings === [] ? null : $freezings[count($freezings) - 1]->solid, $rules);
    }

    /** @param  list<Freezing>  $freezings */
    private static function rule(FreezeRule $rule, FreezeRecord $record, array $freezings): RuleMet
    {
        $longest = 0.0;
        $met = $due = null;
        $all = [];
        foreach ($freezings as $freezing) {
            $due = null;
            foreach (self::probes($rule, $record) as $line) {
                foreach (self::stretches($rule, $record->air, $line, $freezing) as $stretch) {
                    $all[] = $stretch;
                    $longest = max($longest, $stretch->minutes());
                    $after = $stretch->from + $rule->neededMinutes();
                    if ($stretch->minutes() >= $rule->neededMinutes() - self::HAIR) {
                        $met = min($met ?? INF, $after);
                    } elseif ($stretch->to >= ($line->last()->minute ?? INF)) {
                        $due = min($due ?? INF, $after);
                    }
                }
            }
        }

        return new RuleMet(
            $rule,
            $met !== null,
            $longest,
            $met,
            $met === null ? self::missing($rule, $record, $freezings) : null,
            $met === null ? $due : null,
            $all,
        );
    }

    /** @return list<Line> whose word counts for a rule */
    private static function probes(FreezeRule $rule, FreezeRecord $record): array
    {
        return $rule->ofTheCore() ? [$record->core] : [$record->air, $record->core];
    }

    /** @return list<Stretch> of one probe that count for a rule, from where they count */
    private static function stretches(FreezeRule $rule, Line $air, Line $line, Freezing $freezing): array
    {
        $stretches = $line->below($rule->celsius(), $freezing->from, $freezing->to);
        if (! $rule->fromSolid()) {
            return $stretches;
        }
        $solid = $freezing->solid;
        if ($solid === null || ! self::frozenInTheCold($air, $freezing)) {
            return [];
        }

        return array_map(
            fn (Stretch $one): Stretch => new Stretch($solid, $one->to),
            array_values(array_filter($stretches, fn (Stretch $one): bool => $one->holds($solid))),
        );
    }

    /** Whether the air was at −35 °C without a break from the beginning of freezing until solid. */
    private static function frozenInTheCold(Line $air, Freezing $freezing): bool
    {
        foreach ($air->below(-35.0, $freezing->from, $freezing->to) as $stretch) {
            if (
                $freezing->began !== null &&
                $freezing->solid !== null &&
                $stretch->holds($freezing->began) &&
                $stretch->holds($freezing->solid)
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Freezing>  $freezings */
    private static function missing(FreezeRule $rule, FreezeRecord $record, array $freezings): Missing
    {
        $hasCore = $record->core->first() !== null;
        $freezing = $freezings === [] ? null : $freezings[count($freezings) - 1];
        if ($rule->ofTheCore() && ! $hasCore) {
            return new Missing(Lacks::CoreProbe);
        }
        if ($freezing === null) {
            return new Missing(Lacks::Loading);
        }
        if ($rule->fromSolid()) {
            if ($freezing->solid === null) {
                return new Missing($hasCore ? Lacks::Solid : Lacks::WordOfSolid);
            }
            if ($freezing->began === null) {
                return new Missing(Lacks::Beginning);
            }
            if (! self::frozenInTheCold($record->air, $freezing)) {
                return new Missing(Lacks::ColdWhileFreezing, $freezing->began, $freezing->solid);
            }
        }

        return self::broken($rule, $record, $freezing);
    }

    /** What ended the last stretch; nothing but time is missing while it still goes on. */
    private static function broken(FreezeRule $rule, FreezeRecord $record, Freezing $freezing): Missing
    {
        $since = null;
        foreach (self::probes($rule, $record) as $line) {
            $below = $line->below($rule->celsius(), $freezing->from, $freezing->to);
            $last = $below === [] ? null : $below[count($below) - 1];
            $end = $line->last();
            if ($last === null || $end === null) {
                continue;
            }
            if ($last->to >= $end->minute) {
                return new Missing(Lacks::Time);
            }
            foreach ($line->runs as $i => $run) {
                $ended = $run[count($run) - 1]->minute;
                if ($ended === $last->to && isset($line->runs[$i + 1])) {
                    return new Missing(Lacks::Silence, $ended, $line->runs[$i + 1][0]->minute);
                }
            }
            $since = max($since ?? -INF, $last->to);
        }

        return new Missing(Lacks::TooWarm, $since ?? $freezing->from);
    }
}
