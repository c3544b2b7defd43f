<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;

/** The fish that wait at a stage, oldest first, each with its keel. */
final readonly class Waiting
{
    private const MOST = 60;

    /** @return Answer */
    public static function at(Stage $stage, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $fish = Fish::forTheBench()->where('stage', $stage->value)->orderBy('number')->limit(self::MOST)->get();

        return [
            'fish' => array_map(
                fn (Fish $fish): array => [
                    'fish' => FishHead::of($fish, $words),
                    'keel' => KeelView::of($fish, FishTree::of($fish, $settings->scaleStep), $words),
                ],
                array_values($fish->all()),
            ),
        ];
    }
}
