<?php

declare(strict_types=1);

namespace App\Log\Trace;

use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Receive\Delivery\DeliveryView;
use Sectum\Log\Place;
use Sectum\Log\Whereabouts;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;

/** Everything that came of a lot, where it is now, and where it came from. */
final readonly class RecallView
{
    /** @return Answer */
    public static function of(string $sought, Recalled $recalled, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $places = new FoundPlaces(Dish::known(), $settings->scaleStep);
        $found = [];
        $fish = [];
        foreach ($recalled->fish as $one) {
            $of = array_map(fn (array $pair): Place => $pair[1], $places->of($one));
            array_push($found, ...$of);
            $fish[] = [
                'fish' => FishHead::of($one, $words),
                'where' => array_map(
                    fn (Place $place): array => [
                        'name' => $place->name,
                        'mass' => $words->text($place->mass),
                        'pieces' => $place->pieces,
                    ],
                    Whereabouts::of($one->mass(), $of)->places,
                ),
            ];
        }
        $in = $recalled->fish->reduce(fn (Mass $sum, Fish $one): Mass => $sum->plus($one->mass()), Mass::zero());
        $where = Whereabouts::of($in, $found);

        return [
            'sought' => $sought,
            'lately' => Recalled::lately(),
            'back' => array_map(
                fn (DeliveryLine $line): array => [
                    'delivery' => $line->delivery_id,
                    'supplier' => $line->delivery->supplier->name,
                    'number' => $line->delivery->number,
                    'day' => DeliveryView::day($line->delivery->delivered_on),
                    'received_by' => $line->delivery->receiver->name,
                    'species' => $line->species->name,
                    'scientific' => $line->species->scientific,
                    'lot' => $line->lot,
                    'from' => DeliveryView::from($line),
                ],
                array_values($recalled->lines->all()),
            ),
            'in' => $words->mass($where->in),
            'places' => array_map(
                fn (Place $place): array => [
                    'name' => $place->name,
                    'family' => $place->family?->value,
                    'mass' => $words->mass($place->mass),
                    'share' => Percent::share($place->mass, $where->in)?->print(),
                    'pieces' => $place->pieces,
                ],
                $where->places,
            ),
            'unaccounted' => $words->mass($where->unaccounted),
            'fish' => $fish,
        ];
    }
}
