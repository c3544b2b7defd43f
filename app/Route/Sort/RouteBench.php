<?php

declare(strict_types=1);

namespace App\Route\Sort;

use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\KeelView;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\PricePerKg;
use Sectum\Message;
use Sectum\Route\Destination;
use Sectum\Route\Preparation;

/** What the routing screen shows: every part that is not a portion, where it goes, and why. */
final readonly class RouteBench
{
    /** @return Answer */
    public static function of(Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $sorting = new Sorting($fish, $settings);
        $scrapings = new Scrapings($fish, $settings);
        $pieces = $sorting->pieces();

        return [
            'fish' => FishHead::of($fish, $words),
            'keel' => KeelView::of($fish, $sorting->tree(), $words),
            'rows' => array_map(
                fn (Piece $piece): array => self::row(
                    $sorting,
                    $scrapings,
                    $piece,
                    $words,
                    $person->seesPrices() ? $settings : null,
                ),
                $pieces,
            ),
            'bins' => self::bins($sorting, $pieces, $words),
        ];
    }

    /**
     * @param  Settings|null  $prices  null for whoever does not see any
     * @return Answer
     */
    private static function row(
        Sorting $sorting,
        Scrapings $scrapings,
        Piece $piece,
        Words $words,
        ?Settings $prices,
    ): array {
        $destinations = $sorting->destinations($piece);
        $bin = self::going($sorting, $piece);

        return [
            'piece' => $piece->id,
            'name' => $piece->name,
            'part' => $piece->part->value,
            'mass' => $words->mass($piece->reading()?->mass() ?? Mass::zero()),
            'bin' => $bin?->value,
            'decided' => $piece->bin !== null,
            'family' => ($bin?->family() ?? $piece->part->family())->value,
            'why' => $bin === null
                    ? 'Lighter than its dish allows: served as it is, or sent to a bin.'
                    : $words->sayAll($destinations->to($bin)->why ?? []),
            'prepare' => $bin === null ? '' : self::prepare($destinations->to($bin)?->prepare, $words),
            'options' => array_map(
                fn (Destination $to): array => [
                    'bin' => $to->bin->value,
                    'name' => $to->bin->spoken(),
                    'family' => $to->bin->family()->value,
                    'allowed' => $to->allowed,
                    'why' => $words->sayAll($to->why),
                    'prepare' => self::prepare($to->prepare, $words),
                    'rate' => $prices === null || ! $to->allowed || $to->bin === Bin::Discard
                            ? null
                            : self::rate($sorting->worth($to), $words),
                ],
                $destinations->ranked,
            ),
            'may_be_served' => $piece->part === Part::Portion,
            'broken' => $piece->part === Part::Roe ? $piece->broken : null,
            'scrape' => self::scrape($scrapings, $piece, $words, $prices !== null),
        ];
    }

    /** Whether a spoon over it would pay, in one sentence; null where it finds nothing. */
    private static function scrape(Scrapings $scrapings, Piece $piece, Words $words, bool $priced): ?string
    {
        $scraping = $scrapings->of($piece);

        return $scraping === null ? null : $words->say($scraping->says($priced));
    }

    /** Where a piece goes if nobody says otherwise; null for a light portion that stays on its plate. */
    private static function going(Sorting $sorting, Piece $piece): ?Bin
    {
        return $piece->bin ?? ($piece->part === Part::Portion ? null : $sorting->destinations($piece)->first());
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Answer>
     */
    private static function bins(Sorting $sorting, array $pieces, Words $words): array
    {
        $bins = [];
        foreach (Bin::cases() as $bin) {
            $into = array_filter($pieces, fn (Piece $piece): bool => self::going($sorting, $piece) === $bin);
            $mass = array_reduce(
                $into,
                fn (Mass $sum, Piece $piece): Mass => $sum->plus($piece->reading()?->mass() ?? Mass::zero()),
                Mass::zero(),
            );
            $bins[] = [
                'bin' => $bin->value,
                'name' => $bin->spoken(),
                'family' => $bin->family()->value,
                'mass' => $mass->isPositive() ? $words->mass($mass) : null,
            ];
        }

        return $bins;
    }

    private static function prepare(?Preparation $first, Words $words): string
    {
        return $first === null ? '' : $words->say(new Message($first));
    }

    private static function rate(?PricePerKg $worth, Words $words): ?string
    {
        return $worth === null ? null : $words->rate($worth)->text();
    }
}
