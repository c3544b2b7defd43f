<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\PinBoneRow;

/**
 * Pin bones counted, not ticked: how many were found beside how many are usual, and whether the second pass is done.
 *
 * A record of work done. It never says that no bone is left, only "boned and checked".
 */
final readonly class BoneCheck
{
    /** Bones short of the usual by more than this many spreads are asked about. */
    private const FAR_SHORT = 2.0;

    /** Bones more or fewer than the usual by more than this many spreads need a word before the second pass counts. */
    private const FAR_OUT = 3.0;

    private function __construct(
        public float $expected,
        public float $expectedSd,
        public int $found,
        public bool $secondPass,
        public bool $waived,
        public bool $isNeeded,
    ) {
    }

    /**
     * @param  float  $perSide  usual number a side
     * @param  float  $sd  of one side
     * @param  int  $sides  sides it is about, 1 or more
     */
    public static function of(
        PinBoneRow $row,
        float $perSide,
        float $sd,
        int $sides,
        int $found,
        bool $secondPass,
        bool $waived = false,
    ): self {
        return new self(
            $perSide * $sides,
            $sd * sqrt(max(1, $sides)),
            $found,
            $secondPass,
            $waived,
            $row !== PinBoneRow::None,
        );
    }

    /** Whether the piece may be portioned. */
    public function isDone(): bool
    {
        return ! $this->isNeeded || $this->waived || $this->secondPass;
    }

    /** Whether nobody would believe this count without a word. */
    public function needsAWord(): bool
    {
        return $this->isNeeded &&
            ! $this->waived &&
            $this->secondPass &&
            abs($this->found - $this->expected) > self::FAR_OUT * max(1.0, $this->expectedSd);
    }

    /** "12 to 20": how many are usual. */
    public function usual(): string
    {
        return max(0, (int) round($this->expected - $this->expectedSd)).
            ' to '.
            (int) round($this->expected + $this->expectedSd);
    }

    public function isFarShort(): bool
    {
        return $this->isNeeded && $this->found < $this->expected - self::FAR_SHORT * $this->expectedSd;
    }

    /** What stands on the record, in one sentence. */
    public function said(): string
    {
        $usual = round($this->expected).' ± '.round($this->expectedSd);

        return match (true) {
            ! $this->isNeeded => 'No pin bones in this fish.',
            $this->waived => 'Waived by the head chef.',
            $this->secondPass && $this->isFarShort() => "Boned and checked twice: {$this->found} found, {$usual} ".
                'are usual.',
            $this->secondPass => "Boned and checked: {$this->found} found, {$usual} are usual.",
            $this->isFarShort() => "{$this->found} found, {$usual} are usual: stroke it from the head end once more.",
            default => "{$this->found} found of about {$usual}. The second pass is still to come.",
        };
    }
}
