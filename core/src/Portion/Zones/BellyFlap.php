<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletShape;

/**
 * The thin flap along the edge of a round fish's side: how much of the side it is, and where along the length it runs.
 *
 * Where it begins and ends, and how thin it is, are our estimates until a house has weighed its own.
 */
final readonly class BellyFlap
{
    /** Of a side of a round fish, where nothing better is known. Our estimate. */
    public const USUAL_SHARE = 0.08;

    /** Thickness beside the side's greatest. Our estimate. */
    public const THIN = 0.35;

    /** It grows from nothing to its full width, runs on, and ends: shares of the length. Our estimates. */
    private const FROM = 0.05;

    private const FULL_FROM = 0.15;

    private const FULL_TO = 0.45;

    private const TO = 0.6;

    /** Intervals a shape is read at, so that its own ten and the flap's corners are stations. */
    private const INTERVALS = 40;

    /** @param  float  $share  of the side's mass, 0 to below 0.3 */
    public function __construct(public float $share = self::USUAL_SHARE)
    {
        ($share >= 0 && $share < 0.3) ||
            throw new BadFillet('A belly is less than three tenths of its side.', $share, '/belly_share');
    }

    /** Whether any of it lies between two places, shares of the length. */
    public function reaches(float $from, float $to): bool
    {
        return $this->share > 0 && $from < self::TO && $to > self::FROM;
    }

    /**
     * The side without it: the same thickness, the mass less by the flap at every place.
     *
     * @throws BadFillet when the flap is heavier somewhere than the side is
     */
    public function off(FilletShape $shape): FilletShape
    {
        // The mean height of the trapezium is what its area, the flap's share, is spread over.
        $height = $this->share / ((self::TO - self::FROM + self::FULL_TO - self::FULL_FROM) / 2);
        $mass = $thickness = [];
        for ($i = 0; $i <= self::INTERVALS; $i++) {
            $x = $i / self::INTERVALS;
            $mass[] = $shape->massPerLengthAt($x) - $height * self::width($x);
            $thickness[] = $shape->thicknessAt($x);
        }

        return FilletShape::of($mass, $thickness);
    }

    /** Of its full width, 0 to 1. */
    private static function width(float $x): float
    {
        return match (true) {
            $x <= self::FROM || $x >= self::TO => 0.0,
            $x < self::FULL_FROM => ($x - self::FROM) / (self::FULL_FROM - self::FROM),
            $x > self::FULL_TO => (self::TO - $x) / (self::TO - self::FULL_TO),
            default => 1.0,
        };
    }
}
