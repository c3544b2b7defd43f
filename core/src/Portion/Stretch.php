<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Portion\Zones\Zone;

/** Which stretch of which part a portion is cut from. */
enum Stretch: string
{
    case Anywhere = 'anywhere';
    /** Where the side begins, behind the head. */
    case HeadEnd = 'head-end';
    /** Between the head end and where it runs out. */
    case Middle = 'middle';
    /** The thick of a side, up to where it runs out towards the tail. */
    case Thick = 'thick';
    /** The tail third. */
    case Tail = 'tail';
    /** Only of a loin, cut lengthwise off a side. */
    case Loin = 'loin';
    /** Only of the belly, cut lengthwise off a side. */
    case Belly = 'belly';

    /** Where the thick of a side ends, and where its tail third begins, as shares of its length. Our estimates. */
    private const THICK_TO = 0.7;

    private const TAIL_FROM = 0.55;

    public function spoken(): string
    {
        return match ($this) {
            self::Anywhere => 'anywhere on the fillet',
            self::HeadEnd => 'the head end',
            self::Middle => 'the middle',
            self::Thick => 'the thick of the side',
            self::Tail => 'the tail third',
            self::Loin => 'the loin',
            self::Belly => 'the belly',
        };
    }

    public function reach(): Reach
    {
        return match ($this) {
            self::HeadEnd => new Reach(to: Zone::HEAD_END_TO),
            self::Middle => new Reach(Zone::HEAD_END_TO, Zone::MIDDLE_TO),
            self::Thick => new Reach(to: self::THICK_TO),
            self::Tail => new Reach(self::TAIL_FROM),
            self::Anywhere,
            self::Loin,
            self::Belly => new Reach(),
        };
    }

    /**
     * Whether it can be cut from such a piece at all: a side gives all but belly and loin, which are cut off it first.
     */
    public function isOf(bool $loin, bool $belly): bool
    {
        return match ($this) {
            self::Loin => $loin,
            self::Belly => $belly,
            self::Anywhere, self::HeadEnd, self::Middle, self::Thick, self::Tail => ! $belly,
        };
    }
}
