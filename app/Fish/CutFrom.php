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
        $fillets = self::fillets($fish);

        return $part->comesOffAFillet() && $fillets !== [] ? $fillets[count($fillets) - 1] : $fish->whole();
    }

    /** @return list<Piece> the fillets on the board, weighed, in the order they came off */
    public static function fillets(Fish $fish): array
    {
        return array_values(
            $fish->pieces
                ->filter(fn (Piece $piece): bool => $piece->part->isFillet() && $piece->reading() !== null)
                ->all(),
        );
    }
}
