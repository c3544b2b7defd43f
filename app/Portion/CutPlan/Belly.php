<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Fish\Fish;
use App\Fish\Piece;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Portion\Zones\BellyFlap;

/** The belly a side still has. */
final readonly class Belly
{
    /** What is left of it on a side; nothing once it was weighed off it, or where the fish has none to take off. */
    public static function on(Fish $fish, Piece $side): BellyFlap
    {
        foreach ($fish->weighed() as [$piece]) {
            if ($piece->parent_id === $side->id && in_array($piece->part, [Part::Belly, Part::BellyLoin], true)) {
                return new BellyFlap(0);
            }
        }

        return in_array($side->part, [Part::SideA, Part::SideB, Part::Side, Part::Fillet], true)
            ? self::flap($fish)
            : new BellyFlap(0);
    }

    /** Of a side of this kind as it comes off the fish. */
    public static function flap(Fish $fish): BellyFlap
    {
        return match ($fish->species->form) {
            BodyForm::Round => new BellyFlap(),
            BodyForm::Flat, BodyForm::Tail => new BellyFlap(0),
        };
    }
}
