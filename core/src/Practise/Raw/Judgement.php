<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

/** What a learner says of a case. */
final readonly class Judgement
{
    public function __construct(public bool $may, public Ruling $ruling)
    {
    }
}
