<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\BadHold;

/**
 * When the middle has frozen or thawed, by Plank for a slab. Never evidence for a rule: that is what the record is for.
 *
 * Every figure is an estimate; the house's own factor comes from runs with a core probe.
 */
final readonly class CoreTime
{
    /** Where fish begins to freeze, °C. */
    private const FREEZES_C = -1.5;

    /** kg/m³ */
    private const DENSITY = 1050.0;

    /** J/kg of its water */
    private const LATENT = 334_000.0;

    /** A wrap conducts so much, W/mK. */
    private const WRAP = 0.1;

    /**
     * Hours until it has, or null where the surroundings never do it.
     *
     * @param  float  $thicknessMm  above 0, up to 500
     * @param  float  $wrapMm  0 to 50
     * @param  float  $waterPct  20 to 95
     * @param  float  $houseFactor  above 0
     *
     * @throws BadHold which names the figure
     */
    public static function hours(
        Surroundings $how,
        float $thicknessMm,
        float $ambientC,
        float $wrapMm = 0.0,
        float $waterPct = 75.0,
        float $houseFactor = 1.0,
    ): ?float {
        ($thicknessMm > 0 && $thicknessMm <= 500) ||
            throw new BadHold('A piece is above 0 and up to 500 mm thick.', $thicknessMm, '/thickness_mm');
        ($wrapMm >= 0 && $wrapMm <= 50) || throw new BadHold('A wrap is 0 to 50 mm thick.', $wrapMm, '/wrap_mm');
        ($waterPct >= 20 && $waterPct <= 95) ||
            throw new BadHold('Fish is 20 to 95 % water.', $waterPct, '/fish_water_pct');
        $houseFactor > 0 || throw new BadHold('A factor is above 0.', $houseFactor, '/house_factor');
        $drives = $how->freezes() ? self::FREEZES_C - $ambientC : $ambientC - self::FREEZES_C;
        if ($drives <= 0) {
            return null;
        }
        $thick = $thicknessMm / 1000;
        $resists = 1 / $how->heatTransfer() + $wrapMm / 1000 / self::WRAP;
        $latent = (self::LATENT * $waterPct) / 100;

        return ($houseFactor *
            ((self::DENSITY * $latent) / $drives) *
            (($thick * $resists) / 2 + $thick ** 2 / (8 * $how->conducts()))) /
            3600;
    }
}
