<?php

declare(strict_types=1);

namespace Sectum\Portion;

/**
 * How a fillet's mass and thickness run along its length, from the head end (0) to the tail (1).
 *
 * Two tables at equal stations, read piecewise linearly: mass per length, so the mass up to any point is a quadratic
 * and exact and inverts exactly; and thickness as a share of the greatest. The starting shapes are the handbook's.
 */
final readonly class FilletShape
{
    /** Mass per length and thickness at eleven stations. */
    private const STARTING = [
        'long-side' => [
            [0.86, 1.16, 1.36, 1.43, 1.38, 1.26, 1.09, 0.89, 0.67, 0.44, 0.22],
            [0.8, 0.97, 1.0, 0.98, 0.93, 0.86, 0.77, 0.66, 0.53, 0.38, 0.22],
        ],
        'short-side' => [
            [0.95, 1.3, 1.5, 1.48, 1.34, 1.14, 0.92, 0.7, 0.5, 0.32, 0.15],
            [0.75, 0.95, 1.0, 0.97, 0.9, 0.8, 0.68, 0.55, 0.42, 0.3, 0.18],
        ],
        'flat-quarter' => [
            [0.55, 0.95, 1.22, 1.38, 1.42, 1.36, 1.22, 1.02, 0.78, 0.5, 0.2],
            [0.7, 0.9, 1.0, 1.0, 0.97, 0.92, 0.85, 0.76, 0.64, 0.48, 0.28],
        ],
        'loin' => [
            [0.95, 1.12, 1.22, 1.26, 1.25, 1.19, 1.09, 0.95, 0.76, 0.52, 0.22],
            [0.85, 0.95, 1.0, 1.0, 0.98, 0.95, 0.9, 0.82, 0.7, 0.53, 0.3],
        ],
        'tapered-tail' => [
            [1.55, 1.48, 1.38, 1.26, 1.13, 1.0, 0.86, 0.71, 0.55, 0.38, 0.2],
            [1.0, 0.99, 0.96, 0.92, 0.87, 0.81, 0.74, 0.65, 0.55, 0.43, 0.28],
        ],
    ];

    private const MOST_STATIONS = 200;

    /** @var list<float> mass up to each station, as a share of the whole */
    private array $upTo;

    /**
     * @param  non-empty-list<float>  $perLength  scaled so that the whole is 1 over a length of 1
     * @param  non-empty-list<float>  $thickness  scaled so that the greatest is 1
     */
    private function __construct(private array $perLength, private array $thickness)
    {
        $sum = 0.0;
        $upTo = [0.0];
        $step = 1 / (count($perLength) - 1);
        for ($i = 1; $i < count($perLength); $i++) {
            $sum += (($perLength[$i - 1] + $perLength[$i]) / 2) * $step;
            $upTo[] = $sum;
        }
        $this->upTo = $upTo;
    }

    /** @throws BadFillet when no starting shape is called so */
    public static function named(string $name): self
    {
        [$mass, $thickness] =
            self::STARTING[$name] ??
            throw new BadFillet("\"{$name}\" is not a shape known here.", $name, '/fillet/shape');

        return self::of($mass, $thickness);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::STARTING);
    }

    /**
     * @param  list<float>  $mass  per length at equal stations, 0 or more
     * @param  list<float>  $thickness  at the same stations, above 0
     *
     * @throws BadFillet when the tables have a hole
     */
    public static function of(array $mass, array $thickness): self
    {
        if (
            $thickness === [] ||
            count($mass) !== count($thickness) ||
            count($mass) < 2 ||
            count($mass) > self::MOST_STATIONS
        ) {
            throw new BadFillet(
                'A shape is two tables of the same 2 to 200 stations.',
                count($mass),
                '/fillet/stations',
            );
        }
        foreach ($mass as $i => $one) {
            if (! is_finite($one) || $one < 0 || ! is_finite($thickness[$i]) || $thickness[$i] <= 0) {
                throw new BadFillet(
                    'A station has a mass of 0 or more and a thickness above 0.',
                    $one,
                    "/fillet/stations/{$i}",
                );
            }
        }
        $whole = (array_sum($mass) - ($mass[0] + $mass[count($mass) - 1]) / 2) / (count($mass) - 1);
        if ($whole <= 0) {
            throw new BadFillet('A shape without any mass is no fillet.', $whole, '/fillet/stations');
        }
        $most = max($thickness);

        return new self(
            array_map(fn (float $one): float => $one / $whole, $mass),
            array_map(fn (float $one): float => $one / $most, $thickness),
        );
    }

    /** @return non-empty-list<Station> at equal distances */
    public function stations(): array
    {
        return array_map(
            fn (float $mass, float $thickness): Station => new Station($mass, $thickness),
            $this->perLength,
            $this->thickness,
        );
    }

    /** Share of the mass up to a point, both 0 to 1. */
    public function massUpTo(float $x): float
    {
        $at = $this->place($x);
        $i = $this->before($at);
        $t = $at - $i;
        $step = 1 / (count($this->perLength) - 1);

        return $this->upTo[$i] +
            $step * ($this->perLength[$i] * $t + (($this->perLength[$i + 1] - $this->perLength[$i]) * $t * $t) / 2);
    }

    /** The point up to which a share of the mass lies, both 0 to 1. */
    public function where(float $share): float
    {
        $last = count($this->upTo) - 1;
        if ($share <= 0 || $share >= $this->upTo[$last]) {
            return $share <= 0 ? 0.0 : 1.0;
        }
        $low = 0;
        $high = $last;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->upTo[$middle] <= $share ? ($low = $middle) : ($high = $middle);
        }
        $missing = ($share - $this->upTo[$low]) * $last;
        $a = ($this->perLength[$low + 1] - $this->perLength[$low]) / 2;
        $b = $this->perLength[$low];
        // a t² + b t = missing, the root between the two stations, in the form that does not cancel.
        $t = $missing <= 0 ? 0.0 : (2 * $missing) / ($b + sqrt(max(0.0, $b * $b + 4 * $a * $missing)));

        return ($low + min(1.0, $t)) / $last;
    }

    /** Mass per length at a point, where 1 is the fillet's average. */
    public function massPerLengthAt(float $x): float
    {
        return $this->read($this->perLength, $x);
    }

    /** Thickness at a point, as a share of the greatest. */
    public function thicknessAt(float $x): float
    {
        return $this->read($this->thickness, $x);
    }

    /** Thinnest and thickest between two points, as shares of the greatest. */
    public function between(float $from, float $to): Thicknesses
    {
        $last = count($this->thickness) - 1;
        $ends = [$this->thicknessAt($from), $this->thicknessAt($to)];
        [$thinnest, $thickest] = [min($ends), max($ends)];
        for ($i = (int) floor($from * $last) + 1; $i < $to * $last; $i++) {
            $thinnest = min($thinnest, $this->thickness[$i]);
            $thickest = max($thickest, $this->thickness[$i]);
        }

        return new Thicknesses($thinnest, $thickest);
    }

    /**
     * Share of the mass between two points that is neither thinner nor thicker than two shares of the greatest
     * thickness.
     */
    public function massWithin(float $thin, float $thick, float $from, float $to): float
    {
        $last = count($this->thickness) - 1;
        $sum = 0.0;
        for ($i = 0; $i < $last; $i++) {
            [$low, $high] = [max($from, $i / $last), min($to, ($i + 1) / $last)];
            $rise = ($this->thickness[$i + 1] - $this->thickness[$i]) * $last;
            if (abs($rise) < 1e-12) {
                $inside = $this->thickness[$i] >= $thin && $this->thickness[$i] <= $thick;
                $sum += $inside && $high > $low ? $this->massUpTo($high) - $this->massUpTo($low) : 0.0;

                continue;
            }
            $at = fn (float $share): float => $i / $last + ($share - $this->thickness[$i]) / $rise;
            [$low, $high] = [max($low, min($at($thin), $at($thick))), min($high, max($at($thin), $at($thick)))];
            $sum += $high > $low ? $this->massUpTo($high) - $this->massUpTo($low) : 0.0;
        }

        return $sum;
    }

    /**
     * The last point, past the thickest, that is still this thick; 1 when the tail end itself is, 0 when nothing is.
     */
    public function lastThick(float $share): float
    {
        $last = count($this->thickness) - 1;
        if ($this->thickness[$last] >= $share) {
            return 1.0;
        }
        for ($i = $last - 1; $i >= 0; $i--) {
            if ($this->thickness[$i] >= $share) {
                return ($i + ($this->thickness[$i] - $share) / ($this->thickness[$i] - $this->thickness[$i + 1])) /
                    $last;
            }
        }

        return 0.0;
    }

    /**
     * A table read at a point, straight between its stations.
     *
     * @param  non-empty-list<float>  $table
     */
    private function read(array $table, float $x): float
    {
        $at = $this->place($x);
        $i = $this->before($at);

        return $table[$i] + ($table[$i + 1] - $table[$i]) * ($at - $i);
    }

    /** A point counted in stations. */
    private function place(float $x): float
    {
        return min(max($x, 0.0), 1.0) * (count($this->perLength) - 1);
    }

    /** The station before such a point. */
    private function before(float $at): int
    {
        return min((int) $at, count($this->perLength) - 2);
    }
}
