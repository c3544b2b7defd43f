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
    private function __construct(public array $fish)
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
            $settings->credits,
            array_values(array_map(fn (Fish $one): string => $one->id, $all->all())),
        );
        $found = [];
        foreach ($all as $fish) {
            $cost = FishCost::of($fish, $settings, $credits);
            if ($cost->cost !== null) {
                $found[] = [$fish, $cost];
            }
        }

        return new self($found);
    }

    /** Those a dish was cut from. */
    public function forDish(string $dish): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (array $one): bool => $one[1]->product($dish) !== null)),
        );
    }

    public function ofSpecies(string $species): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (array $one): bool => $one[0]->species_id === $species)),
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
                fn (array $one): Mass => FishCost::sum(FishCost::masses($one[1]->portions[$dish] ?? [])),
                $this->fish,
            ),
        );
    }

    public function totalMinor(string $dish): int
    {
        return array_sum(array_map(fn (array $one): int => $one[1]->product($dish)->totalMinor ?? 0, $this->fish));
    }

    /** What all of them were on the invoices, all told, and what of them is served; null when there are none. */
    public function yielded(): ?Yielded
    {
        $bought = $served = Mass::zero();
        $price = $work = $credit = 0;
        foreach ($this->fish as [$fish, $found]) {
            $cost = $found->cost;
            if ($cost !== null) {
                $bought = $bought->plus($fish->mass());
                $served = $served->plus($found->served());
                $price += $cost->invoiceMinor - $fish->delivery_minor;
                $work += $fish->delivery_minor + $cost->labourMinor;
                $credit += array_sum($cost->creditsMinor);
            }
        }
        if (! $bought->isPositive() || ! $served->isPositive()) {
            return null;
        }
        $perKg = fn (int $minor): BigRational => BigRational::nd($minor, $bought->milligrams)->multipliedBy(1_000_000);

        return Yielded::of(
            $perKg($price),
            $perKg($work),
            $perKg($credit),
            BigRational::nd($served->milligrams, $bought->milligrams)->multipliedBy(100),
        );
    }

    /**
     * @return array{price_per_kg: float, work_per_kg: float, credit_per_kg: float, yield_pct: float} a mean fish as a
     *     form shows it, in major units
     */
    public static function figures(Yielded $of, Currency $currency): array
    {
        $plain = fn (BigRational $minor): float => round(
            $minor->toFloat() / 10 ** $currency->decimals,
            $currency->decimals,
        );

        return [
            'price_per_kg' => $plain($of->pricePerKg),
            'work_per_kg' => $plain($of->workPerKg),
            'credit_per_kg' => $plain($of->creditPerKg),
            'yield_pct' => round($of->yieldPct->toFloat(), 1),
        ];
    }

    /** @param  int  $count  1 or more */
    public static function mean(int $totalMinor, int $count): int
    {
        return Money::toMinor(BigRational::nd($totalMinor, max(1, $count)));
    }

    public static function meanMass(Mass $all, int $count): Mass
    {
        return Mass::ofMilligrams(Money::toMinor(BigRational::nd($all->milligrams, max(1, $count))));
    }
}
