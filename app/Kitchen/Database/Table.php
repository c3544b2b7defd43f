<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use BackedEnum;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\Builder as Rows;
use ReflectionMethod;
use stdClass;
use UnitEnum;

/**
 * A table of the kitchen's: no columns but its own, and all of them may be written by whoever made it past the action.
 */
abstract class Table extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<class-string<self>, self> by class, one that stands in the database and holds nothing yet */
    private static array $empty = [];

    /** @var array<string, array<int|string, BackedEnum>> the case of each word read so far, by enum */
    private static array $words = [];

    /** Its rows as they are, with no model around each. */
    public static function rows(): Rows
    {
        return self::query()->toBase();
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
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                (new ReflectionMethod($class, "boot{$name}"))->invoke(null);
            }
            if (method_exists($class, "initialize{$name}")) {
                static::$traitInitializers[$class][] = "initialize{$name}";
            }
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
        if ($value === null && isset($this->relations[$key]) && ! array_key_exists($key, $this->attributes)) {
            return $this->relations[$key];
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
        /** @var static $row of this very class */
        $row = clone (self::$empty[static::class] ??= $this->newInstance([], true));
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
