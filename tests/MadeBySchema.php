<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Str;
use Random\Randomizer;
use stdClass;

/** Documents that mostly fit a schema, and sometimes not at all, each from the same dice the same. */
final readonly class MadeBySchema
{
    public const ODD = [
        '',
        ' ',
        "\0",
        "\u{2163}",
        "\u{FF1D}1+1",
        '=1+1',
        "\nx",
        'NaN',
        '1e999',
        '-0',
        '٣ kg',
        'x\'; drop table fish; --',
        '../../../etc/passwd',
        '%ff',
        "a\u{0300}\u{0301}",
        '🐟',
        '2026-02-30',
        '00:00',
    ];

    public function __construct(private Randomizer $dice)
    {
    }

    /** Something that mostly fits a schema, and sometimes not at all. */
    public function by(stdClass $schema, int $depth = 0): mixed
    {
        if ($this->dice->getInt(0, 9) === 0 || $depth > 6) {
            return $this->odd();
        }
        $other = $schema->{'$ref'} ?? null;
        if (is_string($other)) {
            $schema = json_decode((string) file_get_contents(dirname(__DIR__).'/contract/'.basename($other)));
        }
        if (isset($schema->enum)) {
            return $this->one((array) $schema->enum);
        }
        $type = $this->one((array) ($schema->type ?? 'object'));

        return match ($type) {
            'object' => $this->object($schema, $depth),
            'array' => array_map(
                fn (): mixed => $this->by(
                    $schema->items instanceof stdClass ? $schema->items : new stdClass(),
                    $depth + 1,
                ),
                array_fill(0, $this->dice->getInt(0, 3), 0),
            ),
            'integer' => $this->dice->getInt(
                (int) ($schema->minimum ?? 0),
                max((int) ($schema->minimum ?? 0), min(1_000_000, (int) ($schema->maximum ?? 1000))),
            ),
            'number' => $this->one([0.001, 0.5, 1, 12.5, 170, 4210, 99_999]),
            'boolean' => $this->dice->getInt(0, 1) === 1,
            'null' => null,
            default => str_contains((string) ($schema->pattern ?? ''), '{25}')
                ? (string) Str::ulid()
                : $this->one(['170 g', '4.21', '2 lb', 'Hake', '18.60', '2026-11-26', '3.4', ...self::ODD]),
        };
    }

    private function object(stdClass $schema, int $depth): mixed
    {
        $object = [];
        foreach ((array) ($schema->properties ?? []) as $name => $property) {
            if (
                $property instanceof stdClass &&
                (in_array($name, (array) ($schema->required ?? []), true)
                    ? $this->dice->getInt(0, 19) > 0
                    : $this->dice->getInt(0, 2) === 0)
            ) {
                $object[$name] = $this->by($property, $depth + 1);
            }
        }

        return $object === [] ? new stdClass() : $object;
    }

    private function odd(): mixed
    {
        return $this->one([
            null,
            true,
            -1,
            0,
            1e308,
            -1e-300,
            PHP_INT_MAX,
            [],
            [[]],
            ['x' => 1],
            str_repeat('y', 5000),
            ...self::ODD,
        ]);
    }

    /** @param  array<array-key, mixed>  $among */
    private function one(array $among): mixed
    {
        return array_values($among)[$this->dice->getInt(0, count($among) - 1)];
    }
}
