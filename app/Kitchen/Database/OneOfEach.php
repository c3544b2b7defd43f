<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * The one that belongs to each of these rows.
 *
 * @template TRelated of Model
 * @template TDeclaring of Model
 *
 * @extends HasOne<TRelated, TDeclaring>
 */
final class OneOfEach extends HasOne
{
    use EachKeyOnce;
}
