<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Portion\Cuts\Slices;

/** `slices`: how many slices does a block give, and for how many covers? */
final readonly class SlicesComputation implements Computation
{
    public static function name(): string
    {
        return 'slices';
    }

    public function answer(Fields $request): array
    {
        $slices = Slices::of(
            $request->number('length_cm'),
            $request->number('width_cm'),
            $request->number('height_cm'),
            $request->number('thickness_mm'),
            $request->number('angle_deg', 90),
            $request->int('slices_per_cover', 1),
        );

        return [
            'slices' => $slices->slices,
            'slice_g' => $slices->sliceGrams,
            'face_cm2' => $slices->faceCm2,
            'offcut_g' => $slices->offcutGrams,
            'covers' => $slices->covers,
        ];
    }
}
