<?php

declare(strict_types=1);

namespace Sectum\Route;

use Brick\Math\BigRational;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;
use Sectum\Message;

/**
 * What a spoon brings off a frame, a rib sheet or a head, and whether that is worth the minutes: expected grams at the
 * bin's value, less minutes at the house's rate.
 *
 * The starting shares and times are our estimates. The share is shrunk towards what the house's own scrapings of that
 * part came to, as if the start were {@see self::STRENGTH} of them.
 */
final readonly class Scraping
{
    /** Own scrapings a starting share counts for. Estimate. */
    private const STRENGTH = 4;

    /** Percent of the part, seconds at least, seconds more for each kilo of the part. Estimates. */
    private const START = [
        'frame' => [6.0, 15, 60],
        'ribs' => [15.0, 10, 120],
        'head' => [4.0, 40, 40],
    ];

    private function __construct(
        public Mass $brings,
        public Money $worth,
        public Money $work,
        public int $seconds,
        public int $records,
    ) {
    }

    /** Whether a spoon finds anything on it. */
    public static function isScraped(Part $part): bool
    {
        return isset(self::START[$part->value]);
    }

    /**
     * @param  Part  $off  what is scraped, one of frame, ribs and head
     * @param  Mass  $part  what it weighs
     * @param  list<float>  $ours  percent of the part the house's own scrapings came to, none negative
     * @param  PricePerKg  $value  of what is scraped off, in its bin
     * @param  Money  $labourPerHour  the house's
     * @return self|null null where nothing is scraped
     */
    public static function of(
        Part $off,
        Mass $part,
        array $ours,
        PricePerKg $value,
        Money $labourPerHour,
    ): ?self {
        $start = self::START[$off->value] ?? null;
        if ($start === null) {
            return null;
        }
        [$pct, $seconds, $perKg] = $start;
        $share = (self::STRENGTH * $pct + array_sum($ours)) / (self::STRENGTH + count($ours));
        $brings = Mass::ofGrams(($part->grams() * $share) / 100);
        $takes = (int) round($seconds + ($perKg * $part->grams()) / 1000);

        return new self(
            $brings,
            $value->times($brings),
            $labourPerHour->multipliedBy(BigRational::nd($takes, 3600)),
            $takes,
            count($ours),
        );
    }

    public function pays(): bool
    {
        return $this->worth->minor > $this->work->minor;
    }

    /** One sentence. */
    public function says(bool $priced): Message
    {
        $code = match (true) {
            $priced => $this->pays() ? ScrapeSays::Pays : ScrapeSays::DoesNotPay,
            default => $this->pays() ? ScrapeSays::PaysUnpriced : ScrapeSays::DoesNotPayUnpriced,
        };

        return new Message($code, [
            'brings' => $this->brings,
            'worth' => $this->worth,
            'work' => $this->work,
            'count' => max(1, (int) round($this->seconds / 60)),
        ]);
    }
}
