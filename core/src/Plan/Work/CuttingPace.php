<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Math\LeastSquares;

/**
 * How long a fish takes at the board, learned from those that were timed.
 *
 * Minutes grow with the mass by a power, and differ by kind, by method and by hand; every one of these begins at a
 * starting figure and is drawn away from it by what was timed, the more so the more there is of it: the least of
 * Σ (ln timed − ln expected)²/σ² with each effect held to its start by its own σ. All starting figures and σ
 * are our estimates.
 */
final readonly class CuttingPace
{
    /** A fish of two kilos takes so many minutes, and how well that is known (natural logarithm). */
    private const AT_GRAMS = 2000.0;

    private const START_MINUTES = 8.0;

    private const START_SD = 0.5;

    /** Twice the mass takes 2^0.7 of the time. */
    private const POWER = 0.7;

    private const POWER_SD = 0.2;

    /** How kinds, methods and hands differ, and one fish from the next. */
    private const SPECIES_SD = 0.4;

    private const METHOD_SD = 0.2;

    private const CUTTER_SD = 0.2;

    private const FISH_SD = 0.35;

    /**
     * @param  array<string, float>  $effects  natural logarithms, by what they are of
     * @param  array<string, int>  $timed  fish, by cutter
     */
    private function __construct(
        private float $start,
        private float $power,
        private array $effects,
        public array $timed,
    ) {
    }

    /** @param  list<CutFish>  $cut */
    public static function learned(array $cut): self
    {
        $names = $timed = [];
        foreach ($cut as $one) {
            foreach (self::names($one->species, $one->method, $one->cutter) as $name => $sd) {
                $names[$name] ??= [count($names) + 2, $sd];
            }
            $timed[$one->cutter] = ($timed[$one->cutter] ?? 0) + 1;
        }
        $squares = new LeastSquares(count($names) + 2);
        $squares->row([0], [1.0], log(self::START_MINUTES), self::START_SD);
        $squares->row([1], [1.0], self::POWER, self::POWER_SD);
        foreach ($names as [$at, $sd]) {
            $squares->row([$at], [1.0], 0.0, $sd);
        }
        foreach ($cut as $one) {
            $at = [0, 1];
            foreach (array_keys(self::names($one->species, $one->method, $one->cutter)) as $name) {
                $at[] = $names[$name][0];
            }
            $squares->row(
                $at,
                [1.0, log($one->grams / self::AT_GRAMS), 1.0, 1.0, 1.0],
                log($one->minutes),
                self::FISH_SD,
            );
        }
        $found = $squares->solve(false)->estimates;

        return new self(
            $found[0] ?? log(self::START_MINUTES),
            $found[1] ?? self::POWER,
            array_map(fn (array $one): float => $found[$one[0]] ?? 0.0, $names),
            $timed,
        );
    }

    /**
     * Minutes one fish takes at pace 1.
     *
     * @param  float  $grams  above 0
     */
    public function minutes(string $species, string $method, float $grams): float
    {
        return exp(
            $this->start +
                $this->power * log($grams / self::AT_GRAMS) +
                ($this->effects["species {$species}"] ?? 0.0) +
                ($this->effects["method {$method}"] ?? 0.0),
        );
    }

    /** What the minutes of a fish are multiplied by for a cutter; below 1 is quick, 1 for one nobody timed. */
    public function of(string $cutter): float
    {
        return exp($this->effects["cutter {$cutter}"] ?? 0.0);
    }

    /** @return array<string, float> name of each effect and how much such effects differ */
    private static function names(string $species, string $method, string $cutter): array
    {
        return [
            "species {$species}" => self::SPECIES_SD,
            "method {$method}" => self::METHOD_SD,
            "cutter {$cutter}" => self::CUTTER_SD,
        ];
    }
}
