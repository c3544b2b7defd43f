<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Hold\Treatment\TreatedWeights;
use App\Kitchen\Settings;
use App\Portion\CutPlan\Cut;
use App\Portion\Dish\Dish;
use App\Portion\PortionBench;
use App\Route\Sort\Sorting;
use Brick\Math\BigRational;
use Sectum\Cost\Cost;
use Sectum\Cost\Credit;
use Sectum\Cost\NothingToCost;
use Sectum\Cost\Product;
use Sectum\Cost\ProductCost;
use Sectum\Cost\Purchase;
use Sectum\Cost\Split;
use Sectum\Measure\Mass;

/** What one fish cost, from its readings, its bins and its invoice; one product a dish. */
final readonly class FishCost
{
    /** A product of portions nobody gave a dish. */
    public const NO_DISH = 'no dish';

    /** What still lies uncut while the fish is portioned: it will carry its share of the cost. */
    public const UNCUT = 'uncut';

    /**
     * @param  list<array{Piece, string}>  $credited  in the order of the cost's credits, with the page that shows why
     * @param  array<string, list<Piece>>  $portions  by product, in the order of the pieces
     * @param  Cost|null  $cost  null while there is no price or no portion
     * @param  string|null  $missing  what stands in the way, as a sentence
     */
    private function __construct(
        private Fish $fish,
        public array $credited,
        public array $portions,
        public ?Cost $cost,
        public ?string $missing,
    ) {
    }

    public static function of(Fish $fish, Settings $settings, ?Credited $credits = null): self
    {
        $routed = $fish->pieces->contains(fn (Piece $piece): bool => $piece->bin !== null);
        $credits ??= new Credited($settings, $routed ? [$fish->id] : []);
        $sorting = new Sorting($fish, $settings);
        $credited = [];
        $back = [];
        foreach ($sorting->pieces() as $piece) {
            $credit = $credits->of($piece);
            if ($credit !== null) {
                $credited[] = [$piece, $credit[1]];
                $back[] = $credit[0];
            }
        }
        $portions = [];
        foreach (PortionBench::portionsOf($fish) as $piece) {
            // Weighed several together, they are as many products.
            for ($i = 0; $piece->bin === null && $i < $piece->portions; $i++) {
                $portions[$piece->dish_id ?? ($fish->dish_id ?? self::NO_DISH)][] = $piece;
            }
        }
        $whole = $fish->whole()->reading()?->mass();
        if ($fish->price_per_kg_minor === null || $whole === null) {
            return new self($fish, $credited, $portions, null, 'This fish has no price yet.');
        }
        try {
            $cost = self::cost(
                $fish,
                $whole,
                $back,
                $portions,
                self::uncut($fish),
                $settings,
            );
        } catch (NothingToCost $nothing) {
            return new self($fish, $credited, $portions, null, $nothing->getMessage());
        }

        return new self($fish, $credited, $portions, $cost, null);
    }

    public function product(string $dish): ?ProductCost
    {
        foreach ($this->cost->products ?? [] as $product) {
            if ($product->id === $dish) {
                return $product;
            }
        }

        return null;
    }

    /** All that is served of it. */
    public function served(): Mass
    {
        return Mass::sum($this->masses(array_merge(...array_values($this->portions))));
    }

    /**
     * What is served of portions: a skin or a belly that was weighed off one is not, nor what a cure drew out of it.
     *
     * @param  list<Piece>  $pieces
     * @return list<Mass>
     */
    public function masses(array $pieces): array
    {
        return self::each($this->fish, $pieces);
    }

    /**
     * @param  list<Piece>  $pieces  one as often as portions lay on the scale together
     * @return list<Mass>
     */
    private static function each(Fish $fish, array $pieces): array
    {
        $shares = [];
        $masses = [];
        $treated = TreatedWeights::of($fish);
        foreach ($pieces as $piece) {
            $shares[$piece->id] ??= $treated->now($piece->id, $fish->net($piece))->shared($piece->portions);
            $masses[] = array_shift($shares[$piece->id]) ?? Mass::zero();
        }

        return $masses;
    }

    /**
     * @param  list<Credit>  $credits
     * @param  array<string, list<Piece>>  $portions
     *
     * @throws NothingToCost when nothing is served of it
     */
    private static function cost(
        Fish $fish,
        Mass $whole,
        array $credits,
        array $portions,
        Mass $uncut,
        Settings $settings,
    ): Cost {
        $products = [];
        foreach ($portions as $dish => $pieces) {
            $masses = self::each($fish, $pieces);
            $products[] = new Product(
                $dish,
                Mass::sum($masses),
                $masses,
                self::perGram(Dish::of($dish), $settings),
            );
        }
        if ($uncut->isPositive()) {
            $usual = Dish::of($fish->dish_id);
            $products[] = new Product(self::UNCUT, $uncut, 1, self::perGram($usual, $settings));
        }
        // A dish that is worth nothing yet cannot be set beside the others.
        $unpriced = array_filter($products, fn (Product $one): bool => $one->relativeValue->isZero());

        return Cost::of(
            new Purchase(
                $whole,
                $settings->perKg($fish->price_per_kg_minor ?? 0),
                $settings->money($fish->delivery_minor),
                BigRational::of($settings->countsLabour ? $fish->labour_minutes ?? '0' : '0'),
                $settings->labourPerHour,
                $settings->money($fish->credited_minor),
            ),
            $credits,
            $products,
            $unpriced === [] ? $settings->split : Split::ByWeight,
        );
    }

    /** Flesh on the board that is still to be portioned; nothing once somebody said that the fish is portioned. */
    private static function uncut(Fish $fish): Mass
    {
        return $fish->stage === Stage::Portion
            ? Mass::sum(
                array_map(
                    fn (Piece $fillet): Mass => Mass::ofMilligrams(
                        max(0, $fillet->bin === null ? Cut::left($fish, $fillet)->milligrams : 0),
                    ),
                    CutFrom::fillets($fish),
                ),
            )
            : Mass::zero();
    }

    /** What a gram of a dish is worth beside others. */
    private static function perGram(?Dish $dish, Settings $settings): BigRational
    {
        return $dish === null ? BigRational::zero() : BigRational::nd($dish->worth($settings)->minor, $dish->target_mg);
    }
}
