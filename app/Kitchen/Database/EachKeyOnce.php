<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\Eloquent\Model;

/**
 * Keys of many rows, each once and in order. The framework compares every key with every other, which for the pieces of
 * a full house took longer than the database.
 */
trait EachKeyOnce
{
    /**
     * @param  array<array-key, Model>  $models
     * @param  string|null  $key
     * @return list<int|string>
     */
    protected function getKeys(array $models, $key = null): array
    {
        $keys = [];
        foreach ($models as $model) {
            $value = $key === null ? $model->getKey() : $model->getAttribute($key);
            if (is_string($value) || is_int($value)) {
                $keys[$value] = $value;
            }
        }
        ksort($keys);

        return array_values($keys);
    }
}
