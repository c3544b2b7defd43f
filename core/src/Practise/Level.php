<?php

declare(strict_types=1);

namespace Sectum\Practise;

/**
 * How far a learner is. A level presets the answers to a method's questions and what the drills leave to him, and the
 * next opens when every skill of it is steady. Order and presets are common practice in teaching: head off first, ribs
 * in one sweep, the scale for every piece; later the other way. Estimates.
 */
enum Level: int
{
    case First = 1;
    case Second = 2;
    case Third = 3;
    case Fourth = 4;

    /** @return non-empty-list<Skill> that have to be steady before the next one opens */
    public function skills(): array
    {
        return match ($this) {
            self::First => [Skill::Order, Skill::Bins, Skill::Weight],
            self::Second => [Skill::Bones, Skill::Fresh, Skill::Cuts],
            self::Third => [Skill::Sheets, Skill::Raw],
            self::Fourth => [Skill::Order, Skill::Bones, Skill::Weight, Skill::Cuts],
        };
    }

    /** The level a skill belongs to: the first that asks for it. */
    public static function of(Skill $skill): self
    {
        foreach (self::cases() as $level) {
            if (in_array($skill, $level->skills(), true)) {
                return $level;
            }
        }

        return self::Fourth;
    }

    /** @return list<Skill> practised at this level: its own, and those below it */
    public function open(): array
    {
        $open = [];
        foreach (self::cases() as $level) {
            if ($level->value <= $this->value) {
                array_push($open, ...array_map(fn (Skill $skill): string => $skill->value, $level->skills()));
            }
        }

        return array_map(Skill::from(...), array_values(array_unique($open)));
    }

    /** @return array<string, string> answers by question that are preset where a method asks it */
    public function answers(): array
    {
        return match ($this) {
            self::First => ['head' => 'first', 'ribs' => 'sheet'],
            self::Second => ['ribs' => 'sheet'],
            self::Third => ['ribs' => 'freed'],
            self::Fourth => [],
        };
    }

    /** Whether the scale weighs every piece. */
    public function weighsEveryPiece(): bool
    {
        return $this !== self::Fourth;
    }

    /** Whether the marks of the plan are drawn on a side that is to be cut. */
    public function showsMarks(): bool
    {
        return $this === self::First || $this === self::Second;
    }

    /** Whether fish with many rows of bones is among what is practised. */
    public function hasManyBones(): bool
    {
        return $this === self::Fourth;
    }

    public function next(): ?self
    {
        return self::tryFrom($this->value + 1);
    }
}
