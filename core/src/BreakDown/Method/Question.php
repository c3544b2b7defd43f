<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/** A question on which kitchens differ, inside a method. */
final readonly class Question
{
    /** @param  non-empty-list<Option>  $options */
    public function __construct(public string $code, public string $asks, public array $options)
    {
    }

    public function usual(): Option
    {
        foreach ($this->options as $option) {
            if ($option->usual) {
                return $option;
            }
        }

        return $this->options[0];
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
}
