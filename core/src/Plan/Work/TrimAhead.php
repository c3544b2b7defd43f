<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Math\Normal;

/** What will lie in a bin in the days to come, and when there is a batch. */
final readonly class TrimAhead
{
    /** A batch is said to be there on the first day on which it is so in four cases of five. */
    private const SURE = 0.8;

    /**
     * @param  float  $grams  in the bin at the end, expected
     * @param  float  $sdGrams  of that
     * @param  int  $batches  it should make
     * @param  string|null  $ready  the first day with a batch; null when there will be none
     */
    private function __construct(
        public float $grams,
        public float $sdGrams,
        public int $batches,
        public ?string $ready,
    ) {
    }

    /**
     * Days scatter independently of each other.
     *
     * @param  float  $inBin  grams there now, 0 or more
     * @param  float|null  $batch  grams a batch takes, above 0; null when it is not used in batches
     * @param  string  $today  2026-12-04
     * @param  list<TrimDay>  $days  in order
     */
    public static function of(float $inBin, ?float $batch, string $today, array $days): self
    {
        $grams = $inBin;
        $variance = 0.0;
        $ready = $batch !== null && $inBin >= $batch ? $today : null;
        foreach ($days as $day) {
            $grams += $day->grams;
            $variance += $day->sdGrams ** 2;
            if ($ready === null && $batch !== null && Normal::reaches($batch, $grams, sqrt($variance)) >= self::SURE) {
                $ready = $day->day;
            }
        }

        return new self($grams, sqrt($variance), $batch === null ? 0 : (int) floor($grams / $batch + 1e-9), $ready);
    }
}
