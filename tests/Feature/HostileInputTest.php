<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Tests\ContractCheck;
use Tests\Feature\Receive\AtTheDoor;

/** Every field of every request, filled with what no page would send: one clear sentence, and nothing written. */
final class HostileInputTest extends AtTheDoor
{
    private int $changes = -1;

    /** @var array<string, string> */
    private array $held = [];

    private const HOSTILE = [
        'null' => [null],
        'a truth' => [true],
        'below zero' => [-1],
        'a fraction' => [0.5],
        'a huge number' => [1e300],
        'more than an integer' => [9_223_372_036_854_775_807],
        'nothing' => [''],
        'spaces' => ["  \t "],
        'a long text' => [
            'llllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllll'.
            'llllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllllll'.
            'lllllllllllllllllllllllllllllllllllllllllllllllllll',
        ],
        'a zero byte' => ["fish\0bone"],
        'another language of the database' => ["'; delete from fish; --"],
        'a number that is none' => ['NaN'],
        'a list' => [[1, 2, 3]],
        'lists in lists' => [[[[[[]]]]]],
        'another object' => [['x' => ['y' => 'z']]],
    ];

    /** @return array<string, array{mixed}> */
    public static function hostile(): array
    {
        return self::HOSTILE;
    }

    #[DataProvider('hostile')]
    public function test_is_refused_in_a_sentence_or_taken_whole(mixed $hostile): void
    {
        $paths = $this->paths();
        $asked = $refused = 0;
        foreach ($paths as $path => [$verb, $schema]) {
            $body = (array) self::sample($schema);
            foreach (self::filled($schema, $body, $hostile) as $field => $filled) {
                $before = $this->rows();
                $answer = $this->api($verb, $path, $filled);
                $where = "{$verb} {$path}, {$field}";
                $asked++;
                self::assertLessThan(500, $answer->getStatusCode(), "{$where}: ".$answer->exception?->getMessage());
                if ($answer->getStatusCode() < 400) {
                    continue;
                }
                $refused++;
                self::assertSame($before, $this->rows(), "{$where} was refused and yet wrote something");
                foreach (
                    [$answer->json('detail'), ...array_column((array) $answer->json('errors'), 'detail')] as $sentence
                ) {
                    self::assertIsString($sentence, $where);
                    self::assertMatchesRegularExpression('/^\S.{8,220}[.?]$/us', $sentence, $where);
                    self::assertDoesNotMatchRegularExpression(
                        '/SQL|schema|JSON|[Ee]xception|\\\\|null\b/',
                        $sentence,
                        $where,
                    );
                }
            }
        }
        self::assertGreaterThan(80, $asked);
        self::assertGreaterThan($asked * 0.6, $refused, 'nearly all of this is refused');
    }

    public function test_a_field_nobody_asked_for_is_refused_by_name(): void
    {
        foreach ($this->paths() as $path => [$verb, $schema]) {
            $before = $this->rows();
            $answer = $this->api($verb, $path, [...(array) self::sample($schema), 'grams_of_nonsense' => 3]);
            self::assertSame(422, $answer->getStatusCode(), $path);
            self::assertContains(
                '/grams_of_nonsense',
                array_column((array) $answer->json('errors'), 'pointer'),
                $path,
            );
            self::assertSame($before, $this->rows(), $path);
        }
    }

    public function test_what_is_not_here_is_said_to_be_not_here(): void
    {
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (
                ! str_starts_with($route->uri(), 'api/') ||
                ! in_array('GET', $route->methods(), true) ||
                preg_match('/\{(format|name|tray)\}/', $route->uri()) === 1 ||
                ! str_contains($route->uri(), '{')
            ) {
                continue;
            }
            $path = self::filledIn($route, []);
            $this->api('GET', $path)->assertNotFound();
        }
    }

    /**
     * Every write of the page, its gaps filled with what is there.
     *
     * @return array<string, array{string, stdClass}> verb and schema of the body by path
     */
    private function paths(): array
    {
        $fish = $this->received();
        $this->weigh($fish, 'head', '650 g')->assertOk();
        $gaps = [
            ...$this->gaps($fish),
            'rule' => 'kitchen',
            'number' => '1',
            'gate' => 'eye',
            'name' => 'plate',
            'piece' => $this->api('GET', "/breakdown/fish/{$fish}")->json('pieces.0.piece'),
        ];
        $paths = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $verb = self::verb($route);
            if (
                $verb === null ||
                ! str_starts_with($route->uri(), 'api/') ||
                preg_match('#^api/(session|kitchen/setup|compute/|scale/|probe/)#', $route->uri()) === 1
            ) {
                continue;
            }
            $path = self::filledIn($route, $gaps);
            $schema = ContractCheck::body($verb, $path);
            $schema === null || ($paths[$path] = [$verb, $schema]);
        }

        return $paths;
    }

    /**
     * The body once for each of its fields, and for each field of a field, with something else in it.
     *
     * @param  array<mixed>  $body
     * @return array<string, array<string, mixed>>
     */
    private static function filled(stdClass $schema, array $body, mixed $hostile): array
    {
        $filled = [];
        foreach ((array) ($schema->properties ?? []) as $field => $part) {
            $filled["/{$field}"] = [...$body, $field => $hostile];
            foreach (array_keys((array) ($part->properties ?? [])) as $inner) {
                $filled["/{$field}/{$inner}"] = [...$body, $field => [$inner => $hostile]];
            }
        }

        return $filled;
    }

    private static function verb(Route $route): ?string
    {
        return array_values(array_intersect(['PUT', 'POST'], $route->methods()))[0] ?? null;
    }

    /** A body that keeps the contract wherever the contract alone says how. */
    private static function sample(stdClass $schema): mixed
    {
        if (isset($schema->enum)) {
            return ((array) $schema->enum)[0];
        }
        $type = ((array) ($schema->type ?? 'object'))[0];
        if ($type === 'object') {
            $body = [];
            foreach ((array) ($schema->required ?? []) as $field) {
                $part = $schema->properties->{(string) $field} ?? null;
                $part instanceof stdClass && ($body[(string) $field] = self::sample($part));
            }

            return $body === [] && isset($schema->properties->typed) ? ['typed' => '300 g'] : $body;
        }

        return match ($type) {
            'string' => str_contains((string) ($schema->pattern ?? ''), '{25}') ? self::id() : '7',
            'integer', 'number' => (int) ($schema->minimum ?? 1),
            'boolean' => true,
            'array' => isset($schema->minItems) && $schema->items instanceof stdClass
                ? [self::sample($schema->items)]
                : [],
            default => null,
        };
    }

    /** @return array<string, string> what every table holds */
    private function rows(): array
    {
        $changes = DB::scalar('select total_changes()');
        if ($changes !== $this->changes) {
            $this->changes = is_int($changes) ? $changes : -1;
            $this->held = [];
            foreach (Schema::getTableListing(schemaQualified: false) as $table) {
                $this->held[$table] = md5(serialize(DB::table($table)->get()->all()));
            }
        }

        return $this->held;
    }
}
