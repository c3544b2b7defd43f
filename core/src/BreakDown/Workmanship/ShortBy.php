<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Workmanship;

use Sectum\Sentence;

/** In what a fish fell short, and at which kinds of step that happens. */
enum ShortBy: string implements Sentence
{
    /** With `mass`, what was left. */
    case MeatOnFrame = 'meat-on-frame';
    /** With `mass`, the difference. */
    case SidesUnlike = 'sides-unlike';
    /** With `mass`, what the skin weighed above its usual share. */
    case MeatOnSkin = 'meat-on-skin';
    case HackMarks = 'hack-marks';
    case TornFlesh = 'torn-flesh';
    case BrokenBones = 'broken-bones';
    /** With `count`, bones found while portioning. */
    case BonesMissed = 'bones-missed';
    case GallBurst = 'gall-burst';

    /**
     * Kinds of step it comes from, as the order of steps names them; the first a method has is where its cue belongs.
     *
     * @return non-empty-list<string>
     */
    public function actions(): array
    {
        return match ($this) {
            self::MeatOnFrame, self::HackMarks => ['open', 'turn'],
            self::SidesUnlike => ['turn', 'open'],
            self::MeatOnSkin => ['skin'],
            self::TornFlesh => ['pins', 'turn', 'open'],
            self::BrokenBones => ['ribs', 'pins', 'open'],
            self::BonesMissed => ['pins'],
            self::GallBurst => ['gut', 'guts-out', 'head'],
        };
    }
}
