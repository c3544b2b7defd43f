<?php

declare(strict_types=1);

namespace App\Portion;

use App\BreakDown\Bench;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Measure\Piece;
use App\Measure\Words;
use App\Receive\CutFrom;
use App\Receive\Fish;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Band;
use Sectum\Portion\Forecast;
use Sectum\Portion\Tally;

/** What the portioning screen shows: the bench, and the run of portions beside its dish. */
final readonly class PortionBench
{
    /** What is weighed here besides portions, in the order of the keys. */
    public const PARTS = [Part::Portion, Part::Ends, Part::TailEnd, Part::Skin, Part::Belly, Part::PinBones, Part::DarkMuscle, Part::Trim];

    /** @return array<string, mixed> */
    public static function of(Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $dish = $fish->dish_id === null ? null : Dish::query()->find($fish->dish_id);
        $bench = Bench::of($fish, $person);
        $fillets = CutFrom::fillets($fish);
        $left = array_reduce($fillets, fn (Mass $sum, Piece $piece): Mass => $sum->plus(self::left($fish, $piece)), Mass::zero());

        return [
            ...$bench,
            'parts' => Bench::choices($fish, self::PARTS, $words),
            'sources' => array_map(fn (Piece $piece): array => [
                'piece' => $piece->id,
                'name' => $piece->name,
                'left' => $words->mass(self::left($fish, $piece)),
            ], $fillets),
            'dishes' => array_map(fn (Dish $dish): array => self::dish($dish, $words, $person->seesPrices() ? $settings : null, $left), array_values(Dish::query()->orderByDesc('target_mg')->get()->all())),
            'dish' => $dish?->id,
            'portions' => self::portions($fish, $dish?->band(), $words),
            'tally' => $dish === null ? null : self::tally($fish, $dish->band(), $words),
        ];
    }

    /** @return list<Piece> */
    public static function portionsOf(Fish $fish): array
    {
        return array_values($fish->pieces->filter(fn (Piece $piece): bool => $piece->part === Part::Portion && $piece->reading() !== null)->all());
    }

    /** What has not been cut off a piece yet. */
    private static function left(Fish $fish, Piece $piece): Mass
    {
        $left = $piece->reading()?->mass() ?? Mass::zero();
        foreach ($fish->pieces as $other) {
            $reading = $other->parent_id === $piece->id ? $other->reading() : null;
            $left = $reading === null ? $left : $left->minus($reading->mass());
        }

        return $left;
    }

    /** @return array<string, mixed> */
    private static function dish(Dish $dish, Words $words, ?Settings $prices, Mass $left): array
    {
        $band = $dish->band();
        $plain = ['id' => $dish->id, 'name' => $dish->name, 'target' => $words->mass($band->target), 'band' => '−'.$words->text($band->minus).' / +'.$words->text($band->plus), 'version' => $dish->version, 'fits' => Forecast::of($left, $band)];

        return $prices === null ? $plain : [...$plain, 'price' => $dish->price_minor === null ? null : Money::ofMinor($dish->price_minor, $prices->currency)->print()];
    }

    /** @return list<array<string, mixed>> */
    private static function portions(Fish $fish, ?Band $band, Words $words): array
    {
        $portions = [];
        foreach (self::portionsOf($fish) as $piece) {
            $mass = $piece->reading()?->mass() ?? Mass::zero();
            $portions[] = [
                'piece' => $piece->id,
                'name' => $piece->name,
                'reading' => $piece->reading()->id ?? '',
                'mass' => $words->mass($mass),
                'off' => $band === null ? null : $words->off($mass->minus($band->target)),
                'off_mg' => $band === null ? null : $mass->minus($band->target)->milligrams,
                'placed' => $band?->place($mass)->value,
            ];
        }

        return $portions;
    }

    /** @return array<string, mixed> */
    private static function tally(Fish $fish, Band $band, Words $words): array
    {
        $tally = Tally::of(array_map(fn (Piece $piece): Mass => $piece->reading()?->mass() ?? Mass::zero(), self::portionsOf($fish)), $band);

        return [
            'count' => $tally->count,
            'total' => $words->text($tally->total),
            'mean' => $tally->mean === null ? null : $words->text($tally->mean),
            'range' => $tally->lightest === null || $tally->heaviest === null ? null : $words->text($tally->lightest).' to '.$words->text($tally->heaviest),
            'scatter' => $tally->sdGrams === null ? null : '± '.$words->text(Mass::ofGrams($tally->sdGrams)),
            'under' => $tally->under,
            'over' => $tally->over,
            'given_away' => $words->text($tally->givenAway),
            'minus_mg' => $band->minus->milligrams,
            'plus_mg' => $band->plus->milligrams,
        ];
    }
}
