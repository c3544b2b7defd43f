<?php

declare(strict_types=1);

namespace App\Cost;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\FishTree;
use App\Fish\KeelView;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\Cut;
use App\Portion\Dish\Dish;
use Sectum\Cost\Cost;
use Sectum\Cost\GivenAway;
use Sectum\Cost\ProductCost;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\LeftFlesh;

/** What the cost screen shows: the walk from the invoice to the plate, each figure the sum of those above it. */
final readonly class CostBench
{
    private function __construct(
        private Fish $fish,
        private FishCost $found,
        private Settings $settings,
        private Words $words,
    ) {
    }

    /** @return Answer */
    public static function of(Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $found = FishCost::of($fish, $settings);
        $bench = new self($fish, $found, $settings, $words);
        $cost = $found->cost;
        $dish = Dish::of($fish->dish_id);
        $main = $dish === null ? null : $found->product($dish->id);

        return [
            'fish' => FishHead::of($fish, $words),
            'keel' => KeelView::of($fish, FishTree::of($fish, $settings->scaleStep), $words),
            'missing' => $found->missing,
            'price_per_kg' => $bench->money($fish->price_per_kg_minor),
            'delivery' => $bench->money($fish->delivery_minor),
            'labour_minutes' => $fish->labour_minutes,
            'labour_rate' => $settings->labourPerHour->print(),
            'counts_labour' => $settings->countsLabour,
            'schools' => CostHouse::said($settings),
            'walk' => $cost === null ? [] : $bench->walk($cost),
            'edible_per_kg' => $cost?->edible->perKg->print(),
            'edible' => $cost === null ? null : $words->rate($cost->edible)->shown(),
            'factor' => $cost?->costFactor === null ? null : number_format($cost->costFactor, 2, '.', ''),
            'remark' => $cost === null ? null : $bench->remark($cost),
            'products' => $cost === null ? [] : $bench->products($cost),
            'unserved' => $cost === null ? [] : $bench->unserved($cost),
            'plate' => $dish === null || $main === null
                    ? null
                    : PlateView::of(
                        $dish,
                        Portioned::mean($main->total, count($main->pieces)),
                        $settings,
                        $words,
                    ),
        ];
    }

    private function money(?int $minor): ?string
    {
        return $minor === null ? null : $this->settings->money($minor)->print();
    }

    /** @return list<Answer> */
    private function walk(Cost $cost): array
    {
        $whole = $this->fish->whole()->reading()?->mass() ?? Mass::zero();
        $line = $this->fish->line;
        $lines = [
            [
                'kind' => 'bought',
                'what' => 'As purchased',
                'detail' => $this->words->text($whole).
                    ' at '.
                    $this->words->rate($this->settings->perKg($this->fish->price_per_kg_minor ?? 0))->text(),
                'minor' => $cost->invoice->minor - $this->fish->delivery_minor,
                'to' => $line === null ? null : "/receive/deliveries/{$line->delivery_id}",
            ],
            [
                'kind' => 'bought',
                'what' => 'Delivery',
                'detail' => 'its share',
                'minor' => $this->fish->delivery_minor,
                'to' => null,
            ],
        ];
        $lines[] = [
            'kind' => 'credit',
            'what' => 'Credited by the supplier',
            'detail' => 'on its credit note',
            'minor' => -$cost->credited->minor,
            'to' => $line === null ? null : "/receive/deliveries/{$line->delivery_id}/claim",
        ];
        foreach ($this->found->credited as $i => [$piece, $to]) {
            $lines[] = [
                'kind' => 'credit',
                'what' => $piece->name,
                'detail' => $this->words->text($piece->reading()?->mass() ?? Mass::zero()).
                    ' to '.
                    lcfirst($piece->bin?->spoken() ?? ''),
                'minor' => -$cost->credits[$i]->minor,
                'to' => $to,
            ];
        }
        $lines[] = [
            'kind' => 'labour',
            'what' => 'Labour',
            'detail' => ($this->fish->labour_minutes ?? '0').' min',
            'minor' => $cost->labour->minor,
            'to' => null,
        ];
        $lines[] = [
            'kind' => 'net',
            'what' => 'Cost of the portions',
            'detail' => '',
            'minor' => $cost->net->minor,
            'to' => null,
        ];

        return array_map(
            fn (array $one): array => [...$one, 'amount' => $this->money($one['minor'])],
            array_values(array_filter($lines, fn (array $one): bool => $one['minor'] !== 0 || $one['kind'] === 'net')),
        );
    }

    /** @return list<Answer> */
    private function products(Cost $cost): array
    {
        $dishes = Dish::known();

        return array_map(function (ProductCost $product) use ($dishes): array {
            $dish = $dishes->firstWhere('id', $product->id);
            $pieces = $this->found->portions[$product->id] ?? [];
            $masses = $this->found->masses($pieces);

            return [
                'dish' => $dish?->id,
                'name' => $dish->name ?? ($product->id === FishCost::UNCUT ? 'Not portioned yet' : 'No dish yet'),
                'count' => count($pieces),
                'mass' => $this->words->text(Mass::sum($masses)),
                'total' => $product->total->print(),
                'minor' => $product->total->minor,
                'mean' => $pieces === [] ? null : Portioned::mean($product->total, count($pieces))->print(),
                'lines' => $dish === null || $pieces === []
                        ? []
                        : $this->given(GivenAway::of($product, $masses, $dish->each()->target, $dish->each()->minus)),
                'each' => array_map(
                    fn (Piece $piece, Mass $mass, Money $amount): array => [
                        'name' => $piece->name,
                        'mass' => $this->words->text($mass),
                        'amount' => $amount->print(),
                    ],
                    $pieces,
                    $masses,
                    $pieces === [] ? [] : $product->pieces,
                ),
            ];
        }, $cost->products);
    }

    /** @return list<Answer> */
    private function given(GivenAway $given): array
    {
        $lines = [
            [
                'kind' => 'served',
                'what' => 'On the plate',
                'detail' => $this->words->text($given->served),
                'minor' => $given->servedCost->minor,
            ],
        ];
        if ($given->given->isPositive()) {
            $lines[] = [
                'kind' => 'over',
                'what' => 'Over target (given away)',
                'detail' => $this->words->text($given->given).' above the target',
                'minor' => $given->givenCost->minor,
            ];
        }
        if ($given->lightPieces > 0) {
            $lines[] = [
                'kind' => 'light',
                'what' => 'Too light',
                'detail' => "{$given->lightPieces} of them, ".$this->words->text($given->light),
                'minor' => $given->lightCost->minor,
            ];
        }

        return array_map(fn (array $line): array => [...$line, 'amount' => $this->money($line['minor'])], $lines);
    }

    /**
     * Flesh that was meant for a plate and went to a bin: what it would have cost, and what it brought.
     *
     * @return list<Answer>
     */
    private function unserved(Cost $cost): array
    {
        $lines = [];
        $brought = [];
        $nothing = Money::zero($this->settings->currency);
        foreach ($this->found->credited as $i => [$piece]) {
            $brought[$piece->id] = $cost->credits[$i];
        }
        foreach ($this->fish->pieces as $piece) {
            $mass = $piece->reading()?->mass();
            if (
                $piece->bin !== null &&
                $mass !== null &&
                ($piece->part === Part::Portion || $piece->part->isFillet())
            ) {
                $would = $cost->edible->times($mass)->orNothing();
                $lines[] = [
                    'what' => $piece->name,
                    'detail' => $this->words->text($mass).' to '.lcfirst($piece->bin->spoken()),
                    'would' => $would->print(),
                    'brought' => ($brought[$piece->id] ?? $nothing)->print(),
                    'open' => false,
                ];
            }
        }

        foreach (CutFrom::fillets($this->fish) as $fillet) {
            $left = Cut::left($this->fish, $fillet);
            if ($fillet->bin === null && LeftFlesh::isMuch($left, $fillet->reading()?->mass() ?? Mass::zero())) {
                $would = $cost->edible->times($left)->orNothing();
                $lines[] = [
                    'what' => "{$fillet->name}, not portioned",
                    'detail' => $this->words->text($left).' left',
                    'would' => $would->print(),
                    'brought' => $nothing->print(),
                    'open' => true,
                ];
            }
        }

        return $lines;
    }

    private function remark(Cost $cost): ?string
    {
        $credits = Money::sum($cost->credits, $this->settings->currency);

        return match (true) {
            $credits->minor > $cost->invoice->minor => "Its trim is worth {$credits->print()}, more than the ".
                "{$cost->invoice->print()} the fish cost. Check the values of the bins.",
            $this->fish->price_per_kg_minor === 0 => 'It was bought for nothing.',
            default => null,
        };
    }
}
