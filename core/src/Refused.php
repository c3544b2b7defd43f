<?php

declare(strict_types=1);

namespace Sectum;

use DomainException;

/** The common body of every refusal: a sentence, a pointer and the offending value. */
abstract class Refused extends DomainException implements Refusal
{
    final public function __construct(
        string $sentence,
        private readonly mixed $value,
        private readonly string $pointer = '',
    ) {
        parent::__construct($sentence);
    }

    final public function pointer(): string
    {
        return $this->pointer;
    }

    final public function value(): mixed
    {
        return $this->value;
    }
}
