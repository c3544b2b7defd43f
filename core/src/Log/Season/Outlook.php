<?php

declare(strict_types=1);

namespace Sectum\Log\Season;

use Sectum\Fish\SeasonMonths;
use Sectum\Fish\SeasonSupply;
use Sectum\Log\Find\Level;

/**
 * Whether a fish belongs on next month's menu, with every reason: the calendar's, and the house's own where it has one.
 */
final readonly class Outlook
{
    /** A price or a yield of fewer fish in that month is not told. */
    private const FEWEST = 3;

    /** Percent a price has to differ from the year's, and points a yield. Estimates. */
    private const PRICE = 5.0;

    private const YIELD = 0.5;

    /** @param  list<MenuReason>  $reasons */
    private function __construct(public array $reasons, public int $weight)
    {
    }

    /**
     * @param  SeasonMonths|null  $start  what the calendar says of the month
     * @param  float|null  $pricePct  what was paid in that month against the whole year, percent
     * @param  int  $priced  fish that stands on
     * @param  Level|null  $yield  of that month against what is expected
     * @param  bool|null  $suits  whether a dish of the house wants it so fat; null where none minds
     */
    public static function of(
        ?SeasonMonths $start,
        ?float $pricePct,
        int $priced,
        ?Level $yield,
        ?bool $suits,
    ): self {
        $own = $yield !== null && $yield->count >= self::FEWEST ? $yield->mean : null;
        $points = $own ?? ($start->yieldPoints ?? 0.0);
        $price = $priced >= self::FEWEST ? $pricePct ?? 0.0 : 0.0;
        $reasons = array_keys(array_filter([
            MenuReason::Plenty->value => $start?->supply === SeasonSupply::Plenty,
            MenuReason::Short->value => $start?->supply === SeasonSupply::Short,
            MenuReason::Suits->value => $suits === true,
            MenuReason::Unsuited->value => $suits === false,
            MenuReason::Roe->value => $start?->roe === true,
            MenuReason::Cheaper->value => $price <= -self::PRICE,
            MenuReason::Dearer->value => $price >= self::PRICE,
            MenuReason::YieldsMore->value => $points >= self::YIELD,
            MenuReason::YieldsLess->value => $points <= -self::YIELD,
        ]));
        $reasons = array_map(MenuReason::from(...), $reasons);

        return new self(
            $reasons,
            array_sum(array_map(fn (MenuReason $one): int => $one->weight(), $reasons)),
        );
    }
}
