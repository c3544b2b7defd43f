<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

/** The names this house knows, for reading a search. */
final readonly class Vocabulary
{
    /** Words that say of what kind a name is: "from Harbourgate", "by Ilse", "for the hake dish", "lot H-2311". */
    private const LEADS = ['from' => Named::Supplier, 'by' => Named::Cutter, 'for' => Named::Dish, 'lot' => Named::Lot];

    /** @param  array<string, array<string, string>>  $names  by kind (Named), the name by its id */
    public function __construct(private array $names)
    {
    }

    /**
     * The longest name the words begin with.
     *
     * @param  list<string>  $words  lower case
     * @param  Named|null  $only  of this kind
     * @return Called|null null when nobody is so called
     */
    public function begins(array $words, ?Named $only = null): ?Called
    {
        for ($take = min(6, count($words)); $take > 0; $take--) {
            $said = implode(' ', array_slice($words, 0, $take));
            foreach ($only === null ? Named::cases() : [$only] as $kind) {
                $ids = $this->called($kind, $said);
                if ($ids !== []) {
                    return new Called($kind, $ids, $take);
                }
            }
        }

        return null;
    }

    /** What a word announces; null when it announces nothing. */
    public static function lead(string $word): ?Named
    {
        return self::LEADS[$word] ?? null;
    }

    /** @return list<string> ids of those so called: the very name, else those that have the words in them */
    private function called(Named $kind, string $said): array
    {
        $very = $within = [];
        foreach ($this->names[$kind->value] ?? [] as $id => $name) {
            $name = mb_strtolower($name);
            if ($name === $said) {
                $very[] = $id;
            } elseif (mb_strlen($said) > 2 && preg_match('/(^|\W)'.preg_quote($said, '/').'/u', $name) === 1) {
                $within[] = $id;
            }
        }

        return $very === [] ? $within : $very;
    }
}
