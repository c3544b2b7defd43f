<?php

/**
 * Years of services ordered for by the chance of running short, and by a habit, in kitchens whose true yields and
 * take-up nobody tells them.
 *
 *     php bench/order-year.php [kitchens] [services of a year] [plain]
 *
 * With plain there are no banquets and one dish only: every night as uncertain as the next.
 *
 * First: were the nights short as often as was forecast? Then both ways side by side on the same nights: portions left
 * over against nights short, for several chances and for several margins of the habit (mean need over mean portions
 * of a fish, plus a margin). Both ways go by the same learned covers, take-up and yields; they differ in nothing else.
 */

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Math\Normal;
use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;
use Sectum\Plan\Order\Cut;
use Sectum\Plan\Order\Demand;
use Sectum\Plan\Order\Need;
use Sectum\Plan\Order\Offer;
use Sectum\Plan\Order\Order;
use Sectum\Plan\Order\Rates;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\Sold;
use Sectum\Plan\Service\TakeUp;

require __DIR__.'/../vendor/autoload.php';

const CHANCES = [20.0, 10.0, 5.0, 2.0, 1.0];
const MARGINS = [0.0, 0.1, 0.2, 0.3, 0.5, 0.7];
const GUESTS = [46, 78, 92, 58];
/** Services that teach before any counts. */
const TAUGHT = 36;
/** What the house begins with; the truth of each kitchen lies somewhere about it. */
const START_YIELD = 58.6;

final class Kitchen
{
    /** @var list<float> */
    private array $yields = [];

    /** @var array<string, list<Sold>> */
    private array $sold = ['main' => [], 'seldom' => []];

    /** @var array<int, list<float>> */
    private array $came = [[], [], [], []];

    private float $yield;

    /** @var array<string, float> */
    private array $share;

    public function __construct(private readonly Randomizer $random, private readonly bool $plain)
    {
        $this->yield = $this->normal(START_YIELD - 1.5, 2.0);
        $this->share = ['main' => 0.22 + 0.14 * $this->uniform(), 'seldom' => 0.06 + 0.06 * $this->uniform()];
    }

    private function uniform(): float
    {
        return $this->random->getInt(1, 999_999) / 1_000_000;
    }

    private function normal(float $mean, float $sd): float
    {
        return $mean + $sd * Normal::quantile($this->uniform());
    }

    /** What is known beforehand: every fourth service is a banquet with its count, every other a dish few take. */
    public function demand(int $service): Demand
    {
        if ($this->isBanquet($service)) {
            return Covers::banquet(120, 4, 2, 0, 116)->demand(100, 0);
        }
        $usual = TakeUp::covers($this->came, $service % 4);
        $dish = $this->dish($service);
        $takes = TakeUp::of($dish === 'main' ? 25.0 : 10.0, array_slice($this->sold[$dish], -60));

        return Covers::diningRoom(
            (int) round($usual->mean ?? GUESTS[$service % 4]),
            $usual->sd ?? 12.0,
        )->demand($takes->sharePct, $takes->sdPct);
    }

    public function expected(): ExpectedYield
    {
        return ExpectedYield::of(
            new StartingYield(START_YIELD, 3.0, 4),
            array_map(fn (float $pct): YieldRecord => new YieldRecord($pct), array_slice($this->yields, -120)),
        );
    }

    /** @return array{int, list<array{float, float}>} portions really wanted, and fish as they come out of the box */
    public function night(int $service): array
    {
        $lot = $this->normal($this->yield, 1.0);
        $fish = [];
        for ($i = 0; $i < 60; $i++) {
            $fish[] = [2000 + 1000 * $this->uniform(), $lot + $this->normal(0.0, 2.0)];
        }
        array_push($this->yields, ...array_column(array_slice($fish, 0, 6), 1));
        if ($this->isBanquet($service)) {
            return [116, $fish];
        }
        $guests = max(0, (int) round($this->normal(GUESTS[$service % 4], 9)));
        $dish = $this->dish($service);
        $share = min(1.0, max(0.0, $this->normal($this->share[$dish], 0.1 * $this->share[$dish])));
        $wanted = 0;
        for ($i = 0; $i < $guests; $i++) {
            $wanted += $this->uniform() < $share ? 1 : 0;
        }
        $this->came[$service % 4][] = (float) $guests;
        $this->sold[$dish][] = new Sold($wanted, $guests);

        return [$wanted, $fish];
    }

    private function isBanquet(int $service): bool
    {
        return ! $this->plain && $service % 4 === 3;
    }

