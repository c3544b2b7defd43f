<?php

declare(strict_types=1);

namespace Sectum;

use DomainException;

/** The common body of every refusal: a sentence, a pointer and the offending value. */
abstract class Refused extends DomainException implements Refusal
{
    /** What is said of it, where words are not made here. */
    private readonly ?Message $said;

    final public function __construct(
        string|Message $sentence,
        private readonly mixed $value,
        private readonly string $pointer = '',
    ) {
        $this->said = $sentence instanceof Message ? $sentence : null;
        parent::__construct($sentence instanceof Message ? $sentence->key() : $sentence);
    }

    final public function said(): ?Message
    {
        return $this->said;
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
