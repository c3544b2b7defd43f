<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Cost\MenuAdvice;
use Sectum\Cost\MenuDish;
use Sectum\Cost\MenuReview;

/** `menu`: what is asked for, and what it earns. */
final readonly class MenuComputation implements Computation
{
    public static function name(): string
    {
        return 'menu';
    }

    public function answer(Fields $request): array
    {
        $asked = $request->list('dishes');
        $dishes = array_map(
            fn (Fields $one): MenuDish => new MenuDish(
                $one->int('sold'),
                $one->int('net_price_minor'),
                $one->int('plate_cost_minor'),
            ),
            $asked,
        );
        $review = new MenuReview($dishes === [] ? throw Fault::inField('/dishes', 'Name a dish.') : $dishes);

        return [
            'dishes' => array_map(
                fn (Fields $one, MenuDish $dish): array => [
                    'id' => $one->string('id'),
                    'share_pct' => $review->sharePct($dish),
                    'contribution_minor' => $dish->contribution,
                    'popular' => $review->isPopular($dish),
                    'earning' => $review->isEarning($dish),
                    'advice' => MenuAdvice::of($review->isPopular($dish), $review->isEarning($dish))->value,
                ],
                $asked,
                $dishes,
            ),
            'average_contribution_minor' => $review->average,
            'share_needed_pct' => $review->shareNeededPct,
        ];
    }
}
