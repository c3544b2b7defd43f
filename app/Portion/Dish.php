<?php

declare(strict_types=1);

namespace App\Portion;

use App\Kitchen\Record;
use Sectum\Measure\Mass;
use Sectum\Portion\Band;

/**
 * A dish portions are cut for: its weight, its band, and the rest of its plate.
 *
 * @property string $id
 * @property string $name
 * @property int $target_mg
 * @property int $minus_mg
 * @property int $plus_mg
 * @property int $sides_minor
 * @property string $surcharge_pct a decimal
 * @property int|null $price_minor with tax
 * @property string|null $target_cost_pct a decimal
 * @property int $version
 */
final class Dish extends Record
{
    protected $table = 'dishes';

    public function band(): Band
    {
        return Band::of(Mass::ofMilligrams($this->target_mg), Mass::ofMilligrams($this->minus_mg), Mass::ofMilligrams($this->plus_mg));
    }
}
