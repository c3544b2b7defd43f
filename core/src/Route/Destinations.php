<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;

/**
 * Where a part can go, best first, with the reason a kitchen would give; what is forbidden stands last with its reason.
 *
 * What a part is good for comes first, then the way of the house, then a batch this piece would complete, then what a
 * kilo is worth. A full bin stands behind those with room, and discard behind everything that is food.
 */
final readonly class Destinations
{
    /** What a part is best at, and what it can be as well. */
    private const BEST = 0;

    private const ALSO = 1;

    private const LAST = 2;

    /**
     * @param  list<Destination>  $ranked  allowed ones first; the first is where it goes unless someone says otherwise
     */
    private function __construct(public array $ranked)
    {
    }

    /**
     * @param  array<string, BinNeed>  $needs  how each bin stands, by its name; a bin that is missing has room and no
     *     value
     */
    public static function of(Leftover $piece, Ways $ways = new Ways(), array $needs = []): self
    {
        $may = [];
        $mayNot = [];
        foreach (self::uses($piece) as $use) {
            $bin = $use->bin;
            $forbidden = self::forbidden($piece, $bin, $ways);
            if ($forbidden !== null) {
                $mayNot[] = new Destination($bin, false, $forbidden);

                continue;
            }
            $need = $needs[$bin->value] ?? new BinNeed();
            $full = ! $need->fits($piece->mass);
            $completes = $need->completedBy($piece->mass);
            $usual = $ways->usual($piece->part) === $bin;
            $said = [
                $use->why,
                $usual && $use->tier !== self::BEST ? 'The house does it so.' : '',
                $full ? 'There is no room for it now.' : '',
                $completes && ! $full ? 'With it there is enough for a batch.' : '',
            ];
            $may[] = [
                [
                    $full ? 1 : 0,
                    $usual ? self::BEST - 1 : $use->tier,
                    $completes ? 0 : 1,
                    -($need->value->perKg->minor ?? 0),
                    count($may),
                ],
                new Destination(
                    $bin,
                    true,
                    implode(' ', array_filter($said, fn (string $one): bool => $one !== '')),
                    $use->prepare,
                ),
            ];
        }
        usort($may, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $never = array_map(fn (Destination $to): Bin => $to->bin, $mayNot);
        foreach ([Bin::Stock, Bin::Soup] as $pot) {
            $why = self::neverBoiled($piece->part);
            if ($why !== null && ! in_array($pot, $never, true)) {
                $mayNot[] = new Destination($pot, false, $why);
            }
        }

        return new self([
            ...array_map(fn (array $one): Destination => $one[1], $may),
            new Destination(Bin::Discard, true, self::discard($piece, $may === [])),
            ...$mayNot,
        ]);
    }

    public function first(): Bin
    {
        return $this->ranked[0]->bin;
    }

    public function to(Bin $bin): ?Destination
    {
        foreach ($this->ranked as $destination) {
            if ($destination->bin === $bin) {
                return $destination;
            }
        }

        return null;
    }

    /**
     * What such a part is good for, if nothing forbids it.
     *
     * @return list<GoodFor>
     */
    private static function uses(Leftover $piece): array
    {
        $rinse = 'Scrape the blood line out and rinse it cold.';

        return match ($piece->part) {
            Part::Head => [
                ...self::pot($piece->fat, self::BEST, 'Gills out, eyes out, blood rinsed off.'),
                new GoodFor(
                    Bin::Grill,
                    self::ALSO,
                    'Split, it grills well: cheeks and shoulder meat.',
                    'Gills out, split, rinsed.',
                ),
            ],
            Part::Frame, Part::Bones, Part::Fins, Part::Ribs => self::pot($piece->fat, self::BEST, $rinse),
            Part::PinBones => [
                ...self::pot($piece->fat, self::BEST, $rinse),
                new GoodFor(Bin::Mince, self::LAST, 'There is flesh on the strip.'),
            ],
            Part::Skin => [
                new GoodFor(
                    Bin::Crisp,
                    self::BEST,
                    'Scaled skin crisps.',
                    $piece->scaled === null
                        ? 'Nobody said whether it was scaled: rub it against the grain first.'
                        : 'Scrape it clean and dry it.',
                ),
                ...self::pot($piece->fat, self::ALSO, 'Rinse it cold.', 'White skin gives a stock its body.'),
            ],
            Part::Cheeks => [
                new GoodFor(Bin::Grill, self::BEST, self::prized($piece, 'Cheeks are a bite of their own.')),
                new GoodFor(Bin::Mince, self::ALSO, 'Clean flesh all the same.'),
            ],
            Part::Collar => [
                new GoodFor(
                    Bin::Grill,
                    self::BEST,
                    self::prized($piece, 'The shoulder is the richest bite on the fish.'),
                    'Gill stubs off, rinsed.',
                ),
                ...self::pot($piece->fat, self::ALSO, 'Gill stubs off, blood rinsed off.'),
            ],
            Part::Liver => [
                new GoodFor(
                    Bin::Roe,
                    self::BEST,
                    self::prized($piece, 'A fresh liver is kept with the roe.').' Sear it or cure it the same day.',
                    'Gall bladder off, whole.',
                ),
            ],
            Part::Roe => [
                new GoodFor(
                    Bin::Roe,
                    self::BEST,
                    self::prized($piece, 'A whole sac is prized, a broken one is stuffing.'),
                    'Do not cut into the sac.',
                ),
            ],
            Part::DarkMuscle => [
                new GoodFor(Bin::Mince, self::LAST, 'Bright dark muscle can go into the mince, a little at a time.'),
            ],
            Part::Belly => [
                ...self::raw(self::BEST, 'Fat belly is good raw.', 'Fat belly takes a light cure.'),
                new GoodFor(Bin::Grill, self::BEST, self::prized($piece, 'Fat belly sears well.')),
                new GoodFor(Bin::Mince, self::ALSO, 'Thin belly goes to mince.', 'Membrane off.'),
            ],
            Part::Scrapings => [
                new GoodFor(
                    Bin::Mince,
                    self::BEST,
                    'Spooned off the bone it is clean flesh: mince, cakes, filling.',
                    'Go over it for bones.',
                ),
                ...self::raw(self::ALSO, 'Spooned off the bone it makes tartare.', null),
            ],
            Part::Trim, Part::Ends, Part::TailEnd, Part::Frill => [
                ...self::raw(
                    self::BEST,
                    'Raw quality, and raw service is open to it: tartare, rolls.',
                    'A good piece takes a light cure.',
                ),
                new GoodFor(Bin::Mince, self::BEST, 'Clean flesh: mince, cakes, filling.', 'Go over it for bones.'),
                ...self::pot(
                    $piece->fat,
                    self::LAST,
                    'Rinse it cold.',
                    'Ends with skin or bone on still make stock.',
                ),
            ],
            Part::Guts, Part::Gills, Part::Scales, Part::Membrane => [],
            Part::Whole,
            Part::Fillets,
            Part::Fillet,
            Part::Side,
            Part::SideA,
            Part::SideB,
            Part::EyedSide,
            Part::BlindSide,
            Part::Loin,
            Part::LoinA,
            Part::LoinB,
            Part::BackLoin,
            Part::BellyLoin,
            Part::Steaks,
            Part::Portion => [
                ...self::raw(
                    self::BEST,
                    'Raw quality, and raw service is open to it: tartare, rolls.',
                    'A whole piece takes a light cure.',
                ),
                new GoodFor(Bin::Grill, self::BEST, 'A whole piece of flesh is worth a pan of its own.'),
                new GoodFor(
                    Bin::Mince,
                    self::BEST,
                    'Flesh that found no plate is still mince.',
                    'Go over it for bones.',
                ),
            ],
        };
    }

    /** Why this one may not go there, as its fish is; null when it may. */
    private static function forbidden(Leftover $piece, Bin $bin, Ways $ways): ?string
    {
        $pot = $bin === Bin::Stock || $bin === Bin::Soup;
        $organ = in_array($piece->part, [Part::Roe, Part::Liver, Part::Head], true);

        return match (true) {
            $piece->past => 'Its date is past: it only leaves weighed, into the discard.',
            $organ && $piece->has(Hazard::Ciguatera) => 'Head, liver and roe of a large reef fish carry most of '.
                'its poison.',
            $organ && $piece->part !== Part::Head && $piece->has(Hazard::Toxin) => Hazard::Toxin->caution(),
            $piece->has(Hazard::Purging) &&
                ($pot || in_array($piece->part, [Part::Liver, Part::Roe], true)) => 'Its oil purges, and it would all '.
                'be in there.',
            $bin === Bin::Stock && $piece->fat === FatClass::Oily => 'An oily fish makes a stock that tastes of '.
                'nothing else.',
            $bin === Bin::Crisp && $piece->scaled === false => 'Its scales are still on.',
            $piece->part === Part::PinBones && $bin === Bin::Mince => 'The pin bones are in it.',
            $piece->part === Part::DarkMuscle && ! $ways->keepsDarkMuscle => 'This house throws dark muscle '.
                'away: it tastes old first.',
            $piece->part === Part::DarkMuscle && ! $piece->bright => 'It is not bright any more: it would taste old.',
            $piece->part === Part::Liver && ! $piece->prized => 'Only the livers of fish known for them are kept.',
            $bin->isServedRaw() && $piece->notRaw !== null => $piece->notRaw,
            $bin->isServedRaw() && ! $piece->bright => 'It is not bright enough for raw service any more.',
            default => null,
        };
    }

    /** Parts that no pot ever sees, whatever the fish. */
    private static function neverBoiled(Part $part): ?string
    {
        return match ($part) {
            Part::Guts, Part::Gills => 'Guts and gills turn a stock bitter.',
            Part::Liver => 'Liver turns a stock bitter.',
            Part::Roe => 'Roe clouds a stock.',
            Part::DarkMuscle => 'Dark muscle makes a stock taste old.',
            Part::Scales, Part::Membrane => 'It gives a stock nothing but grit.',
            Part::Whole,
            Part::Head,
            Part::Collar,
            Part::Fins,
            Part::Frame,
            Part::Bones,
            Part::Fillets,
            Part::Fillet,
            Part::Side,
            Part::SideA,
            Part::SideB,
            Part::EyedSide,
            Part::BlindSide,
            Part::Loin,
            Part::LoinA,
            Part::LoinB,
            Part::BackLoin,
            Part::BellyLoin,
            Part::Steaks,
            Part::Cheeks,
            Part::Frill,
            Part::Ribs,
            Part::PinBones,
            Part::Belly,
            Part::Skin,
            Part::Scrapings,
            Part::Trim,
            Part::Ends,
            Part::TailEnd,
            Part::Portion => null,
        };
    }

    private static function discard(Leftover $piece, bool $only): string
    {
        return match (true) {
            $piece->past => 'Past its date. Weigh it, and say so.',
            $only => 'Nothing is made of it in this kitchen. Weighed all the same, so that the fish adds up.',
            default => 'Weighed all the same, so that the fish adds up.',
        };
    }

    private static function prized(Leftover $piece, string $why): string
    {
        return $piece->prized ? $why.' This fish is known for it.' : $why;
    }

    /** @return list<GoodFor> */
    private static function pot(
        FatClass $fat,
        int $tier,
        string $prepare,
        string $lean = 'White bones make a clear stock.',
    ): array {
        return [
            new GoodFor(Bin::Stock, $tier, $lean, $prepare),
            new GoodFor(
                Bin::Soup,
                $fat === FatClass::Oily ? $tier : self::LAST,
                $fat === FatClass::Oily
                    ? 'Oily bones make a soup of their own kind.'
                    : 'It can also go to a soup of its own kind.',
                $prepare,
            ),
        ];
    }

    /** @return list<GoodFor> */
    private static function raw(int $tier, string $tartare, ?string $cure): array
    {
        return [
            new GoodFor(Bin::Tartare, $tier, $tartare, 'Go over it for bones, and straight onto ice.'),
            ...$cure === null ? [] : [new GoodFor(Bin::Cure, $tier, $cure, 'Keep it in one piece.')],
        ];
    }
}
