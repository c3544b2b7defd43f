<?php

declare(strict_types=1);

namespace App\Contract;

use stdClass;

/**
 * What plainly fits its schema is told at a glance: most of what is sent does, and need not wait for the validator that
 * finds out what is wrong.
 *
 * It says yes only where it knows every demand of a schema and each is met. All else the validator judges; DialectTest
 * holds each yes to the whole standard.
 */
final readonly class Glance
{
    /** Beside the demands. */
    private const SAYS_NOTHING = ['$schema', '$id', 'title', 'description', 'x-say'];

    private const BESIDE = '#^\.\./([a-z-]+)\.schema\.json$#D';

    public static function fits(mixed $value, mixed $schema): bool
    {
        if (! $schema instanceof stdClass) {
            return $schema === true;
        }
        foreach (get_object_vars($schema) as $keyword => $demand) {
            if (! in_array($keyword, self::SAYS_NOTHING, true) && ! self::meets($value, $keyword, $demand, $schema)) {
                return false;
            }
        }

        return true;
    }

    private static function meets(mixed $value, string $keyword, mixed $demand, stdClass $schema): bool
    {
        return match ($keyword) {
            '$ref' => is_string($demand) && preg_match(self::BESIDE, $demand, $file) === 1 &&
                self::fits($value, Schema::read($file[1])),
            'type' => is_array($demand)
                ? array_filter($demand, fn (mixed $one): bool => self::is($value, $one)) !== []
                : self::is($value, $demand),
            'enum' => is_array($demand) && in_array($value, $demand, true),
            // What is demanded of one kind of value is not of another.
            'minLength', 'maxLength', 'pattern' => ! is_string($value) || self::ofText($value, $keyword, $demand),
            'minimum', 'maximum', 'exclusiveMinimum', 'exclusiveMaximum' => (! is_int($value) && ! is_float($value)) ||
                self::ofNumber($value, $keyword, $demand),
            'minItems', 'maxItems', 'items' => ! is_array($value) || self::ofList($value, $keyword, $demand),
            'required', 'properties', 'additionalProperties' => ! $value instanceof stdClass ||
                self::ofObject(get_object_vars($value), $keyword, $demand, $schema),
            default => false,
        };
    }

    private static function is(mixed $value, mixed $type): bool
    {
        return match ($type) {
            'string' => is_string($value),
            'integer' => is_int($value),
            'number' => is_int($value) || is_float($value),
            'boolean' => is_bool($value),
            'null' => $value === null,
            'array' => is_array($value),
            'object' => $value instanceof stdClass,
            default => false,
        };
    }

    private static function ofText(string $value, string $keyword, mixed $demand): bool
    {
        return match ($keyword) {
            'minLength' => mb_strlen($value) >= $demand,
            'maxLength' => mb_strlen($value) <= $demand,
            default => is_string($demand) && preg_match("\x07{$demand}\x07uD", $value) === 1,
        };
    }

    private static function ofNumber(int|float $value, string $keyword, mixed $demand): bool
    {
        return match ($keyword) {
            'minimum' => $value >= $demand,
            'maximum' => $value <= $demand,
            'exclusiveMinimum' => $value > $demand,
            default => $value < $demand,
        };
    }

    /** @param  array<array-key, mixed>  $values */
    private static function ofList(array $values, string $keyword, mixed $demand): bool
    {
        return match ($keyword) {
            'minItems' => count($values) >= $demand,
            'maxItems' => count($values) <= $demand,
            default => self::eachFits($values, $demand),
        };
    }

    /** @param  array<array-key, mixed>  $values  by name */
    private static function ofObject(array $values, string $keyword, mixed $demand, stdClass $schema): bool
    {
        $properties = $schema->properties ?? null;
        $known = $properties instanceof stdClass ? get_object_vars($properties) : [];

        return match ($keyword) {
            'required' => is_array($demand) && array_filter(
                $demand,
                fn (mixed $name): bool => ! is_string($name) || ! array_key_exists($name, $values),
            ) === [],
            'additionalProperties' => self::eachFits(array_diff_key($values, $known), $demand),
            default => self::eachIsKnown(array_intersect_key($values, $known), $known),
        };
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  array<array-key, mixed>  $known  what each has to fit
     */
    private static function eachIsKnown(array $values, array $known): bool
    {
        foreach ($values as $name => $value) {
            if (! self::fits($value, $known[$name] ?? false)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<array-key, mixed>  $values */
    private static function eachFits(array $values, mixed $schema): bool
    {
        return self::eachIsKnown($values, array_map(fn (): mixed => $schema, $values));
    }
}
