<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use App\Plan\Prep\PrepDay;
use App\Portion\Tonight\Tonight;
use Brick\Math\BigRational;
use Psr\Clock\ClockInterface;
use Sectum\Cost\ReadyCut;
use Sectum\Cost\Yielded;
use Sectum\Plan\Order\Outcome;
use Sectum\Plan\Order\Rates;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Work\Job;

/** Whole fish or fillets: the work of an order against the hands of its day, and the price at which both are even. */
final readonly class HandsForIt
{
    public function __construct(private Tonight $tonight, private ClockInterface $clock)
    {
    }

    /**
     * @param  array{day: string, date: string, why: string}|null  $by  when it is cut
     * @return Answer|null null when nothing has to be bought
     */
    public static function of(Outcome $best, Rates $rates, ?array $by): ?array
    {
        if ($by === null || $best->fish === 0) {
            return null;
        }

        return [
            'day' => $by['day'],
            'date' => $by['date'],
            'minutes' => (int) round($best->fish * $best->offer->minutes),
            'even' => Words::ofReader()->rate(self::even($best, $rates)->evenReady)->text(),
        ];
    }

    /** Minutes of the day's shifts that no task has yet; null when nobody is down to cut. */
    public function free(string $day): ?float
    {
        $of = PrepDay::of($day, $this->clock->now(), $this->tonight);
        $there = array_sum(array_map(fn (Cutter $one): float => $one->to - $one->from, $of->hands));
        $taken = array_sum(array_map(
            fn (Job $one): float => $one->task->hands ? $one->task->minutes : 0.0,
            $of->work->jobs,
        ));

        return $of->hands === [] ? null : max(0.0, $there - $taken);
    }

    private static function even(Outcome $best, Rates $rates): ReadyCut
    {
        $settings = Settings::load();
        $exact = fn (float $figure): BigRational => BigRational::of(json_encode($figure, JSON_THROW_ON_ERROR));
        $offer = $best->offer;

        return ReadyCut::of(
            Yielded::of(
                BigRational::of($offer->price->perKg->minor),
                $exact($offer->minutes)
                    ->multipliedBy($rates->hour->minor)
                    ->dividedBy(60)
                    ->multipliedBy(1000)
                    ->dividedBy($exact($offer->meanGrams())),
                BigRational::of(max(0, $rates->trim->minor)),
                $exact($offer->yieldPct),
                $settings->currency,
            ),
            Yielded::of(
                BigRational::of(1),
                BigRational::zero(),
                BigRational::zero(),
                BigRational::of($settings->readyYieldPct),
                $settings->currency,
            ),
        );
    }
}
