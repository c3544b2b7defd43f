<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

/** What is done to a portion once it is cut, in the order a dish asks for. */
enum Prep: string
{
    case Square = 'square';
    case SkinOff = 'skin-off';
    case Score = 'score';
    case Slant = 'slant';
    case Fold = 'fold';
    case Roll = 'roll';
    case Slice = 'slice';
    case Tie = 'tie';

    public function spoken(): string
    {
        return match ($this) {
            self::Square => 'squared',
            self::SkinOff => 'skin off',
            self::Score => 'skin scored',
            self::Slant => 'slanted',
            self::Fold => 'folded',
            self::Roll => 'rolled',
            self::Slice => 'sliced',
            self::Tie => 'tied',
        };
    }

    /**
     * Share of its weight a portion loses by it, percent: starting figures, estimates; the skin by its kind where the
     * catalogue knows it.
     */
    public function startingLossPct(?float $skinPct): float
    {
        return match ($this) {
            self::SkinOff => $skinPct ?? 8.0,
            self::Square => 3.0,
            self::Slice => 2.0,
            self::Score, self::Slant, self::Fold, self::Roll, self::Tie => 0.0,
        };
    }
}
