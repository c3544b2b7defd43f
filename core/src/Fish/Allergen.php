<?php

declare(strict_types=1);

namespace Sectum\Fish;

/**
 * What may make a guest ill, as two codes list it: the fourteen of EU 1169/2011 Annex II, and the nine of the US list
 * (FALCPA with the FASTER Act).
 */
enum Allergen: string
{
    case Gluten = 'gluten';
    case Crustaceans = 'crustaceans';
    case Eggs = 'eggs';
    case Fish = 'fish';
    case Peanuts = 'peanuts';
    case Soy = 'soy';
    case Milk = 'milk';
    case Nuts = 'nuts';
    case Celery = 'celery';
    case Mustard = 'mustard';
    case Sesame = 'sesame';
    case Sulphites = 'sulphites';
    case Lupin = 'lupin';
    case Molluscs = 'molluscs';

    public function spoken(): string
    {
        return match ($this) {
            self::Nuts => 'tree nuts',
            self::Gluten,
            self::Crustaceans,
            self::Eggs,
            self::Fish,
            self::Peanuts,
            self::Soy,
            self::Milk,
            self::Celery,
            self::Mustard,
            self::Sesame,
            self::Sulphites,
            self::Lupin,
            self::Molluscs => $this->value,
        };
    }

    /** Whether the nine of the US list name it; there gluten stands for wheat. */
    public function isOfTheNine(): bool
    {
        return match ($this) {
            self::Gluten,
            self::Crustaceans,
            self::Eggs,
            self::Fish,
            self::Peanuts,
            self::Soy,
            self::Milk,
            self::Nuts,
            self::Sesame => true,
            self::Celery, self::Mustard, self::Sulphites, self::Lupin, self::Molluscs => false,
        };
    }

    /**
     * Each once, in the order of the list; those the list of the house does not name are left out.
     *
     * @param  list<self>  $some
     * @return list<self>
     */
    public static function listed(array $some, bool $onlyTheNine = false): array
    {
        return array_values(
            array_filter(
                self::cases(),
                fn (self $one): bool => in_array($one, $some, true) && (! $onlyTheNine || $one->isOfTheNine()),
            ),
        );
    }
}
