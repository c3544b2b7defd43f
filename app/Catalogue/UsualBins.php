<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\SmallTables;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;

/** Where each part usually goes. */
final readonly class UsualBins
{
    /** Of a part that is no fillet: where it goes as trim; null for a fillet, and for what goes to no bin. */
    public static function ofTrim(Part $part): ?Bin
    {
        return $part->isFillet() ? null : self::of($part);
    }

    /** Null for what goes to no bin. */
    public static function of(Part $part): ?Bin
    {
        $bin = SmallTables::all('parts')[$part->value][0]['default_bin'] ?? null;

        return is_string($bin) ? Bin::from($bin) : null;
    }
}
