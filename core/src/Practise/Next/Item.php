<?php

declare(strict_types=1);

namespace Sectum\Practise\Next;

use Sectum\Practise\Skill;

/** What a drill is about, as far as it is remembered by itself: the order of one method, the weight of sides. */
final readonly class Item
{
    /** @param  list<Practised>  $done  the first first */
    public function __construct(public Skill $skill, public string $subject, public array $done)
    {
    }
}
