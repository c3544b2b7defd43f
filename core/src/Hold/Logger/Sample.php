<?php

declare(strict_types=1);

namespace Sectum\Hold\Logger;

use Sectum\Measure\Temperature;

/** What a logger wrote down at one moment: of the air, of the core, or of both. */
final readonly class Sample
{
    /** Beyond these no place or fish of a kitchen is, °C: a broken probe reads 85, for instance. */
    private const COLDEST = -90.0;

    private const WARMEST = 60.0;

    /** @param  int  $at  seconds since 1970, in universal time */
    public function __construct(public int $at, public ?Temperature $air, public ?Temperature $core)
    {
    }

    /** @throws BadRow when no probe in a kitchen reads that */
    public static function celsius(float $celsius, string $said): Temperature
    {
        return is_finite($celsius) && $celsius >= self::COLDEST && $celsius <= self::WARMEST
            ? Temperature::ofCelsius($celsius)
            : throw BadRow::that(is_finite($celsius) ? RowFault::Broken : RowFault::NoTemperature, $said);
    }
}
