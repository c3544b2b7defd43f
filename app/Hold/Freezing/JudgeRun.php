<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Hold\Places\TemperaturesKept;
use App\Kitchen\Moment;
use Illuminate\Support\Carbon;
use Sectum\Hold\Freezing\FreezeCheck;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Freezing\RuleMet;

/**
 * Whether the record of a run meets the rules asked, for each thing in it by when it went in and came out. Kept beside
 * the things, and worked out anew whenever the record changes: a record that breaks closes raw service again.
 */
final readonly class JudgeRun
{
    public function __invoke(FreezingRun $run): void
    {
        $run->load('items');
        $checks = [];
        foreach ($run->items as $item) {
            $when = "{$item->added_at} {$item->out_at}";
            $checks[$when] ??= FreezeCheck::of($run->record($item->added_at, $item->out_at));
            $met = self::first($run, $checks[$when]);
            $item->rule_met = $met?->rule;
            $item->met_at =
                $met?->metMinute === null
                    ? null
                    : Moment::written(
                        Carbon::createFromTimestamp(
                            Moment::at($item->added_at)->getTimestamp() + (int) ceil(60 * $met->metMinute),
                        ),
                    );
            $item->save();
        }
        $first = $run->items->first();
        $due = $first === null ? null : self::due($run, $checks["{$first->added_at} {$first->out_at}"]);
        $run->update([
            'due_at' => $due === null
                ? null
                : Moment::written(Carbon::createFromTimestamp($run->loadedS() + (int) ceil(60 * $due))),
        ]);
    }

    /** Every run whose record the new readings belong to. */
    public function after(TemperaturesKept $kept): void
    {
        $from = Moment::written(Carbon::createFromTimestamp($kept->from));
        $runs = FreezingRun::query()
            ->where('place_id', $kept->place->id)
            ->where(fn ($query) => $query->whereNull('ended_at')->orWhere('ended_at', '>=', $from))
            ->get();
        foreach ($runs as $run) {
            $this($run);
        }
    }

    /** The minute at which the next rule asked is met, if its last stretch goes on; null where none goes on. */
    private static function due(FreezingRun $run, FreezeCheck $check): ?float
    {
        $due = array_filter(
            array_map(fn (FreezeRule $rule): ?float => $check->rules[$rule->value]->dueMinute, $run->asked()),
            is_float(...),
        );

        return $due === [] ? null : min($due);
    }

    /** Of the rules asked the one that was met first. */
    private static function first(FreezingRun $run, FreezeCheck $check): ?RuleMet
    {
        $met = array_filter(
            array_map(fn ($rule): RuleMet => $check->rules[$rule->value], $run->asked()),
            fn (RuleMet $one): bool => $one->met,
        );
        usort($met, fn (RuleMet $a, RuleMet $b): int => $a->metMinute <=> $b->metMinute);

        return $met[0] ?? null;
    }
}
