<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;

/** How much an attribute counts, for all fish or for some. */
final readonly class WeightRow
{
    /**
     * @param  FatClass|null  $fat  null for any
     * @param  BodyForm|null  $form  null for any
     * @param  float  $weight  above 0; 1 counts as one of six alike
     */
    public function __construct(
        public ?FatClass $fat,
        public ?BodyForm $form,
        public Attribute $attribute,
        public float $weight,
    ) {
    }

    /**
     * What each attribute counts on such a fish: of the rows about it the one that names most; 1 where none does.
     *
     * @param  list<self>  $rows
     * @return array<string, float> by code of the attribute
     */
    public static function on(FatClass $fat, BodyForm $form, array $rows): array
    {
        $weights = [];
        $named = [];
        foreach ($rows as $row) {
            if (($row->fat ?? $fat) !== $fat || ($row->form ?? $form) !== $form) {
                continue;
            }
            $names = ($row->fat === null ? 0 : 1) + ($row->form === null ? 0 : 1);
            $code = $row->attribute->value;
            if ($names > ($named[$code] ?? -1)) {
                [$weights[$code], $named[$code]] = [$row->weight, $names];
            }
        }

        return $weights;
    }
}
