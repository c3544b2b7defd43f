<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;

/** Where a part can go, best first, with the reason a kitchen would give; what is forbidden stands last with its reason. */
final readonly class Destinations
{
    /**
     * @param  list<Destination>  $ranked  allowed ones first; the first is where it goes unless someone says otherwise
     */
    private function __construct(public array $ranked)
    {
    }

    public static function of(Part $part, FatClass $fat): self
    {
        $ranked = match ($part) {
            Part::Head, Part::Frame, Part::Bones, Part::Fins, Part::Ribs, Part::PinBones => [
                ...self::bones($fat),
                ...($part === Part::Head ? [self::may(Bin::Grill, 'Cheeks and collar meat are worth a grill.')] : []),
            ],
            Part::Skin => [
                self::may(Bin::Crisp, 'Scaled skin crisps.'),
                ...self::bones($fat),
            ],
            Part::Cheeks => [self::may(Bin::Grill, 'Cheeks are a bite of their own.')],
            Part::Liver => [self::may(Bin::Roe, 'A fresh liver is kept with the roe: sear it or cure it the same day.'), self::mayNot(Bin::Stock, 'Liver turns a stock bitter.')],
            Part::Collar => [self::may(Bin::Grill, 'The shoulder is the richest bite on the fish.'), ...self::bones($fat)],
            Part::Belly => [self::may(Bin::Grill, 'Fat belly sears well.'), self::may(Bin::Mince, 'Thin belly goes to mince.')],
            Part::Roe => [self::may(Bin::Roe, 'A whole sac is prized, a broken one is stuffing.'), self::mayNot(Bin::Stock, 'Roe clouds a stock.')],
            Part::Guts, Part::Gills => [self::mayNot(Bin::Stock, 'Guts and gills turn a stock bitter.')],
            Part::DarkMuscle => [self::mayNot(Bin::Stock, 'Dark muscle makes a stock taste old.')],
            Part::Scales, Part::Membrane => [],
            Part::Scrapings, Part::Trim, Part::Ends, Part::TailEnd, Part::Frill => [
                self::may(Bin::Mince, 'Clean flesh: mince, cakes, filling.'),
                ...self::bones($fat, 'Ends with skin or bone on still make stock.'),
            ],
            default => [self::may(Bin::Mince, 'Flesh that found no plate is still mince.')],
        };
        $allowed = array_filter($ranked, fn (Destination $d): bool => $d->allowed && $d->bin !== Bin::Discard);

        return new self([
            ...array_values($allowed),
            self::may(Bin::Discard, $allowed === [] ? 'No use for it in this kitchen.' : 'Weighed all the same, so that the fish adds up.'),
            ...array_values(array_filter($ranked, fn (Destination $d): bool => ! $d->allowed)),
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

    /** @return list<Destination> */
    private static function bones(FatClass $fat, string $lean = 'White bones make a clear stock.'): array
    {
        return $fat === FatClass::Oily
            ? [
                self::may(Bin::Soup, 'Oily bones make a soup of their own kind.'),
                self::mayNot(Bin::Stock, 'An oily fish makes a stock that tastes of nothing else.'),
            ]
            : [self::may(Bin::Stock, $lean)];
    }

    private static function may(Bin $bin, string $why): Destination
    {
        return new Destination($bin, true, $why);
    }

    private static function mayNot(Bin $bin, string $why): Destination
    {
        return new Destination($bin, false, $why);
    }
}
