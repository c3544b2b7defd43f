<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Remembered;
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
        $bins = Remembered::of(
            'parts',
            ['parts'],
            fn (): array => CataloguePart::rows()->pluck('default_bin', 'part')->all(),
        );
        $bin = $bins[$part->value] ?? null;

        return is_string($bin) ? Bin::from($bin) : null;
    }
}
