<?php

declare(strict_types=1);

namespace App\Fish;

use Sectum\Fish\Part;

/**
 * Which piece a part is taken to come off when nobody says: the fillet last laid down, for what comes off fillets; else
 * the fish.
 */
final readonly class CutFrom
{
    public static function usually(Fish $fish, Part $part): Piece
    {
        return $part->comesOffAFillet() ? self::lastFillet($fish) ?? $fish->whole() : $fish->whole();
    }

    /** The fillet last laid down, weighed. */
    public static function lastFillet(Fish $fish): ?Piece
    {
        $fillets = self::fillets($fish);

        return $fillets === [] ? null : $fillets[count($fillets) - 1];
    }

    /** @return list<Piece> those of them that came off the fish itself: sides, not what was cut from a side */
    public static function sides(Fish $fish): array
    {
        $whole = $fish->whole()->id;

        return array_values(
            array_filter(self::fillets($fish), fn (Piece $piece): bool => $piece->parent_id === $whole),
        );
    }

    /** @return list<Piece> the fillets on the board, weighed, in the order they came off */
    public static function fillets(Fish $fish): array
    {
        $fillets = [];
        foreach ($fish->weighed() as [$piece]) {
            if ($piece->part->isFillet()) {
                $fillets[] = $piece;
            }
        }

        return $fillets;
    }
}
