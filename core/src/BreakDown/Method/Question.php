<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/** A question on which kitchens differ, asked of a body form wherever it makes sense. */
final readonly class Question
{
    /** @param  non-empty-list<Option>  $options */
    public function __construct(public string $code, public string $asks, public array $options)
    {
    }

    public function option(string $code): ?Option
    {
        foreach ($this->options as $option) {
            if ($option->code === $code) {
                return $option;
            }
        }

        return null;
    }

    /** @return list<Option> the usual one first */
    public function inOrder(): array
    {
        $options = $this->options;
        usort($options, fn (Option $a, Option $b): int => $b->usual <=> $a->usual);

        return $options;
    }
}
