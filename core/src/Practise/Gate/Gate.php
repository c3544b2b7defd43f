<?php

declare(strict_types=1);

namespace Sectum\Practise\Gate;

use Sectum\Practise\Skill;

/** What a house may ask to have been passed, and signed for by the head chef, before a hand does it alone. */
enum Gate: string
{
    /** Before a bone check counts without a second person. */
    case Bones = 'bones';
    /** Before every so many pieces are weighed only. */
    case Eye = 'eye';
    /** Before many-boned fish is cut without somebody signed for it beside. */
    case ManyBoned = 'many-boned';

    /** Which skill is passed with it; null where none is. */
    public function skill(): ?Skill
    {
        return match ($this) {
            self::Bones => Skill::Bones,
            self::Eye => Skill::Weight,
            self::ManyBoned => null,
        };
    }
}
