<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;

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

    /** Only when somebody looks at it and says so: a meaty one. */
    private const SELDOM = 3;

    /** Of what the grill's bin is worth, by what of it can be eaten. Estimates. */
    private const FRAME_WORTH_PCT = 20;

    private const FINS_WORTH_PCT = 35;

    /** Of what mince is worth: loose roe binds a stuffing, and no more. Estimate. */
    private const BROKEN_ROE_WORTH_PCT = 60;

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
                $mayNot[] = new Destination($bin, false, [$forbidden]);

                continue;
            }
            $need = $needs[$bin->value] ?? new BinNeed();
            $full = ! $need->fits($piece->mass);
            $completes = $need->completedBy($piece->mass);
            $usual = $ways->usual($piece->part) === $bin;
            $said = [
                ...$use->why,
                ...$usual && $use->tier !== self::BEST ? [RoutingReason::HouseWay] : [],
                ...$full ? [RoutingReason::NoRoom] : [],
                ...$completes && ! $full ? [RoutingReason::CompletesBatch] : [],
            ];
            $may[] = [
                [
                    $full ? 1 : 0,
                    $usual ? self::BEST - 1 : $use->tier,
                    $completes ? 0 : 1,
                    -intdiv(($need->value->perKg->minor ?? 0) * $use->worthPct, 100),
                    count($may),
                ],
                new Destination(
                    $bin,
                    true,
                    self::said(...$said),
                    $use->prepare,
                    $use->worthPct,
                ),
            ];
        }
        usort($may, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $never = array_map(fn (Destination $to): Bin => $to->bin, $mayNot);
        foreach ([Bin::Stock, Bin::Soup] as $pot) {
            $why = Pots::neverBoiled($piece->part);
            if ($why !== null && ! in_array($pot, $never, true)) {
                $mayNot[] = new Destination($pot, false, self::said($why));
            }
        }

        return new self([
            ...array_map(fn (array $one): Destination => $one[1], $may),
            new Destination(Bin::Discard, true, self::said(self::discard($piece, $may === []))),
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

    /** Of the bin's value a kilo of such a part counts for there, in percent. */
    public static function worthPct(Part $part, Bin $bin, bool $broken = false): int
    {
        foreach (self::uses(new Leftover($part, FatClass::Lean, Mass::zero(), broken: $broken)) as $use) {
            if ($use->bin === $bin) {
                return $use->worthPct;
            }
        }

        return 100;
    }

    /**
     * What such a part is good for, if nothing forbids it.
     *
     * @return list<GoodFor>
     */
    private static function uses(Leftover $piece): array
    {
        $rinse = Preparation::BloodLineOut;

        return match ($piece->part) {
            Part::Head => [
                ...self::pot($piece->fat, self::BEST, Preparation::GillsAndEyesOut),
                new GoodFor(
                    Bin::Grill,
                    self::ALSO,
                    [RoutingReason::HeadGrills],
                    Preparation::SplitAndRinsed,
                ),
            ],
            Part::Frame => [
                ...self::pot($piece->fat, self::BEST, $rinse),
                new GoodFor(Bin::Grill, self::SELDOM, [RoutingReason::FrameGrills], $rinse, self::FRAME_WORTH_PCT),
            ],
            Part::Fins => [
                ...self::pot($piece->fat, self::BEST, $rinse),
                new GoodFor(
                    Bin::Grill,
                    self::SELDOM,
                    [RoutingReason::FinsGrill],
                    Preparation::ScrapeAndDry,
                    self::FINS_WORTH_PCT,
                ),
            ],
            Part::Bones, Part::Ribs => self::pot($piece->fat, self::BEST, $rinse),
            Part::PinBones => [
                ...self::pot($piece->fat, self::BEST, $rinse),
                new GoodFor(Bin::Mince, self::LAST, [RoutingReason::FleshOnStrip]),
            ],
            Part::Skin => [
                new GoodFor(
                    Bin::Crisp,
                    self::BEST,
                    [RoutingReason::SkinCrisps],
                    $piece->scaled === null
                        ? Preparation::CheckScales
                        : Preparation::ScrapeAndDry,
                ),
                ...self::pot($piece->fat, self::ALSO, Preparation::RinseCold, RoutingReason::SkinGivesBody),
            ],
            Part::Cheeks => [
                new GoodFor(Bin::Grill, self::BEST, self::prized($piece, RoutingReason::Cheeks)),
                new GoodFor(Bin::Mince, self::ALSO, [RoutingReason::CleanFleshToo]),
            ],
            Part::Collar => [
                new GoodFor(
                    Bin::Grill,
                    self::BEST,
                    self::prized($piece, RoutingReason::Shoulder),
                    Preparation::GillStubsOff,
                ),
                ...self::pot($piece->fat, self::ALSO, Preparation::GillStubsAndBloodOff),
            ],
            Part::Liver => [
                new GoodFor(
                    Bin::Roe,
                    self::BEST,
                    [...self::prized($piece, RoutingReason::FreshLiver), RoutingReason::SearOrCure],
                    Preparation::GallBladderOff,
                ),
            ],
            Part::Roe => [
                new GoodFor(
                    Bin::Roe,
                    self::BEST,
                    self::prized($piece, RoutingReason::WholeSac),
                    Preparation::KeepSacWhole,
                ),
                ...$piece->broken
                    ? [
                        new GoodFor(
                            Bin::Mince,
                            self::BEST,
                            [RoutingReason::BrokenSac],
                            Preparation::RoeThroughASieve,
                            self::BROKEN_ROE_WORTH_PCT,
                        ),
                    ]
                    : [],
            ],
            Part::DarkMuscle => [
                new GoodFor(Bin::Mince, self::LAST, [RoutingReason::BrightDarkMuscle]),
            ],
            Part::Belly => [
                ...self::raw(self::BEST, RoutingReason::FatBellyRaw, RoutingReason::FatBellyCured),
                new GoodFor(Bin::Grill, self::BEST, self::prized($piece, RoutingReason::FatBellySeared)),
                new GoodFor(Bin::Mince, self::ALSO, [RoutingReason::ThinBelly], Preparation::MembraneOff),
            ],
            Part::Scrapings => [
                new GoodFor(
                    Bin::Mince,
                    self::BEST,
                    [RoutingReason::SpoonedClean],
                    Preparation::BonesOut,
                ),
                ...self::raw(self::ALSO, RoutingReason::SpoonedRaw, null),
            ],
            Part::Trim, Part::Ends, Part::TailEnd, Part::Frill => [
                ...self::raw(
                    self::BEST,
                    RoutingReason::RawQuality,
                    RoutingReason::GoodPieceCured,
                ),
                new GoodFor(Bin::Mince, self::BEST, [RoutingReason::CleanFlesh], Preparation::BonesOut),
                ...self::pot(
                    $piece->fat,
                    self::LAST,
                    Preparation::RinseCold,
                    RoutingReason::EndsMakeStock,
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
                    RoutingReason::RawQuality,
                    RoutingReason::WholePieceCured,
                ),
                new GoodFor(Bin::Grill, self::BEST, [RoutingReason::WholePieceGrilled]),
                new GoodFor(
                    Bin::Mince,
                    self::BEST,
                    [RoutingReason::NoPlate],
                    Preparation::BonesOut,
                ),
            ],
        };
    }

    /** Why this one may not go there, as its fish is; null when it may. */
    private static function forbidden(Leftover $piece, Bin $bin, Ways $ways): ?Message
    {
        $pot = $bin === Bin::Stock || $bin === Bin::Soup;
        $liverOrRoe = in_array($piece->part, [Part::Liver, Part::Roe], true);
        $organ = $liverOrRoe || $piece->part === Part::Head;

        return match (true) {
            $piece->past => new Message(RoutingReason::DatePast),
            $organ && $piece->has(Hazard::Ciguatera) => new Message(RoutingReason::ReefPoison),
            $liverOrRoe && $piece->has(Hazard::Toxin) => new Message(
                RoutingReason::Hazard,
                ['caution' => Hazard::Toxin->caution()],
            ),
            $piece->has(Hazard::Purging) && ($pot || $liverOrRoe) => new Message(RoutingReason::OilPurges),
            $bin === Bin::Stock && $piece->fat === FatClass::Oily => new Message(RoutingReason::OilyStock),
            $piece->part === Part::Roe && $bin === Bin::Roe && $piece->broken => new Message(RoutingReason::SacBroken),
            $bin === Bin::Crisp && $piece->scaled === false => new Message(RoutingReason::ScalesOn),
            $piece->part === Part::PinBones && $bin === Bin::Mince => new Message(RoutingReason::PinBonesInIt),
            $piece->part === Part::DarkMuscle && ! $ways->keepsDarkMuscle => new Message(
                RoutingReason::HouseDiscardsDarkMuscle,
            ),
            $piece->part === Part::DarkMuscle && ! $piece->bright => new Message(RoutingReason::DarkMuscleDull),
            $piece->part === Part::Liver && ! $piece->prized => new Message(RoutingReason::LiverNotPrized),
            $bin->isServedRaw() && $piece->notRaw !== null => new Message(
                RoutingReason::NotRaw,
                ['why' => $piece->notRaw],
            ),
            $bin->isServedRaw() && ! $piece->bright => new Message(RoutingReason::NotBright),
            default => null,
        };
    }

    private static function discard(Leftover $piece, bool $only): RoutingReason
    {
        return match (true) {
            $piece->past => RoutingReason::DiscardPast,
            $only => RoutingReason::NothingIsMade,
            default => RoutingReason::WeighedAllTheSame,
        };
    }

    /** @return non-empty-list<RoutingReason> */
    private static function prized(Leftover $piece, RoutingReason $why): array
    {
        return $piece->prized ? [$why, RoutingReason::KnownForIt] : [$why];
    }

    /** @return list<GoodFor> */
    private static function pot(
        FatClass $fat,
        int $tier,
        Preparation $prepare,
        RoutingReason $lean = RoutingReason::WhiteBones,
    ): array {
        return [
            new GoodFor(Bin::Stock, $tier, [$lean], $prepare),
            new GoodFor(
                Bin::Soup,
                $fat === FatClass::Oily ? $tier : self::LAST,
                [$fat === FatClass::Oily ? RoutingReason::OilyBones : RoutingReason::OwnSoup],
                $prepare,
            ),
        ];
    }

    /** @return list<GoodFor> */
    private static function raw(int $tier, RoutingReason $tartare, ?RoutingReason $cure): array
    {
        return [
            new GoodFor(Bin::Tartare, $tier, [$tartare], Preparation::BonesOutOnIce),
            ...$cure === null ? [] : [new GoodFor(Bin::Cure, $tier, [$cure], Preparation::OnePiece)],
        ];
    }

    /** @return non-empty-list<Message> */
    private static function said(RoutingReason $first, RoutingReason ...$more): array
    {
        return [
            new Message($first),
            ...array_map(fn (RoutingReason $one): Message => new Message($one), array_values($more)),
        ];
    }
}
