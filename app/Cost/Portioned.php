<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Brick\Math\BigRational;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Sectum\Cost\Yielded;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** The fish of the last weeks that have a cost, dish by dish. */
final readonly class Portioned
{
    /** Weeks looked back over. */
    public const WEEKS = 4;

    /** @param  list<CostOfFish>  $fish  by their number */
    private function __construct(public array $fish, private Currency $currency)
    {
    }

    /** @param  string|null  $dish  only those a portion for this dish was cut from */
    public static function lately(DateTimeImmutable $now, Settings $settings, ?string $dish = null): self
    {
        $query = Fish::rows()
            ->leftJoin('cost_summaries', 'cost_summaries.fish_id', 'fish.id')
            ->whereIn('stage', [Stage::Cost->value, Stage::Log->value])
            ->whereNotNull('price_per_kg_minor')
            ->where('received_at', '>=', Moment::written($now->modify('-'.self::WEEKS.' weeks')))
            ->orderBy('number');
        if ($dish !== null) {
            $query->where(
                fn (Builder $of) => $of
                    ->where('dish_id', $dish)
                    ->orWhereIn('id', Piece::rows()->select('fish_id')->where('dish_id', $dish)),
            );
        }

        return new self(
            CostSummary::of(Row::all($query->get(['fish.id', 'species_id', 'cost_summaries.*'])), $settings),
            $settings->currency,
        );
    }

    /** Those a dish was cut from. */
    public function forDish(string $dish): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (CostOfFish $one): bool => isset($one->dishes[$dish]))),
            $this->currency,
        );
    }

    public function ofSpecies(string $species): self
    {
        return new self(
            array_values(array_filter($this->fish, fn (CostOfFish $one): bool => $one->species === $species)),
            $this->currency,
        );
    }

    public function portions(string $dish): int
    {
        return array_sum(array_map(fn (CostOfFish $one): int => $one->dishes[$dish]->count ?? 0, $this->fish));
    }

    public function portionMass(string $dish): Mass
    {
        return Mass::sum(
            array_map(fn (CostOfFish $one): Mass => $one->dishes[$dish]->mass ?? Mass::zero(), $this->fish),
        );
    }

    /** What all portions of a dish cost together. */
    public function total(string $dish): Money
    {
        $nothing = Money::zero($this->currency);

        return Money::sum(
            array_map(fn (CostOfFish $one): Money => $one->dishes[$dish]->total ?? $nothing, $this->fish),
            $this->currency,
        );
    }

    /** What all of them were on the invoices, all told, and what of them is served; null when there are none. */
    public function yielded(): ?Yielded
    {
        $bought = Mass::sum(array_map(fn (CostOfFish $one): Mass => $one->bought, $this->fish));
        $served = Mass::sum(array_map(fn (CostOfFish $one): Mass => $one->served, $this->fish));
        if (! $bought->isPositive() || ! $served->isPositive()) {
            return null;
        }
        $perKg = fn (Money $all): BigRational => BigRational::nd($all->minor, $bought->milligrams)->multipliedBy(
            1_000_000,
        );

        return Yielded::of(
            $perKg(Money::sum(array_map(fn (CostOfFish $one): Money => $one->price, $this->fish), $this->currency)),
            $perKg(Money::sum(array_map(fn (CostOfFish $one): Money => $one->work, $this->fish), $this->currency)),
            $perKg(Money::sum(array_map(fn (CostOfFish $one): Money => $one->back, $this->fish), $this->currency)),
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
