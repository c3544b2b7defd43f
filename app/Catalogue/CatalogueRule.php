<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;

/**
 * What holds between the answers of a method, or between its steps: an "exclusion" (an option of a question makes no
 * sense, or the whole question does not), or an "order" (of two kinds of step one comes first).
 *
 * @property int $id
 * @property string $kind
 * @property string $first the question, or the kind of step that comes first
 * @property string $second the option, empty for the whole question; or the kind of step that comes next
 * @property string $choices under which answers
 * @property string $reason a code of the core for an exclusion, words for an order
 * @property string $source
 */
final class CatalogueRule extends Table
{
    protected $table = 'method_rules';
}