    private function dish(int $service): string
    {
        return $this->plain || intdiv($service, 4) % 2 === 0 ? 'main' : 'seldom';
    }
}

$kitchens = (int) ($argv[1] ?? 8);
$services = (int) ($argv[2] ?? 208);
$euro = Currency::of('EUR');
$rates = new Rates(Money::ofMinor(1860, $euro), Money::ofMinor(60, $euro));
$cut = new Cut(180, 22, 2);
$score = [];
$count = function (string $way, int $wanted, array $fish, int $many, float $forecast) use (&$score, $cut): void {
    $made = 0;
    foreach (array_slice($fish, 0, $many) as [$mass, $yield]) {
        $made += $cut->sides * Cut::portionsIn($cut->available($mass, $yield), $cut->targetGrams);
    }
    $row = $score[$way] ?? ['short' => 0, 'over' => 0, 'fish' => 0, 'forecast' => 0.0, 'variance' => 0.0];
    $score[$way] = [
        'short' => $row['short'] + ($made < $wanted ? 1 : 0),
        'over' => $row['over'] + max(0, $made - $wanted),
        'fish' => $row['fish'] + $many,
        'forecast' => $row['forecast'] + $forecast,
        'variance' => $row['variance'] + $forecast * (1 - $forecast),
    ];
};
for ($k = 0; $k < $kitchens; $k++) {
    $kitchen = new Kitchen(new Randomizer(new Mt19937(20261127 + $k)), ($argv[3] ?? '') === 'plain');
    for ($i = 0; $i < $services + TAUGHT; $i++) {
        $demand = $kitchen->demand($i);
        $yield = $kitchen->expected();
        [$wanted, $fish] = $kitchen->night($i);
        if ($i < TAUGHT) {
            continue;
        }
        $need = Need::of($demand);
        // A lot differs from the mean by what is not known of the mean, and by being another lot.
        $lotSd = hypot($yield->lotSdPct, 1.0);
        $price = PricePerKg::of(Money::ofMinor(940, $euro));
        $offer = new Offer('hake', 2000, 3000, $price, $yield->meanPct, $lotSd, $yield->fishSdPct);
        foreach (CHANCES as $chance) {
            $order = Order::of($need, $cut, [$offer], $chance, $rates)->offers[0];
            $count("chance {$chance} %", $wanted, $fish, $order->fish, $order->shortPct / 100);
        }
        $each = Order::ofFish($need, $cut, $offer, 1, 100, $rates)->portionsMean;
        foreach (MARGINS as $margin) {
            $many = (int) ceil(($demand->portions->mean() * (1 + $margin)) / $each);
            $count('habit +'.(100 * $margin).' %', $wanted, $fish, $many, 0.0);
        }
    }
}
$counted = $kitchens * $services;
printf("%d kitchens, %d services of each counted after %d that taught\n\n", $kitchens, $services, TAUGHT);
printf("%-12s %8s %10s %7s %12s %10s\n", 'way', 'short', 'forecast', 'z', 'over/night', 'fish/night');
foreach ($score as $way => $row) {
    $forecast = $row['variance'] > 0 ? sprintf('%.1f', $row['forecast']) : '';
    $z = $row['variance'] > 0 ? sprintf('%+.2f', ($row['short'] - $row['forecast']) / sqrt($row['variance'])) : '';
    printf(
        "%-12s %8d %10s %7s %12.2f %10.2f\n",
        $way,
        $row['short'],
        $forecast,
        $z,
        $row['over'] / $counted,
        $row['fish'] / $counted,
    );
}

// What the habit throws away at the nights short of each chance, between the two margins that lie about it.
echo "\n";
foreach (CHANCES as $chance) {
    $way = $score["chance {$chance} %"];
    for ($i = 1; $i < count(MARGINS); $i++) {
        $less = $score['habit +'.(100 * MARGINS[$i - 1]).' %'];
        $more = $score['habit +'.(100 * MARGINS[$i]).' %'];
        if ($less['short'] >= $way['short'] && $more['short'] <= $way['short'] && $less['short'] > $more['short']) {
            $share = ($less['short'] - $way['short']) / ($less['short'] - $more['short']);
            $over = $less['over'] + $share * ($more['over'] - $less['over']);
            printf(
                "at %d nights short: %.2f portions over a night by chance, %.2f by habit (ratio %.2f)\n",
                $way['short'],
                $way['over'] / $counted,
                $over / $counted,
                $way['over'] / $over,
            );
            break;
        }
    }
}
