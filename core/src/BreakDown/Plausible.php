<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Sentence;

/**
 * Whether a weight can be that of the part it is meant for; asked before it is recorded, and overruled with one more
 * tap.
 */
enum Plausible: string implements Sentence
{
    /** It is more than the piece it is cut from: shown, source, mass. */
    case MoreThanItsSource = 'more-than-its-source';

    /** It lies outside the central 99.9 % of what such a part weighs: shown, name, least, most. */
    case TooHeavy = 'too-heavy';
    case TooLight = 'too-light';

    /** Half of what lies outside the central 99.9 % of a normal distribution, in standard deviations. */
    private const Z = 3.2905;

    /**
     * What is odd about it; null where nothing is.
     *
     * @param  Mass|null  $source  what it is cut from weighs; null when nobody weighed that
     * @param  Mass|null  $whole  the whole fish; null when nobody weighed it
     * @param  Share|null  $expected  its usual share of the whole fish; null where none is known
     */
    public static function question(
        Mass $mass,
        Mass $resolution,
        ?Mass $source,
        ?Mass $whole,
        ?Share $expected,
    ): ?self {
        if ($source !== null && $mass->milligrams > $source->milligrams + $resolution->milligrams) {
            return self::MoreThanItsSource;
        }
        if ($whole === null || $expected === null || $expected->sdPct <= 0) {
            return null;
        }
        $usual = self::range($whole, $expected);

        return match (true) {
            $mass->milligrams > $usual->most->milligrams + $resolution->milligrams => self::TooHeavy,
            $mass->milligrams + $resolution->milligrams < $usual->least->milligrams => self::TooLight,
            default => null,
        };
    }

    /** The central 99.9 % of what such a part weighs. */
    public static function range(Mass $whole, Share $expected): MassRange
    {
        $at = fn (float $pct): Mass => Mass::ofMilligrams((int) round(($whole->milligrams * max(0.0, $pct)) / 100));

        return new MassRange(
            $at($expected->meanPct - self::Z * $expected->sdPct),
            $at($expected->meanPct + self::Z * $expected->sdPct),
        );
    }
}
