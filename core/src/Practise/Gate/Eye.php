<?php

declare(strict_types=1);

namespace Sectum\Practise\Gate;

use Sectum\Math\ChiSquared;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;

/**
 * May this hand leave the scale? Where nine guesses of ten lie, said with 95 % confidence: a two-sided normal tolerance
 * interval by Howe's factor (handbook, numbers 16). It passes when that lies within what the house allows.
 */
final readonly class Eye
{
    /** Guesses an eye is judged from. */
    public const FEWEST = 10;

    private const CONTENT = 0.9;

    private const CONFIDENCE = 0.95;

    /** Further guesses that are asked for at most; beyond them the eye is biased, or too wide for ever. */
    private const MOST_MORE = 2000;

    /** At how many guesses a gate looks: after every one, a tenth of the unready would slip through. */
    private const GATES = [30, 60, 100];

    private const THEN_EVERY = 50;

    /**
     * @param  float|null  $scatterPct  standard deviation of the errors; null with fewer than two
     * @param  float|null  $k  factor of the tolerance interval
     * @param  float|null  $lowPct  nine guesses of ten lie above
     * @param  float|null  $highPct  nine guesses of ten lie below
     * @param  int|null  $moreAtLeast  guesses more at the same bias and scatter; 0 when passed, null when they never
     *     would be enough
     */
    private function __construct(
        public int $guesses,
        public ?float $biasPct,
        public ?float $scatterPct,
        public ?float $k,
        public ?float $lowPct,
        public ?float $highPct,
        public bool $passes,
        public ?int $moreAtLeast,
    ) {
    }

    /**
     * @param  list<Guess>  $guesses
     * @param  float  $withinPct  what the house allows, above 0
     * @param  Mass  $resolution  of the scale: an eye is no finer than it
     *
     * @throws BadDrill which names the figure
     */
    public static function of(array $guesses, float $withinPct, Mass $resolution): self
    {
        $withinPct > 0 || throw new BadDrill('An eye is allowed to be off by something.', $withinPct, '/within_pct');
        $n = count($guesses);
        $errors = array_map(fn (Guess $one): float => $one->errorPct(), $guesses);
        $bias = $n === 0 ? null : array_sum($errors) / $n;
        if ($n < 2 || $bias === null) {
            return new self($n, $bias, null, null, null, null, false, self::more($n, $bias ?? 0.0, null, $withinPct));
        }
        $squares = array_sum(array_map(fn (float $one): float => ($one - $bias) ** 2, $errors));
        $scatter = max(sqrt($squares / ($n - 1)), self::finest($guesses, $resolution));
        $k = self::factor($n);
        $passes = self::within($n, $bias, $scatter, $withinPct);

        return new self(
            $n,
            $bias,
            $scatter,
            $k,
            $bias - $k * $scatter,
            $bias + $k * $scatter,
            $passes,
            $passes ? 0 : self::more($n, $bias, $scatter, $withinPct),
        );
    }

    /** How many of so many guesses a gate looks at: the last number it looked at; 0 before the first. */
    public static function lookedAt(int $guesses): int
    {
        $looked = 0;
        foreach (self::GATES as $gate) {
            $looked = $guesses >= $gate ? $gate : $looked;
        }
        $last = self::GATES[count(self::GATES) - 1];

        return $guesses > $last ? $last + intdiv($guesses - $last, self::THEN_EVERY) * self::THEN_EVERY : $looked;
    }

    /** Howe's factor for so many guesses, two or more. */
    public static function factor(int $n): float
    {
        $chi = (new ChiSquared($n - 1))->quantile(1 - self::CONFIDENCE);

        return Normal::quantile(0.5 + self::CONTENT / 2) * sqrt((($n - 1) * (1 + 1 / $n)) / $chi);
    }

    private static function within(int $n, float $bias, float $scatter, float $within): bool
    {
        return $n >= self::FEWEST && abs($bias) + self::factor($n) * $scatter <= $within;
    }

    private static function more(int $n, float $bias, ?float $scatter, float $within): ?int
    {
        if ($scatter === null) {
            return self::FEWEST - $n;
        }
        // The factor only falls with their number: what the most would not do, none does.
        if (! self::within($n + self::MOST_MORE, $bias, $scatter, $within)) {
            return null;
        }
        [$low, $high] = [0, self::MOST_MORE];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            self::within($n + $middle, $bias, $scatter, $within) ? ($high = $middle) : ($low = $middle);
        }

        return $high;
    }

    /**
     * The scatter of the scale's own steps, percent of the mean piece.
     *
     * @param  non-empty-list<Guess>  $guesses
     */
    private static function finest(array $guesses, Mass $resolution): float
    {
        $mean = array_sum(array_map(fn (Guess $one): float => $one->true->grams(), $guesses)) / count($guesses);

        return (100 * $resolution->grams()) / sqrt(12) / $mean;
    }
}
