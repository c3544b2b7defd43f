<?php

declare(strict_types=1);

namespace Sectum\Hold\Checks;

use Sectum\Hold\BadHold;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

/**
 * Whether an instrument tells the truth: the scale under a known weight to its own step, the probe in ice water to
 * 0 ± 1 °C.
 */
final readonly class InstrumentVerdict
{
    /** Of a probe in ice water, tenths of a degree. */
    private const PROBE_WITHIN = 10;

    /**
     * @param  int  $expected  milligrams, or tenths of a degree
     * @param  int  $measured  the same
     * @param  int  $within  it may be off by
     */
    private function __construct(public int $expected, public int $measured, public int $within, public bool $good)
    {
    }

    /**
     * @param  Mass  $known  above zero
     * @param  Mass  $step  of the scale
     *
     * @throws BadHold when no weight was laid on
     */
    public static function ofScale(Mass $known, Mass $shown, Mass $step): self
    {
        $known->isPositive() ||
            throw new BadHold('Lay on a weight you know.', $known->milligrams, '/known');

        return self::of($known->milligrams, $shown->milligrams, $step->milligrams);
    }

    public static function ofProbe(Temperature $inIceWater): self
    {
        return self::of(0, $inIceWater->tenths, self::PROBE_WITHIN);
    }

    private static function of(int $expected, int $measured, int $within): self
    {
        return new self($expected, $measured, $within, abs($measured - $expected) <= $within);
    }
}
