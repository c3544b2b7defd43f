<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Message;

/**
 * What a supplier credits, carried to the very fish each item was about, by their weight.
 *
 * An item about kilos that never came, or about fish that went back, lowers the cost of no fish: what is costed is what
 * was weighed in and kept.
 */
final readonly class CreditNote
{
    /** @param  array<string, Money>  $fish  what each gets, by its id; with what no fish gets it is the total */
    private function __construct(public array $fish, public Money $total)
    {
    }

    /**
     * @param  list<Money>  $amounts  one for each item, 0 or more
     * @param  list<array<string, Mass>>  $about  the fish of each item by their ids, each above zero
     * @param  array<string, Money>  $cost  what each fish cost at the invoice's price, less what was credited before;
     *     a fish without one has no price, and takes what it is given
     *
     * @throws BadClaimStep when there is nothing on it, or more than its fish cost
     */
    public static function of(array $amounts, array $about, array $cost, Currency $currency): self
    {
        $fish = [];
        foreach ($amounts as $i => $amount) {
            $of = $about[$i] ?? [];
            if ($of === [] || $amount->minor === 0) {
                continue;
            }
            $weights = array_map(fn (Mass $mass): int => $mass->milligrams, array_values($of));
            foreach ($amount->split($weights) as $place => $share) {
                $id = array_keys($of)[$place];
                $fish[$id] = ($fish[$id] ?? Money::zero($currency))->plus($share);
                if (isset($cost[$id]) && $fish[$id]->minor > $cost[$id]->minor) {
                    throw new BadClaimStep(
                        new Message(ClaimSays::MoreThanTheyCost, [
                            'most' => Money::sum(array_values(array_intersect_key($cost, $of)), $currency),
                        ]),
                        $amount->plain(),
                        "/items/{$i}",
                    );
                }
            }
        }
        $total = Money::sum($amounts, $currency);
        if ($total->minor === 0) {
            throw new BadClaimStep(new Message(ClaimSays::NothingCredited), '0', '/items');
        }

        return new self($fish, $total);
    }
}
