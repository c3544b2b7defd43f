<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Kitchen\Csv;
use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;

/** An order as it goes out: a text to send, and a table. */
final readonly class OrderPaper
{
    private const COLUMNS = [
        'order',
        'supplier',
        'in the house by',
        'fish',
        'state',
        'from g',
        'to g',
        'number',
        'kg',
        'per kg',
    ];

    /** Columns of the sheet, mm. */
    private const WIDTHS = [8.0, 58.0, 18.0, 40.0, 20.0, 18.0, 18.0];

    public static function text(PlacedOrder $order, Words $words, Settings $settings): string
    {
        $lines = array_map(
            fn (OrderLine $line): string => "{$line->fish} × {$line->species->name}, {$line->state->value}, ".
                "{$words->text(Mass::ofGrams($line->from_g))} to {$words->text(Mass::ofGrams($line->to_g))} each, ".
                "about {$words->text($line->mass())}, ".
                "{$settings->perKg($line->price_per_kg_minor)->perKg->print()} a kilo",
            array_values($order->lines->all()),
        );
        $day = Moment::at($order->for_day)->format('l j F');

        return implode("\n", [
            "Order {$order->number} from {$settings->kitchen} to {$order->supplier->name}",
            "To be here by {$day}:",
            ...$lines,
            ...$order->note === '' ? [] : [$order->note],
            "{$order->placer->name}, ".Moment::at($order->placed_at)->format('j M Y, H:i'),
        ])."\n";
    }

    /** A page to print: what was ordered, with room to write down what came. */
    public static function sheet(PlacedOrder $order, Words $words, Settings $settings): string
    {
        $day = Moment::at($order->for_day)->format('l j F Y');
        $paper = Paper::titled("Order {$order->number}");
        $paper->page("Order {$order->number} to {$order->supplier->name}", "To be here by {$day}.", 200);
        $paper->row(['', 'Fish', 'Number', 'Each', 'A kilo', 'Came', 'Weighed'], self::WIDTHS, 10, 'B');
        foreach ($order->lines as $line) {
            $paper->rule();
            $paper->box();
            $paper->row([
                '',
                "{$paper->says($line->species->name)}, {$paper->says($line->state->value)}",
                (string) $line->fish,
                "{$words->text(Mass::ofGrams($line->from_g))} to {$words->text(Mass::ofGrams($line->to_g))}",
                $settings->perKg($line->price_per_kg_minor)->perKg->print(),
                '________',
                '________',
            ], self::WIDTHS, 12);
        }
        $paper->rule();
        if ($order->note !== '') {
            $paper->line($order->note, 12);
        }
        $placed = Moment::at($order->placed_at)->format('j M Y, H:i');
        $paper->line("About {$order->total($settings)->print()}. {$order->placer->name}, {$placed}", 10);

        return $paper->print();
    }

    public static function table(PlacedOrder $order, Settings $settings): string
    {
        return Csv::of(self::COLUMNS, array_map(
            fn (OrderLine $line): array => [
                (string) $order->number,
                $order->supplier->name,
                $order->for_day,
                $line->species->name,
                $line->state->value,
                (string) $line->from_g,
                (string) $line->to_g,
                (string) $line->fish,
                (string) ($line->mass()->grams() / 1000),
                $settings->money($line->price_per_kg_minor)->plain(),
            ],
            array_values($order->lines->all()),
        ));
    }
}
