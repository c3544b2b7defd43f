<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fault;
use Sectum\Practise\Dice;
use Sectum\Practise\Level;
use Sectum\Practise\Skill;

/** Every skill's drill: what it may be about, and the one of a seed. */
final readonly class Plays
{
    /** @return list<string> what is practised of a skill at a level, each remembered by itself */
    public static function subjects(Skill $skill, Level $level): array
    {
        return match ($skill) {
            Skill::Order => PlayedOrder::subjects(),
            Skill::Bones => PlayedBones::subjects($level),
            Skill::Weight => PlayedWeight::subjects(),
            Skill::Cuts => PlayedCuts::subjects(),
            Skill::Fresh => PlayedFresh::subjects(),
            Skill::Sheets => PlayedSheets::subjects(),
            Skill::Bins => PlayedBins::subjects(),
            Skill::Raw => PlayedRaw::subjects(),
        };
    }

    /** @throws Fault where nothing of the kind can be drawn in this house */
    public static function of(Skill $skill, string $subject, string $seed, Level $level): Played
    {
        return Fault::within('', function () use ($skill, $subject, $seed, $level): Played {
            $dice = Dice::of($seed, "{$skill->value}:{$subject}");

            return match ($skill) {
                Skill::Order => PlayedOrder::drawn($dice, $subject, $level),
                Skill::Bones => PlayedBones::drawn($dice, $subject),
                Skill::Weight => PlayedWeight::drawn($dice, $subject),
                Skill::Cuts => PlayedCuts::drawn($dice, $subject, $level),
                Skill::Fresh => PlayedFresh::drawn($dice, $subject),
                Skill::Sheets => PlayedSheets::drawn($dice, $subject),
                Skill::Bins => PlayedBins::drawn($dice, $subject),
                Skill::Raw => PlayedRaw::drawn($dice),
            };
        });
    }

    public static function again(Drill $drill): Played
    {
        return self::of($drill->skill, $drill->subject, $drill->seed, $drill->level);
    }
}
