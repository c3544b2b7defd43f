<?php

declare(strict_types=1);

namespace App\Contract;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Resolvers\SchemaResolver;
use Opis\JsonSchema\SchemaLoader;
use Opis\JsonSchema\Validator;

/**
 * A JSON Schema of the contract, which also carries the sentence a cook reads when a value does not fit it.
 *
 * The sentence stands beside the value's schema under "x-say".
 */
final class Schema
{
    private const BASE = 'https://sectum.example/contract/';

    /** How the pattern of an id ends. */
    private const ENDS_AN_ID = ']{25}$';

    private static ?Validator $validator = null;

    /** @var array<string, mixed> schemas by file */
    private static array $read = [];

    /** @param  string  $file  below contract/, without its ending: "compute/reconcile" */
    public function __construct(private readonly string $file)
    {
    }

    /**
     * Judges a decoded document (objects as stdClass).
     *
     * @throws Fault with the pointer and sentence of every fault
     */
    public function judge(mixed $document): void
    {
        if (Glance::fits($document, self::read($this->file))) {
            return;
        }
        $error = self::validator()
            ->validate($document, self::BASE.$this->file.'.schema.json')
            ->error();
        if ($error === null) {
            return;
        }
        $faults = [];
        self::collect($error, $faults);
        throw Fault::inFields($faults === [] ? ['' => 'This does not fit.'] : $faults);
    }

    /**
     * The document with every id in capitals: one id has one spelling, whatever the sender's.
     *
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    public function folded(array $values): array
    {
        $folded = self::fold($values, self::read($this->file));

        return is_array($folded) ? $folded : $values;
    }

    /** What a file says; null where it is none. */
    public static function read(string $file): mixed
    {
        return self::$read[$file] ??= json_decode((string) file_get_contents(self::folder()."{$file}.schema.json"));
    }

    private static function fold(mixed $value, mixed $schema): mixed
    {
        if (! is_object($schema)) {
            return $value;
        }
        if (is_string($value)) {
            return is_string($schema->pattern ?? null) && str_ends_with($schema->pattern, self::ENDS_AN_ID)
                ? strtoupper($value)
                : $value;
        }
        if (! is_array($value)) {
            return $value;
        }
        $named = self::properties($schema);
        foreach ($value as $key => $item) {
            $value[$key] = self::fold(
                $item,
                array_is_list($value)
                    ? $schema->items ?? null
                    : $named[(string) $key] ?? ($schema->additionalProperties ?? null),
            );
        }

        return $value;
    }

    private static function folder(): string
    {
        return dirname(__DIR__, 2).'/contract/';
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            $files = new SchemaResolver();
            $files->registerPrefix(self::BASE, self::folder());
            self::$validator = new Validator(new SchemaLoader(new DialectParser(), $files), 20, false);
        }

        return self::$validator;
    }

    /** @param  array<string, string>  $faults */
    private static function collect(ValidationError $error, array &$faults): void
    {
        if ($error->subErrors() !== [] && ! in_array($error->keyword(), ['oneOf', 'anyOf'], true)) {
            foreach ($error->subErrors() as $sub) {
                if ($sub instanceof ValidationError) {
                    self::collect($sub, $faults);
                }
            }

            return;
        }
        $path = array_values(array_map(strval(...), $error->data()->fullPath()));
        $schema = $error->schema()->info()->data();
        $args = $error->args();
        $missing = is_array($args['missing'] ?? null) ? $args['missing'] : [];
        $unknown = is_array($args['properties'] ?? null) ? $args['properties'] : [];
        if ($error->keyword() === 'required') {
            foreach ($missing as $name) {
                if (is_string($name)) {
                    $property = self::properties($schema)[$name] ?? null;
                    $faults[self::pointer([...$path, $name])] ??= self::say($property) ?? "\"{$name}\" is missing.";
                }
            }
        } elseif ($error->keyword() === 'additionalProperties' || $error->keyword() === 'unevaluatedProperties') {
            // A property with a fault of its own is not counted as evaluated; it is known all the same.
            $known = self::properties($schema);
            foreach ($unknown as $name) {
                if (is_string($name) && ! isset($known[$name])) {
                    $faults[self::pointer([...$path, $name])] ??= "\"{$name}\" is not something this takes.";
                }
            }
        } else {
            $faults[self::pointer($path)] ??= self::say($schema) ?? self::plainly($error);
        }
    }

    /** @return array<string, mixed> */
    private static function properties(mixed $schema): array
    {
        $properties = is_object($schema) ? $schema->properties ?? null : null;

        $named = [];
        foreach (is_object($properties) ? (array) $properties : [] as $name => $property) {
            $named[(string) $name] = $property;
        }

        return $named;
    }

    private static function say(mixed $schema): ?string
    {
        $say = is_object($schema) ? $schema->{'x-say'} ?? null : null;

        return is_string($say) ? $say : null;
    }

    /** Where the contract has no sentence of its own: what was expected, in plain words. */
    private static function plainly(ValidationError $error): string
    {
        $limit = $error->args()['min'] ?? ($error->args()['max'] ?? null);
        $limit = is_numeric($limit) ? (string) $limit : '';

        return match ($error->keyword()) {
            'type' => 'This is not of the kind expected here.',
            'exclusiveMinimum' => "This must be more than {$limit}.",
            'minimum' => "This must be {$limit} or more.",
            'exclusiveMaximum' => "This must be less than {$limit}.",
            'maximum' => "This must be {$limit} or less.",
            'enum', 'const' => 'This is not one of the values known here.',
            'minItems' => 'Too few are given.',
            'maxItems' => 'Too many are given.',
            'minLength' => 'This is empty.',
            'maxLength' => 'This is too long.',
            default => 'This is not written as expected here.',
        };
    }

    /** @param  list<string>  $path */
    private static function pointer(array $path): string
    {
        return implode(
            '',
            array_map(fn (string $step): string => '/'.strtr($step, ['~' => '~0', '/' => '~1']), $path),
        );
    }
}
