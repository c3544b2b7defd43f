<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/**
 * Fish that takes up salt, as a slab with one or two open faces: how far what diffuses has come.
 *
 * Crank, The Mathematics of Diffusion (1975), plane sheet in a bath of limited volume (4.3.3). A diffusivity of
 * 1.0·10⁻⁹ m²/s at 0 to 5 °C is an estimate; fat or skin can make it several times slower.
 */
final readonly class Slab
{
    public const DIFFUSIVITY = 1.0e-9;

    /** What the spread shown takes the diffusivity to be: a third, and double. Our estimates. */
    public const SLOW = 1 / 3;

    public const FAST = 2.0;

    /** Terms of the sum: beyond these what is left is below 10⁻¹² for every time a kitchen asks about. */
    private const TERMS = 2_000;

    /** Below which a term adds nothing, as the exponent. */
    private const NOTHING = 45.0;

    /** Diffusion length, m: half the thickness, or all of it where one face is open. */
    public float $depth;

    /**
     * @param  float  $thicknessMm  above 0, up to 300
     * @param  int  $faces  open ones, 1 or 2
     * @param  float  $diffusivity  m²/s, above 0
     *
     * @throws BadHold which names the figure
     */
    public function __construct(float $thicknessMm, int $faces, public float $diffusivity = self::DIFFUSIVITY)
    {
        ($thicknessMm > 0 && $thicknessMm <= 300) ||
            throw new BadHold('A piece is above 0 and up to 300 mm thick.', $thicknessMm, '/thickness_mm');
        ($faces === 1 || $faces === 2) || throw new BadHold('One face is open, or two.', $faces, '/faces');
        ($diffusivity > 0 && $diffusivity < 1e-6) ||
            throw new BadHold('A diffusivity is above 0, near 10⁻⁹ m²/s.', $diffusivity, '/diffusivity_m2_s');
        $this->depth = $thicknessMm / 1000 / $faces;
    }

    /** The same fish through which salt goes so many times as fast. */
    public function times(float $factor): self
    {
        return new self($this->depth * 1000, 1, $this->diffusivity * $factor);
    }

    /**
     * The share of what it can take up that it has, 0 to 1.
     *
     * @param  float  $bath  water of the bath over water of the fish, above 0
     * @param  float  $seconds  0 or more
     */
    public function reached(float $bath, float $seconds): float
    {
        if ($seconds <= 0) {
            return 0.0;
        }
        $rate = ($this->diffusivity * $seconds) / $this->depth ** 2;
        $left = 0.0;
        for ($k = 0; $k < self::TERMS; $k++) {
            $q = self::root($k, $bath);
            if ($rate * $q * $q > self::NOTHING) {
                break;
            }
            $left += ((2 * $bath * (1 + $bath)) / (1 + $bath + ($bath * $q) ** 2)) * exp(-$rate * $q * $q);
        }

        return max(0.0, min(1.0, 1 - $left));
    }

    /**
     * When a share of what it can take up is reached, seconds.
     *
     * @param  float  $share  above 0, below 1
     */
    public function secondsTo(float $share, float $bath): float
    {
        $high = $this->depth ** 2 / $this->diffusivity;
        while ($this->reached($bath, $high) < $share) {
            $high *= 2;
        }
        $low = 0.0;
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            if ($this->reached($bath, $middle) < $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** When a finite dose strewn on the open face is even to within a share, seconds. */
    public function secondsToEven(float $within = 0.05): float
    {
        return (log(2 / $within) * $this->depth ** 2) / (M_PI ** 2 * $this->diffusivity);
    }

    /**
     * How far a finite dose on the open face is through: 0 while all of it is outside, 1 when it is even.
     *
     * @param  float  $seconds  0 or more
     */
    public function evenness(float $seconds): float
    {
        return max(0.0, 1 - 2 * exp(-(M_PI ** 2) * $this->diffusivity * max(0.0, $seconds) / $this->depth ** 2));
    }

    /** The root of tan q = −bath·q between π/2 + kπ and (k + 1)π. */
    private static function root(int $k, float $bath): float
    {
        [$low, $high] = [M_PI / 2 + $k * M_PI, ($k + 1) * M_PI];
        for ($i = 0; $i < 60; $i++) {
            $q = ($low + $high) / 2;
            // sin q + bath·q·cos q goes through nothing there once, and has no poles.
            $side = sin($q) + $bath * $q * cos($q);
            $below = $k % 2 === 0 ? $side > 0 : $side < 0;
            if ($below) {
                $low = $q;
            } else {
                $high = $q;
            }
        }

        return ($low + $high) / 2;
    }
}
