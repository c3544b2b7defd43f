<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Workmanship;

/** What a knife leaves on a side besides its weight; each is judged from 0 to 3. */
enum Mark: string
{
    /** The worst grade. */
    public const WORST = 3;

    /** From this grade on the step that made it is worth another look. Estimate. */
    public const FELL_SHORT = 2;

    case Hack = 'hack';
    case Torn = 'torn';
    case Broken = 'broken';

    public function spoken(): string
    {
        return match ($this) {
            self::Hack => 'Hack marks',
            self::Torn => 'Torn flesh',
            self::Broken => 'Broken bones',
        };
    }

    /** @return list<string> what each grade looks like, 0 first; our own descriptions */
    public function grades(): array
    {
        return match ($this) {
            self::Hack => ['One clean face', 'A step or two', 'Steps all along', 'Cut into the fillet'],
            self::Torn => ['Whole', 'Parted at one edge', 'Parted in the middle', 'In pieces'],
            self::Broken => ['None', 'One or two', 'Several', 'Most of a row'],
        };
    }

    /** As it shows on the last fish. */
    public function shownBy(): ShortBy
    {
        return match ($this) {
            self::Hack => ShortBy::HackMarks,
            self::Torn => ShortBy::TornFlesh,
            self::Broken => ShortBy::BrokenBones,
        };
    }
}
