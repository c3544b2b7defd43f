<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Http\Request;
use LogicException;

/**
 * A document that fitted its schema, read by name and type. A field read as what the schema does not promise is our
 * mistake.
 */
final readonly class Fields
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    /** The body of a request, as its route's contract let it through. */
    public static function of(Request $request): self
    {
        $fields = $request->attributes->get(self::class);

        return $fields instanceof self
            ? $fields
            : throw new LogicException("{$request->method()} {$request->path()} says nowhere what it takes.");
    }

    public function in(Request $request): void
    {
        $request->attributes->set(self::class, $this);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** Whether it was given at all, be it null. */
    public function named(string $name): bool
    {
        return array_key_exists($name, $this->values);
    }

    public function string(string $name): string
    {
        return $this->maybeString($name) ?? throw new LogicException("The schema does not promise {$name}.");
    }

    public function maybeString(string $name): ?string
    {
        $value = $this->values[$name] ?? null;

        return $value === null || is_string($value) ? $value : throw new LogicException("{$name} is not a string.");
    }

    public function int(string $name, ?int $default = null): int
    {
        return $this->maybeInt($name) ??
            ($default ?? throw new LogicException("The schema does not promise {$name}."));
    }

    /** A whole number; JSON does not tell 5 from 5.0. */
    public function maybeInt(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return match (true) {
            $value === null, is_int($value) => $value,
            is_float($value) && floor($value) === $value => (int) $value,
            default => throw new LogicException("{$name} is not a whole number."),
        };
    }

    public function number(string $name, ?float $default = null): float
    {
        return $this->maybeNumber($name) ??
            ($default ?? throw new LogicException("The schema does not promise {$name}."));
    }

    public function maybeNumber(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return $value === null || is_int($value) || is_float($value)
            ? ($value === null
                ? null
                : (float) $value)
            : throw new LogicException("{$name} is not a number.");
    }

    public function bool(string $name): bool
    {
        return ($this->values[$name] ?? false) === true;
    }

    public function fields(string $name): self
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? new self($value) : throw new LogicException("{$name} is not an object.");
    }

    /** @return list<self> */
    public function list(string $name): array
    {
        $value = $this->values[$name] ?? [];
        is_array($value) || throw new LogicException("{$name} is not a list.");

        return array_values(
            array_map(
                fn (mixed $item): self => is_array($item)
                    ? new self($item)
                    : throw new LogicException("{$name} is not a list of objects."),
                $value,
            ),
        );
    }

    /** @return list<array{float, float}> */
    public function pairs(string $name): array
    {
        return array_values(
            array_map(function (mixed $pair) use ($name): array {
                [$first, $second] = is_array($pair) ? array_values($pair) + [null, null] : [null, null];

                return is_numeric($first) && is_numeric($second)
                    ? [(float) $first, (float) $second]
                    : throw new LogicException("{$name} is not a list of pairs.");
            }, $this->fields($name)->values),
        );
    }

    /** @return list<string> */
    public function strings(string $name): array
    {
        return array_values(
            array_map(
                fn (mixed $item): string => is_string($item)
                    ? $item
                    : throw new LogicException("{$name} is not a list of strings."),
                $this->fields($name)->values,
            ),
        );
    }

    /** @return array<string, string> */
    public function texts(): array
    {
        $texts = [];
        foreach ($this->values as $key => $value) {
            $texts[(string) $key] = is_string($value) ? $value : throw new LogicException("{$key} is not a string.");
        }

        return $texts;
    }

    /** @return array<array-key, mixed> as it came, to be kept */
    public function all(): array
    {
        return $this->values;
    }

    /** @return list<float> */
    public function numberList(string $name): array
    {
        return array_values($this->numbers($name));
    }

    /** @return array<string, float> */
    public function numbers(string $name): array
    {
        $numbers = [];
        foreach ($this->fields($name)->values as $key => $value) {
            $numbers[(string) $key] =
                is_int($value) || is_float($value)
                    ? (float) $value
                    : throw new LogicException("{$name}/{$key} is not a number.");
        }

        return $numbers;
    }
}
