<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\Methods;
use App\Kitchen\Format\Words;
use Sectum\Practise\Skill;

/** What a drill is about, in words. */
final readonly class SubjectName
{
    public static function of(Skill $skill, string $subject): string
    {
        return $skill === Skill::Order
            ? Methods::names()[$subject] ?? $subject
            : Words::named("practise.subject.{$skill->value}.{$subject}");
    }
}
