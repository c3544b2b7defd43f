<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Row;
use App\Kitchen\Database\Table;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Receive\Attribute;
use Sectum\Receive\WeightRow;

/**
 * How much an attribute of freshness counts.
 *
 * @property string $fat empty for any
 * @property string $form empty for any
 * @property string $attribute
 * @property float $weight
 * @property string $source
 */
final class FreshnessWeight extends Table
{
    protected $table = 'freshness_weights';

    /** @return array<string, float> by attribute, on a fish of this kind */
    public static function of(Species $species): array
    {
        return WeightRow::on(
            $species->fat,
            $species->form,
            array_map(
                fn (Row $row): WeightRow => new WeightRow(
                    FatClass::tryFrom($row->text('fat')),
                    BodyForm::tryFrom($row->text('form')),
                    Attribute::from($row->text('attribute')),
                    $row->number('weight'),
                ),
                Row::all(self::rows()->get()),
            ),
        );
    }
}
