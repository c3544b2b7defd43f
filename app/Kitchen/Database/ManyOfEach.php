<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The many that belong to each of these rows.
 *
 * @template TRelated of Model
 * @template TDeclaring of Model
 *
 * @extends HasMany<TRelated, TDeclaring>
 */
final class ManyOfEach extends HasMany
{
    use EachKeyOnce;
}
