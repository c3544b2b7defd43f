<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;
use Sectum\Receive\Freshness;

/** A complaint on one page: what was said, what is on record, what was done. */
final readonly class ComplaintPdf
{
    private const TEXT = 10.5;

    private const SMALL = 9.0;

    public static function of(string $id): string
    {
        $view = ComplaintView::of($id);
        $one = ComplaintView::find($id);
        $lines = self::lines($view);
        $paper = Paper::titled("Complaint {$one->number}");
        $paper->page(
            "Complaint {$one->number}: ".lcfirst(Words::named("log.complaint.{$one->kind->value}")),
            'Kept as it was written; nothing of it is changed.',
            40 + self::SMALL * array_sum(array_map(fn (array $said): float => 1.4 + count($said[1]), $lines)) +
                self::TEXT * 4,
        );
        $paper->line("“{$one->said}”", self::TEXT + 2, 'B');
        $paper->line(self::about($one), self::TEXT);
        foreach ($lines as [$heading, $said]) {
            $paper->space(1.5);
            $paper->line($heading, self::TEXT, 'B');
            foreach ($said as $sentence) {
                $paper->line($sentence, self::SMALL);
            }
        }
        $paper->space(2);
        $paper->line(Freshness::CHECK, 8);

        return $paper->print();
    }

    private static function about(Complaint $one): string
    {
        $guests = $one->guests === 1 ? 'One guest' : "{$one->guests} guests";

        return $guests.
            ($one->table_no === '' ? '' : ", table {$one->table_no}").
            ", {$one->day}. Written by {$one->writer->name}.";
    }

    /**
     * @param  Answer  $view
     * @return list<array{string, list<string>}> headings with their sentences
     */
    private static function lines(array $view): array
    {
        $lines = [];
        foreach (self::rows($view, 'trays') as $tray) {
            $lines[] = ["Tray {$tray('number')}, {$tray('dish')}", [
                "Made {$tray('made')} by {$tray('by')}, use by {$tray('use_by')}.",
            ]];
        }
        foreach (self::rows($view, 'fish') as $fish) {
            $lines[] = ["{$fish('name')} no. {$fish('number')}, lot {$fish('lot')}, {$fish('supplier')}", [
                "Received {$fish('received')}.",
                ...array_filter([$fish('from')], fn (string $from): bool => $from !== ''),
                "Cut by {$fish('cutter')}.",
                ...$fish->list('checks'),
            ]];
        }
        $siblings = [];
        foreach (self::rows($view, 'siblings') as $lot) {
            $held = $lot('held') === '' ? 'may be served' : "held back, {$lot('held')}";
            $siblings[] = "{$lot('dish')}: {$lot('left')} portions left, {$held}.";
        }
        $steps = [];
        foreach (self::rows($view, 'steps') as $step) {
            $steps[] = "{$step('at')}, {$step('by')}: ".Words::named("log.complaint-step.{$step('what')}").
                ($step('text') === '' ? '.' : ": {$step('text')}");
        }
        $shown = new ShownRow($view);

        return [
            ...$lines,
            ['Cold places', $shown->list('places') === [] ? ['None was out of range.'] : $shown->list('places')],
            ['Of the same fish', $siblings === [] ? ['Nothing is left.'] : $siblings],
            ['Also of it', $shown->list('elsewhere') === [] ? ['Nothing.'] : $shown->list('elsewhere')],
            ['What was done', $steps === [] ? ['Nothing yet.'] : $steps],
        ];
    }

    /**
     * @param  Answer  $view
     * @return list<ShownRow>
     */
    private static function rows(array $view, string $name): array
    {
        $rows = [];
        foreach (is_array($view[$name] ?? null) ? $view[$name] : [] as $row) {
            if (is_array($row)) {
                $rows[] = new ShownRow($row);
            }
        }

        return $rows;
    }
}
