<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use ReflectionMethod;

/**
 * A table of the kitchen's: no columns but its own, and all of them may be written by whoever made it past the action.
 */
abstract class Table extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** Its rows as they are, with no model around each. */
    public static function rows(): Builder
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
}
