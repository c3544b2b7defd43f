<?php

declare(strict_types=1);

namespace Sectum\Hold\Exposure;

use Sectum\Hold\BadHold;
use Sectum\Hold\Line;
use Sectum\Hold\Point;

/**
 * How long fish of a histamine species was warm: by the record, and by what the record does not say.
 *
 * The limits are those of the FDA hazards guide for fish never frozen before: 4 h above 4.4 °C when any was above
 * 21 °C, else 8 h; a warning from 2 h. A silence longer than the limit counts as warm, and as above 21 °C.
 */
final readonly class Exposure
{
    private const WARM_C = 4.4;

    private const HOT_C = 21.0;

    private const WARNS = 120.0;

    private const LIMIT = 480.0;

    private const LIMIT_HOT = 240.0;

    private function __construct(
        public float $minutesAbove,
        public ?float $warmestC,
        public float $limitMinutes,
        public float $leftMinutes,
        public Verdict $verdict,
    ) {
    }

    /**
     * @param  list<Point>  $log  in any order; one twice counts once, as the warmer
     * @param  float  $accuracyC  of the probe, added to every reading; 0 to 3
     * @param  float  $maxGapMinutes  a longer silence is warm; above 0
     * @param  float|null  $until  now, no earlier than the last reading
     * @param  float  $before  earlier warm minutes of this fish
     * @param  bool  $beforeHot  whether it was above 21 °C then
     *
     * @throws BadHold which names the figure
     */
    public static function of(
        array $log,
        float $accuracyC = 0.5,
        float $maxGapMinutes = 60.0,
        ?float $until = null,
        float $before = 0.0,
        bool $beforeHot = false,
    ): self {
        ($accuracyC >= 0 && $accuracyC <= 3) ||
            throw new BadHold('A probe is good to 0 to 3 °C.', $accuracyC, '/accuracy_c');
        $maxGapMinutes > 0 ||
            throw new BadHold('A silence of more than nothing is one.', $maxGapMinutes, '/max_gap_minutes');
        $before >= 0 || throw new BadHold('Earlier minutes are 0 or more.', $before, '/before_minutes');
        $line = Line::of($log, $maxGapMinutes, $accuracyC);
        $last = $line->last();
        ($until === null || $last === null || $until >= $last->minute) ||
            throw new BadHold('Now is no earlier than the last reading.', $until, '/until_minute');
        $since = $last === null || $until === null ? 0.0 : $until - $last->minute;
        $silent = $since > $maxGapMinutes;
        $warm = $before + $line->minutesAbove(self::WARM_C) + $line->silentMinutes();
        // What lies since the last reading is as warm as that, unless nobody looked for too long.
        $warm += $silent || ($last !== null && $last->celsius > self::WARM_C) ? $since : 0.0;
        $hot = $beforeHot || $silent || $line->silentMinutes() > 0 || $line->warmest() > self::HOT_C;
        $limit = $hot ? self::LIMIT_HOT : self::LIMIT;

        return new self(
            $warm,
            $line->warmest() === -INF ? null : $line->warmest() - $accuracyC,
            $limit,
            max(0.0, $limit - $warm),
            match (true) {
                $warm >= $limit => Verdict::Stop,
                $warm >= self::WARNS => Verdict::Warn,
                default => Verdict::Within,
            },
        );
    }
}
