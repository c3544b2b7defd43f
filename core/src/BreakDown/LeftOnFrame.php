<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Brick\Math\BigRational;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/**
 * What of the meat is still on the frame, what it is worth, and whether scraping it off pays at the house's labour
 * rate.
 */
final readonly class LeftOnFrame
{
    /** Seconds to scrape a frame, and for each kilo of fish more. Estimates, as at the step. */
    private const SECONDS = 10;

    private const SECONDS_PER_KG = 18;

    /** Of what is left, how much a spoon brings off. Estimate. */
    private const SPOON_GETS = 0.7;

    /**
     * @param  Mass  $left  meat beyond a clean frame; more than nothing
     * @param  Mass  $scrapable  what a spoon would bring
     * @param  float  $sdGrams  one standard deviation of what is left
     */
    private function __construct(
        public Mass $left,
        public Mass $scrapable,
        public float $sdGrams,
        public Money $worth,
        public Money $work,
    ) {
    }

    /**
     * @param  Share  $clean  the frame's usual share of a fish like this
     * @param  Mass  $scraped  scrapings weighed already
     * @param  PricePerKg  $value  what scrapings are worth
     * @param  Money  $labourPerHour  the house's
     * @return self|null null while the frame is within its usual spread
     */
    public static function of(
        Mass $whole,
        Mass $frame,
        Share $clean,
        Mass $scraped,
        PricePerKg $value,
        Money $labourPerHour,
    ): ?self {
        $sd = ($whole->grams() * $clean->sdPct) / 100;
        $left = self::beyond($whole, $frame, $clean);
        if (! $left->isPositive()) {
            return null;
        }
        $scrapable = Mass::ofGrams(max(0.0, self::SPOON_GETS * $left->grams() - $scraped->grams()));
        $seconds = (int) round(self::SECONDS + (self::SECONDS_PER_KG * $whole->grams()) / 1000);

        return new self(
            $left,
            $scrapable,
            $sd,
            $value->times($scrapable),
            $labourPerHour->multipliedBy(BigRational::nd($seconds, 3600)),
        );
    }

    /** Meat on a frame beyond a clean one; nothing while the frame is within its usual spread. */
    public static function beyond(Mass $whole, Mass $frame, Share $clean): Mass
    {
        $left = $frame->grams() - ($whole->grams() * $clean->meanPct) / 100;

        return $left > ($whole->grams() * $clean->sdPct) / 100 ? Mass::ofGrams($left) : Mass::zero();
    }

    public function pays(): bool
    {
        return $this->worth->minor > $this->work->minor;
    }
}
