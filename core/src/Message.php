<?php

declare(strict_types=1);

namespace Sectum;

use BackedEnum;
use DateTimeImmutable;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Temperature;

/**
 * Something the core has to say: which of its sentences, and the values it is about.
 *
 * The words are made where the reader's language and units are known. Two messages with one code mean the same thing.
 */
final readonly class Message
{
    /**
     * @param  array<string, Mass|Length|Temperature|Money|DateTimeImmutable|BackedEnum|int|float|string>  $values  by
     *     the names the sentence calls them; `count` decides between one and many
     */
    public function __construct(public Sentence $code, public array $values = [])
    {
    }

    /** "portion-stop.too-thin": the enum's name and its case. */
    public function key(): string
    {
        $name = substr((string) strrchr('\\'.$this->code::class, '\\'), 1);

        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $name)).'.'.$this->code->value;
    }
}
