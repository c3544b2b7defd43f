<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Brick\Math\BigRational;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Sectum\Cost\Yielded;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** The fish of the last weeks that have a cost, dish by dish. */
final readonly class Portioned
{
    /** Weeks looked back over. */
    public const WEEKS = 4;

    /**
     * @param  list<array{Fish, FishCost}>  $fish
     */
    private function __construct(public array $fish, private Currency $currency)
    {
    }

    /** @param  string|null  $dish  only those a portion for this dish was cut from */
    public static function lately(DateTimeImmutable $now, Settings $settings, ?string $dish = null): self
    {
        $query = Fish::forTheBench()
            ->with('line')
            ->whereIn('stage', [Stage::Cost->value, Stage::Log->value])
            ->whereNotNull('price_per_kg_minor')
            ->where('received_at', '>=', Moment::written($now->modify('-'.self::WEEKS.' weeks')))
            ->orderBy('number');
        if ($dish !== null) {
            $query->where(
                fn (Builder $of) => $of
                    ->where('dish_id', $dish)
                    ->orWhereIn('id', Piece::query()->select('fish_id')->where('dish_id', $dish)),
            );
        }
        $all = $query->get();
        $credits = new Credited(
            $settings,
            array_values(array_map(fn (Fish $one): string => $one->id, $all->all())),
        );
        $found = [];
        foreach ($all as $fish) {
            $cost = FishCost::of($fish, $settings, $credits);
            if ($cost->cost !== null) {
                $found[] = [$fish, $cost];
            }
        }

        return new self($found, $settings->currency);
    }

    /** Those a dish was cut from. */
    public function forDish(string $dish): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (array $one): bool => $one[1]->product($dish) !== null)),
            $this->currency,
        );
    }

    public function ofSpecies(string $species): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (array $one): bool => $one[0]->species_id === $species)),
            $this->currency,
        );
    }

    /** @return list<string> dishes that were cut, each once */
    public function dishes(): array
    {
        $dishes = [];
        foreach ($this->fish as [, $cost]) {
            foreach ($cost->cost->products ?? [] as $product) {
                $dishes[$product->id] = true;
            }
        }

        return array_map(strval(...), array_keys($dishes));
    }

    public function portions(string $dish): int
    {
        return array_sum(array_map(fn (array $one): int => count($one[1]->portions[$dish] ?? []), $this->fish));
    }

    public function portionMass(string $dish): Mass
    {
        return FishCost::sum(
            array_map(
                fn (array $one): Mass => FishCost::sum($one[1]->masses($one[1]->portions[$dish] ?? [])),
                $this->fish,
            ),
        );
    }

    /** What all portions of a dish cost together. */
    public function total(string $dish): Money
    {
        $nothing = Money::zero($this->currency);

        return Money::sum(
            array_map(fn (array $one): Money => $one[1]->product($dish)->total ?? $nothing, $this->fish),
            $this->currency,
        );
    }

    /** What all of them were on the invoices, all told, and what of them is served; null when there are none. */
    public function yielded(): ?Yielded
    {
        $bought = $served = Mass::zero();
        $price = $work = $credit = Money::zero($this->currency);
        foreach ($this->fish as [$fish, $found]) {
            $cost = $found->cost;
            if ($cost !== null) {
                $bought = $bought->plus($fish->mass());
                $served = $served->plus($found->served());
                $delivery = Money::ofMinor($fish->delivery_minor, $this->currency);
                $price = $price->plus($cost->invoice)->minus($delivery)->minus($cost->credited);
                $work = $work->plus($delivery)->plus($cost->labour);
                $credit = $credit->plus(Money::sum($cost->credits, $this->currency));
            }
        }
        if (! $bought->isPositive() || ! $served->isPositive()) {
            return null;
        }
        $perKg = fn (Money $all): BigRational => BigRational::nd($all->minor, $bought->milligrams)->multipliedBy(
            1_000_000,
        );

        return Yielded::of(
            $perKg($price),
            $perKg($work),
            $perKg($credit),
            BigRational::nd($served->milligrams, $bought->milligrams)->multipliedBy(100),
            $this->currency,
        );
    }

    /**
     * @return array{price_per_kg: float, work_per_kg: float, credit_per_kg: float, yield_pct: float} a mean fish as a
     *     form shows it, in major units
     */
    public static function figures(Yielded $of): array
    {
        $plain = fn (BigRational $minor): float => round(
            $minor->toFloat() / 10 ** $of->currency->decimals,
            $of->currency->decimals,
        );

        return [
            'price_per_kg' => $plain($of->pricePerKg),
            'work_per_kg' => $plain($of->workPerKg),
            'credit_per_kg' => $plain($of->creditPerKg),
            'yield_pct' => round($of->yieldPct->toFloat(), 1),
        ];
    }

    /** @param  int  $count  1 or more */
    public static function mean(Money $total, int $count): Money
    {
        return $total->multipliedBy(BigRational::nd(1, max(1, $count)));
    }

    public static function meanMass(Mass $all, int $count): Mass
    {
        return Mass::ofMilligrams(Money::toMinor(BigRational::nd($all->milligrams, max(1, $count))));
    }
}
