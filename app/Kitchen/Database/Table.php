<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use BackedEnum;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\Builder as Rows;
use ReflectionMethod;
use stdClass;
use UnitEnum;

/**
 * A table of the kitchen's: no columns but its own, and all of them may be written by whoever made it past the action.
 *
 * @phpstan-consistent-constructor each class of it is made as the framework's models are
 */
abstract class Table extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<class-string<self>, self> by class, one that stands in the database and holds nothing yet */
    private static array $empty = [];

    /** @var array<class-string, list<string>> by class */
    private static array $traits = [];

    /** @var array<string, array<int|string, BackedEnum>> the case of each word read so far, by enum */
    private static array $words = [];

    /** Its rows as they are, with no model around each. */
    public static function rows(): Rows
    {
        $one = self::blank();

        return $one->getConnection()->query()->from($one->getTable());
    }

    /**
     * What a question answers that is asked with every weight, written as it is: it need not be put together first.
     *
     * @param  literal-string  $question  whose columns are this table's, and whatever is read beside a row
     * @param  list<string|int|null>  $of
     * @return Collection<int, static>
     */
    public static function selected(string $question, array $of): Collection
    {
        $one = self::blank();
        $rows = [];
        foreach ($one->getConnection()->select($question, $of) as $row) {
            if ($row instanceof stdClass) {
                $rows[] = $one->newFromBuilder($row);
            }
        }

        return new Collection($rows);
    }

    /** One of the class that stands in the database and holds nothing yet. */
    private static function blank(): static
    {
        $one = self::$empty[static::class] ?? null;
        if (! $one instanceof static) {
            $one = new static();
            $one->exists = true;
            self::$empty[static::class] = $one;
        }

        return $one;
    }

    /** @return array{} nothing here listens by an attribute, and none is looked for */
    public static function resolveObserveAttributes(): array
    {
        return [];
    }

    /** @return array{} nor is anything left out of what is asked */
    public static function resolveGlobalScopeAttributes(): array
    {
        return [];
    }

    /**
     * What its traits do when a model is first used, found by their names alone.
     *
     * The framework also looks through every method of the class for an attribute that nothing here carries, once a
     * model and request: a tenth of a reading's time went there. TableTest holds the two to the same result.
     */
    protected static function bootTraits(): void
    {
        $class = static::class;
        static::$traitInitializers[$class] = [];
        foreach (self::traits($class) as $trait) {
            if (method_exists($class, "boot{$trait}")) {
                (new ReflectionMethod($class, "boot{$trait}"))->invoke(null);
            }
            if (method_exists($class, "initialize{$trait}")) {
                static::$traitInitializers[$class][] = "initialize{$trait}";
            }
        }
    }

    /**
     * @param  class-string  $class
     * @return list<string> the names of its traits, those of its parents told once
     */
    private static function traits(string $class): array
    {
        if (! isset(self::$traits[$class])) {
            $parent = get_parent_class($class);
            $own = [];
            foreach (class_uses($class) as $trait) {
                $own = [...$own, $trait, ...trait_uses_recursive($trait)];
            }
            self::$traits[$class] = array_values(array_unique([
                ...($parent === false ? [] : self::traits($parent)),
                ...array_map(class_basename(...), array_values($own)),
            ]));
        }

        return self::$traits[$class];
    }

    /**
     * Writes a row that nothing listens to, as selected() reads one: what is new of it, and no more.
     *
     * With every weight three are written; to put the question together takes longer than to write.
     */
    public function written(): static
    {
        $values = $this->exists ? $this->getDirty() : $this->getAttributes();
        $named = array_map(fn (string $column): string => "\"{$column}\"", array_keys($values));
        $table = "\"{$this->getTable()}\"";
        if (! $this->exists) {
            $this->getConnection()->insert(
                "insert into {$table} (".implode(', ', $named).') values ('.
                    implode(', ', array_fill(0, count($named), '?')).')',
                array_values($values),
            );
        } elseif ($values !== []) {
            $this->getConnection()->update(
                "update {$table} set ".implode(' = ?, ', $named)." = ? where \"{$this->getKeyName()}\" = ?",
                [...array_values($values), $this->getKey()],
            );
        }
        $this->exists = true;

        return $this->syncOriginal();
    }

    /** What nobody listens to is not told. */
    protected function fireModelEvent($event, $halt = true)
    {
        $heard = isset($this->dispatchesEvents[$event]) ||
            (self::getEventDispatcher()?->hasListeners("eloquent.{$event}: ".static::class) ?? false);

        return $heard ? parent::fireModelEvent($event, $halt) : true;
    }

    /** Whoever owns none says so at once. */
    public function touchOwners(): void
    {
        if ($this->touches !== []) {
            parent::touchOwners();
        }
    }

    // A column's value is its own or what a cast makes of it: no table here reads or writes one through a method, and
    // so none is looked for at every access. TableTest holds the classes to that.

    public function hasGetMutator($key)
    {
        return false;
    }

    public function hasSetMutator($key)
    {
        return false;
    }

    public function hasAttributeMutator($key)
    {
        return false;
    }

    public function hasAttributeGetMutator($key)
    {
        return false;
    }

    public function hasAttributeSetMutator($key)
    {
        return false;
    }

    protected function transformModelValue($key, $value)
    {
        return match (true) {
            isset($this->casts[$key]) => $this->castAttribute($key, $value),
            $value === null || ! $this->timestamps => $value,
            in_array($key, $this->getDates(), true) => $this->asDateTime($value),
            default => $value,
        };
    }

    /**
     * The usual in one step: a value as it is in its column, a word of an enum, what was read beside the row. The parts
     * of one fish are asked for theirs some hundred times in a request. All else is the framework's.
     *
     * @param  string  $key
     */
    public function __get($key): mixed
    {
        $value = $this->attributes[$key] ?? null;
        if ($value === null) {
            return match (true) {
                array_key_exists($key, $this->attributes) => null,
                array_key_exists($key, $this->relations) => $this->relations[$key],
                default => parent::__get($key),
            };
        }
        if ($this->timestamps || (! is_string($value) && ! is_int($value))) {
            return parent::__get($key);
        }
        $cast = $this->casts[$key] ?? null;
        if (! is_string($cast)) {
            return $cast === null ? $value : parent::__get($key);
        }
        $known = self::$words[$cast][$value] ?? null;
        if ($known === null) {
            $known = parent::__get($key);
            if ($known instanceof BackedEnum) {
                self::$words[$cast][$value] = $known;
            }
        }

        return $known;
    }

    /**
     * A row as it was read. The framework makes each from nothing, its casts and traits anew; here it is a copy of the
     * first. Nothing here listens to a row being read.
     *
     * @param  array<string, mixed>|stdClass  $attributes
     * @param  string|UnitEnum|null  $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $row = clone self::blank();
        $row->setRawAttributes((array) $attributes, true);
        $row->setConnection($connection ?? $this->getConnectionName());

        return $row;
    }

    /**
     * @template TRelated of Model
     * @template TDeclaring of Model
     *
     * @param  Builder<TRelated>  $query
     * @param  TDeclaring  $parent
     * @return HasMany<TRelated, TDeclaring>
     */
    protected function newHasMany(Builder $query, Model $parent, $foreignKey, $localKey): HasMany
    {
        return new ManyOfEach($query, $parent, $foreignKey, $localKey);
    }

    /**
     * @template TRelated of Model
     * @template TDeclaring of Model
     *
     * @param  Builder<TRelated>  $query
     * @param  TDeclaring  $parent
     * @return HasOne<TRelated, TDeclaring>
     */
    protected function newHasOne(Builder $query, Model $parent, $foreignKey, $localKey): HasOne
    {
        return new OneOfEach($query, $parent, $foreignKey, $localKey);
    }
}
