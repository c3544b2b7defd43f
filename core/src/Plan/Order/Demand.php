<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Math\Binomial;
use Sectum\Math\Counted;
use Sectum\Math\Spread;
use Sectum\Plan\BadPlan;

/** How many portions of a dish a service will want: the chance of each number. */
final readonly class Demand
{
    /** No house serves more at once. */
    public const MOST = 10_000;

    /** Points the covers, and the share that takes the dish, are mixed over. */
    private const POINTS = 21;

    private function __construct(public Counted $portions)
    {
    }

    /** @throws BadPlan when it is below 0 or beyond any house */
    public static function fixed(int $portions): self
    {
        ($portions >= 0 && $portions <= self::MOST) ||
            throw new BadPlan('Between 0 and 10,000 portions can be wanted.', $portions, '/portions');

        return new self(new Counted([...array_fill(0, $portions, 0.0), 1.0]));
    }

    /** Several services together, or any other. */
    public static function counted(Counted $portions): self
    {
        return new self($portions);
    }

    /**
     * Every guest takes it or does not; how many guests come and how much they like it is itself only known about.
     *
     * @param  int  $covers  expected, 0 to 10,000
     * @param  float  $coversSd  0 or more
     * @param  float  $sharePct  of them that takes it, 0 to 100
     * @param  float  $shareSdPct  0 or more
     *
     * @throws BadPlan which names the figure
     */
    public static function ofCovers(int $covers, float $coversSd, float $sharePct, float $shareSdPct): self
    {
        ($covers >= 0 && $covers <= self::MOST) ||
            throw new BadPlan('Between 0 and 10,000 guests can be expected.', $covers, '/covers');
        ($coversSd >= 0 && $coversSd <= self::MOST) ||
            throw new BadPlan('The spread of the covers is 0 or more.', $coversSd, '/covers_sd');
        ($sharePct >= 0 && $sharePct <= 100) ||
            throw new BadPlan('Between none and all of the guests take a dish.', $sharePct, '/share_pct');
        ($shareSdPct >= 0 && $shareSdPct <= 100) ||
            throw new BadPlan('The spread of a share is between 0 and 100.', $shareSdPct, '/share_sd_pct');
        $shares = self::shares($sharePct, $shareSdPct);
        $guests = self::guests($covers, $coversSd);
        $sum = [];
        foreach ($guests as $come => $often) {
            foreach ($shares as $share => $likely) {
                foreach (Binomial::of((int) $come, (float) $share)->chances as $portions => $chance) {
                    $sum[$portions] = ($sum[$portions] ?? 0.0) + $often * $likely * $chance;
                }
            }
        }
        ksort($sum);

        return new self(new Counted(array_values($sum)));
    }

    /** The mean of the same, without working out the chance of each number: what a busy screen asks for. */
    public static function meanOfCovers(int $covers, float $coversSd, float $sharePct, float $shareSdPct): float
    {
        return self::middle(self::guests($covers, $coversSd)) * self::middle(self::shares($sharePct, $shareSdPct));
    }

    /** @return array<array-key, float> chance of each share, 0 to 1 */
    private static function shares(float $pct, float $sdPct): array
    {
        return self::held(Spread::normal($pct / 100, $sdPct / 100, self::POINTS), 0.0, 1.0);
    }

    /** @return array<array-key, float> chance of each number of guests */
    private static function guests(int $covers, float $sd): array
    {
        return self::held(
            array_map(fn (float $come): float => round($come), Spread::normal((float) $covers, $sd, self::POINTS)),
            0.0,
            2.0 * self::MOST,
        );
    }

    /** @param  array<array-key, float>  $held */
    private static function middle(array $held): float
    {
        $mean = 0.0;
        foreach ($held as $number => $chance) {
            $mean += (float) $number * $chance;
        }

        return $mean;
    }

    /**
     * @param  list<float>  $points  equally likely
     * @return array<array-key, float> chance of each that differs, held within bounds, by its number
     */
    private static function held(array $points, float $least, float $most): array
    {
        $held = [];
        foreach ($points as $point) {
            $number = json_encode(min($most, max($least, $point)), JSON_THROW_ON_ERROR);
            $held[$number] = ($held[$number] ?? 0.0) + 1 / count($points);
        }

        return $held;
    }
}
