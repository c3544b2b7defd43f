<?php

declare(strict_types=1);

namespace App\Compute;

use BackedEnum;
use DateTimeInterface;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Temperature;
use Sectum\Message;

/** What the core says, for a machine: its code, and its values in base units. */
final readonly class Coded
{
    /** @return array{code: string, values: array<string, int|float|string>} */
    public static function of(Message $message): array
    {
        $values = [];
        foreach ($message->values as $name => $value) {
            [$unit, $plain] = match (true) {
                $value instanceof Mass => ['_g', $value->grams()],
                $value instanceof Length => ['_mm', $value->mm()],
                $value instanceof Temperature => ['_c', $value->celsius()],
                $value instanceof Money => ['_minor', $value->minor],
                $value instanceof DateTimeInterface => ['', $value->format(DATE_ATOM)],
                $value instanceof BackedEnum => ['', $value->value],
                default => ['', $value],
            };
            $values[$name.$unit] = $plain;
        }

        return ['code' => $message->key(), 'values' => $values];
    }
}
