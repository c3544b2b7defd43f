<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Measure\Mass;
use Sectum\Plan\Order\CameLine;
use Sectum\Plan\Order\MatchGap;
use Sectum\Plan\Order\MatchKind;
use Sectum\Plan\Order\OrderedLine;
use Sectum\Plan\Order\OrderMatch;
use Sectum\Receive\PriceUnit;

/** An order and what came of it. */
final readonly class ArrivedOrder
{
    /** @return list<Answer> in what the delivery is not what was ordered; empty while nothing came */
    public static function gaps(PlacedOrder $order, Words $words, Settings $settings): array
    {
        $delivery = $order->delivery;
        if ($delivery === null) {
            return [];
        }
        $names = [];
        foreach ($order->lines as $line) {
            $names[$line->species_id] = $line->species->name;
        }
        foreach ($delivery->lines as $line) {
            $names[$line->species_id] = $line->species->name;
        }
        $gaps = OrderMatch::gaps(
            array_values($order->lines->map(fn (OrderLine $one): OrderedLine => new OrderedLine(
                $one->species_id,
                $one->fish,
                $one->from_g,
                $one->to_g,
                $one->price_per_kg_minor,
            ))->all()),
            array_values($delivery->lines->map(self::came(...))->all()),
        );
        $said = fn (MatchGap $gap, float $value): string => match ($gap->kind) {
            MatchKind::Lighter, MatchKind::Heavier => $words->text(Mass::ofGrams($value)),
            MatchKind::Dearer, MatchKind::Cheaper => $words->rate($settings->perKg((int) round($value)))->text(),
            MatchKind::NotCome,
            MatchKind::Short,
            MatchKind::Over,
            MatchKind::NotOrdered,
            MatchKind::Substitute => (string) (int) $value,
        };

        return array_map(fn (MatchGap $gap): array => [
            'kind' => $gap->kind->value,
            'fish' => $names[$gap->species] ?? '',
            'instead' => $gap->instead === null ? null : $names[$gap->instead] ?? '',
            'ordered' => $said($gap, $gap->ordered),
            'came' => $said($gap, $gap->came),
        ], $gaps);
    }

    /** As it was weighed; as it is invoiced until then. */
    private static function came(DeliveryLine $line): CameLine
    {
        $fish = $line->fish->sum(fn (Fish $one): int => $one->count);
        $weighed = $line->fish->sum(fn (Fish $one): int => $one->mass()->milligrams);

        return new CameLine(
            $line->species_id,
            $fish > 0 ? $fish : $line->count ?? 0,
            $weighed > 0 ? $weighed : ($line->count === null ? 0 : $line->invoiced_mg ?? 0),
            $line->price_minor === null || $line->price_unit !== PriceUnit::Kilo ? null : (float) $line->price_minor,
        );
    }

    /** The head chef says which delivery it was, or that it has not come after all. */
    public static function say(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef orders.');
        DB::connection()->transaction(function () use ($id, $fields): void {
            $order = PlacedOrder::query()->findOrFail($id);
            $delivery = $fields->maybeString('delivery');
            if ($delivery === $order->delivery_id) {
                return;
            }
            $order->dropped_at === null || throw Fault::inField('', 'This order was dropped.');
            $delivery === null ||
                Delivery::query()->whereKey($delivery)->where('supplier_id', $order->supplier_id)->exists() ||
                throw Fault::inField('/delivery', 'That delivery is not of this supplier.');
            Fault::unlessLatest("Order {$order->number}", $fields->int('version', 0), $order->version);
            $order->update(['delivery_id' => $delivery, 'version' => $order->version + 1]);
        });
    }
}
