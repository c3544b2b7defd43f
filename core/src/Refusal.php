<?php

declare(strict_types=1);

namespace Sectum;

use Throwable;

/**
 * Something handed to the core that it will not compute with.
 *
 * The exception's message is one plain sentence for the cook who entered the value, or the key of one.
 */
interface Refusal extends Throwable
{
    /** Where the fault stands in what was handed over, as a JSON pointer (RFC 6901); empty for the whole. */
    public function pointer(): string;

    /** The offending value as it came. */
    public function value(): mixed;

    /** Which sentence, with its values; null where the exception's message is the sentence itself. */
    public function said(): ?Message;
}
