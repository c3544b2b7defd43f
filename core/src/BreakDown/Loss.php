<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What a cut loses to the board in water, blood and scales, in percent of the piece that was cut. */
final readonly class Loss
{
    /**
     * @param  float  $meanPct  0 or more
     * @param  float  $sdPct  above 0
     */
    public function __construct(public float $meanPct = 0.5, public float $sdPct = 0.4)
    {
    }

    /** What drips in the first quarter of an hour is in the usual loss. */
    private const AT_ONCE_HOURS = 0.25;

    /** Points a cut piece drips in the hour after that, and how surely. Estimates. */
    private const DRIP_PCT = 0.35;

    private const DRIP_SD = 0.2;

    /** It drips no more than this, however long it lies. Estimate. */
    private const MOST_DRIP_PCT = 2.5;

    /**
     * The same when the parts are weighed some time after the whole: drip and drying grow with the root of the time.
     *
     * @param  float  $hours  between the first and the last reading of the cut, 0 or more
     */
    public function after(float $hours): self
    {
        $grown = sqrt(max(0.0, $hours - self::AT_ONCE_HOURS));
        $drip = min(self::MOST_DRIP_PCT, self::DRIP_PCT * $grown);

        return new self(
            $this->meanPct + $drip,
            hypot($this->sdPct, min(self::DRIP_SD * $grown, self::MOST_DRIP_PCT / 2)),
        );
    }
}
