<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;

/**
 * A step of a method; the questions it depends on stand in its choices.
 *
 * @property string $method
 * @property int $step
 * @property string $action which kind of step it is; empty for the house's own
 * @property string $choices
 * @property string $doing
 * @property string $why
 * @property string $parts that come off
 * @property string $place
 * @property string $tools
 * @property string $caution
 * @property string $inspect
 * @property string $cue
 * @property string $mistake
 * @property string $mistake_costs
 * @property string $drawing code of its two drawings, right and wrong
 * @property float $seconds
 * @property float $seconds_per_kg
 * @property string $source
 */
final class CatalogueStep extends Table
{
    protected $table = 'method_steps';
}
