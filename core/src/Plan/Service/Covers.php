<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

use Sectum\Plan\BadPlan;
use Sectum\Plan\Order\Demand;

/** How many guests a service is cooked for, and how well that is known. */
final readonly class Covers
{
    /**
     * @param  int  $count  expected at the table, the spare plates of a banquet counted in
     * @param  float  $sd  of that; 0 where it was guaranteed
     * @param  float  $sparePct  plates cooked beside
     */
    private function __construct(public int $count, public float $sd, private float $sparePct)
    {
    }

    /**
     * @param  int  $expected  0 to 10,000
     * @param  float  $sd  0 or more
     *
     * @throws BadPlan which names the figure
     */
    public static function diningRoom(int $expected, float $sd): self
    {
        self::counted($expected, '/covers');
        ($sd >= 0 && $sd <= Demand::MOST) ||
            throw new BadPlan('The spread of the covers is 0 or more.', $sd, '/covers_sd');

        return new self($expected, $sd, 0.0);
    }

    /**
     * Once a count is guaranteed it is cooked for, whoever comes; until then some of those who were announced do not.
     *
     * @param  int  $guests  announced, 0 to 10,000
     * @param  float  $noShowPct  of them that do not come, 0 to 100
     * @param  float  $noShowSdPct  of that, 0 to 100
     * @param  float  $sparePct  plates beside, 0 to 100
     *
     * @throws BadPlan which names the figure
     */
    public static function banquet(
        int $guests,
        float $noShowPct,
        float $noShowSdPct,
        float $sparePct,
        ?int $guaranteed = null,
    ): self {
        self::counted($guests, '/covers');
        self::counted($guaranteed ?? 0, '/guaranteed');
        $shares = ['/no_show_pct' => $noShowPct, '/no_show_sd_pct' => $noShowSdPct, '/spare_pct' => $sparePct];
        foreach ($shares as $at => $pct) {
            ($pct >= 0 && $pct <= 100) || throw new BadPlan('A share is between 0 and 100 %.', $pct, $at);
        }
        $spare = 1 + $sparePct / 100;

        return $guaranteed === null
            ? new self(
                (int) round($guests * (1 - $noShowPct / 100) * $spare),
                (($guests * $noShowSdPct) / 100) * $spare,
                $sparePct,
            )
            : new self((int) ceil($guaranteed * $spare - 1e-9), 0.0, $sparePct);
    }

    /**
     * Portions of one dish.
     *
     * @param  float  $sharePct  of the guests that takes it, 0 to 100
     * @param  float  $shareSdPct  of that, 0 to 100
     * @param  int|null  $chosen  so many chose it beforehand; their spare plates come beside
     *
     * @throws BadPlan which names the figure
     */
    public function demand(float $sharePct, float $shareSdPct, ?int $chosen = null): Demand
    {
        return $chosen === null
            ? Demand::ofCovers($this->count, $this->sd, $sharePct, $shareSdPct)
            : Demand::fixed($this->plates($chosen));
    }

    /** How many of it on average, as {@see demand} has it. */
    public function mean(float $sharePct, float $shareSdPct, ?int $chosen = null): float
    {
        return $chosen === null
            ? Demand::meanOfCovers($this->count, $this->sd, $sharePct, $shareSdPct)
            : (float) $this->plates($chosen);
    }

    private function plates(int $chosen): int
    {
        return (int) ceil($chosen * (1 + $this->sparePct / 100) - 1e-9);
    }

    private static function counted(int $guests, string $at): void
    {
        ($guests >= 0 && $guests <= Demand::MOST) ||
            throw new BadPlan('Between 0 and 10,000 guests can be expected.', $guests, $at);
    }
}
