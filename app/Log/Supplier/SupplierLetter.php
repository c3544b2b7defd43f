<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;

/**
 * A supplier's year on one page, to lay on the table when prices are spoken of: what came, what it weighed, what was
 * wrong with it, what became of the claims. What others cost is not on paper that leaves the house.
 */
final readonly class SupplierLetter
{
    private const TEXT = 11.0;

    private const COLUMNS = [70.0, 25.0, 42.0, 43.0];

    public static function of(SupplierView $view, string $id): string
    {
        $one = $view->year($id);
        $paper = Paper::titled("{$one->name}: a year of deliveries");
        $paper->page($one->name, 'Deliveries since '.SupplierView::sinceSaid().', as they were weighed here.', 300);
        foreach (self::lines($one) as $line) {
            $paper->line($line, self::TEXT);
            $paper->space(1.2);
        }
        $paper->rule();
        $paper->row(['Fish', 'Cut so far', 'Invoiced at', 'Edible yield'], self::COLUMNS, self::TEXT, 'B', figures: 1);
        foreach ($view->kinds($id) as $kind) {
            $paper->row(
                [$kind['name'], (string) $kind['fish'], $kind['asks']->text(), $kind['yield'] ?? '–'],
                self::COLUMNS,
                self::TEXT,
                figures: 1,
            );
        }

        return $paper->print();
    }

    /** @return list<string> */
    private static function lines(SupplierYear $one): array
    {
        $bought = Words::ofReader()->text($one->bought);
        $lines = ["{$one->fish} fish in {$one->lots} lots, {$bought} by our scale."];
        if ($one->short !== null) {
            $lines[] =
                "{$one->short->text('many')} of {$one->short->text('lines')} lines weighed more than 1 % less than ".
                "invoiced: {$one->shortSaid()} in all, {$one->shortShare()} of what was invoiced.";
        }
        if ($one->graded !== null) {
            $lines[] =
                "{$one->graded->text('missed')} of {$one->graded->text('graded')} fish sold by size lay outside ".
                'their grade.';
        }
        $lines[] =
            ($one->rejected === 0 ? 'Nothing was rejected at the door; ' : "Rejected at the door: {$one->rejected}; ").
            ($one->defects === 0
                ? 'nothing was found while they were cut.'
                : "something was found in {$one->defects} while they were cut.");
        if ($one->life !== null) {
            $lines[] = "A lot had about {$one->life} days of life left when it came.";
        }
        $lines[] =
            $one->sent === 0
                ? 'No claim was sent.'
                : "Claims sent: {$one->sent}, for {$one->claimed->print()}. ".
                    "Credited: {$one->credited}, with {$one->credit->print()}.";

        return $lines;
    }
}
