<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** Usual yields of one kind of fish in one state: shares of the fish as bought, falling rung by rung. */
final readonly class YieldLadder
{
    /**
     * @param  array<string, float>  $pct  mean share of the fish as bought by rung code, more than 0 and at most 100
     *
     * @throws BadYield which names the rung
     */
    public function __construct(public array $pct)
    {
        $above = 100.0;
        $name = Rung::AsBought->value;
        foreach (Rung::cases() as $rung) {
            $share = $pct[$rung->value] ?? null;
            if ($share === null) {
                continue;
            }
            if ($share <= 0 || $share > 100) {
                throw new BadYield('A yield is more than 0 and at most 100 %.', $share, "/{$rung->value}");
            }
            if ($share > $above) {
                throw new BadYield(
                    "There cannot be more {$rung->value} than {$name}: {$share} % after {$above} %.",
                    $share,
                    "/{$rung->value}",
                );
            }
            $above = $share;
            $name = $rung->value;
        }
    }
}
