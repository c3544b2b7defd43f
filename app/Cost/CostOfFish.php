<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\Fish;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** What one fish cost, as it is added up over weeks: without its tree, to the milligram and the minor unit. */
final readonly class CostOfFish
{
    /**
     * @param  Mass  $bought  as on the invoice
     * @param  Money  $price  invoice, less delivery and what was credited
     * @param  Money  $work  delivery and labour
     * @param  Money  $back  what its trim brought
     * @param  array<string, DishOfFish>  $dishes  by dish
     */
    private function __construct(
        public string $fish,
        public string $species,
        public Mass $bought,
        public Mass $served,
        public Money $price,
        public Money $work,
        public Money $back,
        public array $dishes,
    ) {
    }

    /** Null while it has no cost. */
    public static function of(Fish $fish, FishCost $found, Settings $settings): ?self
    {
        $cost = $found->cost;
        if ($cost === null) {
            return null;
        }
        $dishes = [];
        foreach ($found->portions as $dish => $pieces) {
            $dishes[$dish] = new DishOfFish(
                count($pieces),
                Mass::sum($found->masses($pieces)),
                $found->product($dish)->total ?? $settings->money(0),
            );
        }
        $delivery = $settings->money($fish->delivery_minor);

        return new self(
            $fish->id,
            $fish->species_id,
            $fish->mass(),
            $found->served(),
            $cost->invoice->minus($delivery)->minus($cost->credited),
            $delivery->plus($cost->labour),
            Money::sum($cost->credits, $settings->currency),
            $dishes,
        );
    }

    /** As it was kept; null where it was kept that there is no cost. */
    public static function kept(Row $row, Settings $settings): ?self
    {
        if ($row->text('served_mg') === '') {
            return null;
        }
        $mass = fn (string $column): Mass => Mass::ofMilligrams((int) $row->text($column));
        $money = fn (string $column): Money => $settings->money((int) $row->text($column));
        $dishes = [];
        foreach ((array) json_decode($row->text('dishes'), true) as $dish => $of) {
            [$count, $milligrams, $minor] = array_map(
                fn (mixed $one): int => is_int($one) ? $one : 0,
                array_pad(array_values((array) $of), 3, 0),
            );
            $dishes[(string) $dish] = new DishOfFish(
                $count,
                Mass::ofMilligrams($milligrams),
                $settings->money($minor),
            );
        }

        return new self(
            $row->text('fish_id'),
            $row->text('species_id'),
            $mass('bought_mg'),
            $mass('served_mg'),
            $money('price_minor'),
            $money('work_minor'),
            $money('back_minor'),
            $dishes,
        );
    }

    /** @return array<string, int|string|null> the columns it is kept in */
    public static function columns(?self $one): array
    {
        return [
            'bought_mg' => $one->bought->milligrams ?? 0,
            'served_mg' => $one?->served->milligrams,
            'price_minor' => $one->price->minor ?? 0,
            'work_minor' => $one->work->minor ?? 0,
            'back_minor' => $one->back->minor ?? 0,
            'dishes' => json_encode((object) array_map(
                fn (DishOfFish $of): array => [$of->count, $of->mass->milligrams, $of->total->minor],
                $one->dishes ?? [],
            ), JSON_THROW_ON_ERROR),
        ];
    }
}
