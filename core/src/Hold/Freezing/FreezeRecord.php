<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\BadHold;
use Sectum\Hold\Line;
use Sectum\Hold\Point;

/** What the probes said of one freezing run, and what people said of it. */
final readonly class FreezeRecord
{
    public Line $air;

    public Line $core;

    /** The core as cold as it can have been: to know the earliest it can have begun to freeze. */
    public Line $coldestCore;

    /** When the fish went in; null when nobody knows. */
    public ?float $loaded;

    /** A person's word that it is solid; null when it was not heard. */
    public ?float $word;

    /**
     * @param  list<Point>  $air
     * @param  list<Point>  $core  at the thickest point of the largest fish
     * @param  float  $accuracyC  of the probes, 0 to 3
     * @param  float  $maxGapMinutes  a longer silence of a probe breaks its stretch; 1 to 60
     * @param  float|null  $loadedMinute  null for the first core reading
     * @param  float|null  $solidMinute  a person's word, later than the loading or it is not heard
     *
     * @throws BadHold which names the figure
     */
    public function __construct(
        array $air,
        array $core,
        float $accuracyC = 0.5,
        float $maxGapMinutes = 60.0,
        ?float $loadedMinute = null,
        ?float $solidMinute = null,
    ) {
        ($accuracyC >= 0 && $accuracyC <= 3) ||
            throw new BadHold('A probe is good to 0 to 3 °C.', $accuracyC, '/accuracy_c');
        ($maxGapMinutes >= 1 && $maxGapMinutes <= 60) ||
            throw new BadHold('A silence counts from 1 to 60 minutes.', $maxGapMinutes, '/max_gap_minutes');
        $this->air = Line::of($air, $maxGapMinutes, $accuracyC);
        $this->core = Line::of($core, $maxGapMinutes, $accuracyC);
        $this->coldestCore = Line::of($core, $maxGapMinutes, -$accuracyC);
        $this->loaded = $loadedMinute ?? $this->core->first()?->minute;
        $this->word = $solidMinute !== null && $this->loaded !== null && $solidMinute > $this->loaded
            ? $solidMinute
            : null;
    }
}
