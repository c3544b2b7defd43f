<?php

declare(strict_types=1);

namespace Sectum\Hold;

/** One reading of one probe. */
final readonly class Point
{
    /** Beyond these no fish, air or brine of a kitchen is: a broken probe reads 85 °C, for instance. */
    private const COLDEST = -90.0;

    private const WARMEST = 60.0;

    /** @throws BadHold which names the figure */
    public function __construct(public float $minute, public float $celsius)
    {
        is_finite($minute) || throw new BadHold('A reading has a time.', $minute, '/minute');
        ($celsius >= self::COLDEST && $celsius <= self::WARMEST) ||
            throw new BadHold('No probe in a kitchen reads that: it is broken.', $celsius, '/c');
    }

    /** The same reading so much warmer, or colder below 0, as far as a probe can read. */
    public function warmerBy(float $celsius): self
    {
        return new self($this->minute, max(self::COLDEST, min(self::WARMEST, $this->celsius + $celsius)));
    }
}
