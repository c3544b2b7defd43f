<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/** Every question of a method answered, so that the answers make sense together. */
final readonly class Answered
{
    /**
     * @param  array<string, string>  $chosen  option by question, those that are asked, in the order they come up
     * @param  array<string, Exclusion>  $moved  given answers that had to give way, and for what
     * @param  array<string, string>  $facts  what is so without being asked
     */
    public function __construct(public array $chosen, public array $moved, public array $facts)
    {
    }

    /** @return array<string, string> what the conditions of steps are held against */
    public function all(): array
    {
        return [...$this->facts, ...$this->chosen];
    }
}
