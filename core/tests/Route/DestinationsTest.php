<?php

declare(strict_types=1);

namespace Sectum\Tests\Route;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\Bin;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Route\BinNeed;
use Sectum\Route\Destination;
use Sectum\Route\Destinations;
use Sectum\Route\Leftover;
use Sectum\Route\RoutingReason;
use Sectum\Route\Ways;
use Sectum\Tests\Euro;

final class DestinationsTest extends TestCase
{
    private const NEVER_BOILED = [Part::Guts, Part::Gills, Part::Roe, Part::Liver, Part::DarkMuscle];

    /**
     * @return iterable<array{Leftover, Ways}> every part of every kind of fish, in every state it can be in, under
     *     every way of a house
     */
    private static function everything(): iterable
    {
        $hazards = [[], ...array_map(fn (Hazard $one): array => [$one], Hazard::cases())];
        foreach (Part::cases() as $part) {
            foreach (FatClass::cases() as $fat) {
                foreach ($hazards as $of) {
                    foreach ([true, false, null] as $scaled) {
                        for ($bits = 0; $bits < 256; $bits++) {
                            yield [
                                new Leftover(
                                    $part,
                                    $fat,
                                    Mass::ofGrams(300),
                                    $of,
                                    $scaled,
                                    ($bits & 1) > 0,
                                    ($bits & 2) > 0 ? null : 'No papers.',
                                    ($bits & 4) > 0,
                                    ($bits & 8) > 0,
                                ),
                                new Ways(($bits & 16) > 0, ($bits & 32) > 0, ($bits & 64) > 0, ($bits & 128) > 0),
                            ];
                        }
                    }
                }
            }
        }
    }

    /** The law of the kitchen, written down a second time: why this may never go there; null when it may. */
    private static function law(Leftover $piece, Ways $ways, Bin $bin): ?string
    {
        $pot = $bin === Bin::Stock || $bin === Bin::Soup;

        return match (true) {
            $bin === Bin::Discard => null,
            $piece->past => 'past its date',
            in_array($piece->part, [Part::Guts, Part::Gills, Part::Scales, Part::Membrane], true) => 'no food',
            $pot && in_array($piece->part, self::NEVER_BOILED, true) => 'never boiled',
            $bin === Bin::Stock && $piece->fat === FatClass::Oily => 'oily bones in a white stock',
            $bin === Bin::Crisp && ($piece->scaled === false || $piece->part !== Part::Skin) => 'scales, or no skin',
            $bin->isServedRaw() && ($piece->notRaw !== null || ! $piece->bright) => 'raw service is closed',
            $piece->part === Part::DarkMuscle && ! ($ways->keepsDarkMuscle && $piece->bright) => 'dark muscle',
            $piece->part === Part::PinBones && $bin !== Bin::Stock && $bin !== Bin::Soup => 'bones',
            $piece->has(Hazard::Ciguatera) &&
                in_array($piece->part, [Part::Liver, Part::Roe, Part::Head], true) => 'ciguatera',
            in_array($piece->part, [Part::Liver, Part::Roe], true) &&
                ($piece->has(Hazard::Toxin) || $piece->has(Hazard::Purging)) => 'poison or oil',
            $pot && $piece->has(Hazard::Purging) => 'purging oil',
            default => null,
        };
    }

    public function test_everything_has_a_place_and_a_reason_and_nothing_forbidden_is_ever_ranked(): void
    {
        $seen = $allowedSeen = 0;
        foreach (self::everything() as [$piece, $ways]) {
            $ranked = Destinations::of($piece, $ways)->ranked;
            $bins = [];
            $refused = false;
            $food = 0;
            foreach ($ranked as $to) {
                $seen++;
                if (! $to->allowed) {
                    $refused = true;
                } elseif ($refused || self::law($piece, $ways, $to->bin) !== null) {
                    self::fail(
                        "{$piece->part->value} of a {$piece->fat->value} fish to {$to->bin->value}: ".
                            (self::law($piece, $ways, $to->bin) ?? 'ranked after what is refused'),
                    );
                }
                $allowedSeen += $to->allowed ? 1 : 0;
                $food += $to->allowed && $to->bin !== Bin::Discard ? 1 : 0;
                if (isset($bins[$to->bin->value])) {
                    self::fail(
                        "{$piece->part->value} to {$to->bin->value}: twice",
                    );
                }
                $bins[$to->bin->value] = true;
            }
            if (! $ranked[0]->allowed || ! isset($bins['discard']) || ($food > 0 && $ranked[0]->bin === Bin::Discard)) {
                self::fail("{$piece->part->value} of a {$piece->fat->value} fish has nowhere to go.");
            }
        }
        self::assertGreaterThan(1_000_000, $seen);
        self::assertGreaterThan(500_000, $allowedSeen);
    }

    public function test_every_body_form_gives_only_parts_that_are_food_unless_they_never_are(): void
    {
        foreach (BodyForm::cases() as $form) {
            foreach ([...$form->parts(), ...$form->quickParts()] as $part) {
                foreach (FatClass::cases() as $fat) {
                    $first = Destinations::of(
                        new Leftover($part, $fat, Mass::ofGrams(200), scaled: true, prized: true),
                    )->first();
                    $never = in_array(
                        $part,
                        [Part::Guts, Part::Gills, Part::Scales, Part::Membrane, Part::DarkMuscle],
                        true,
                    );
                    self::assertSame($never, $first === Bin::Discard, "{$part->value}, {$fat->value}");
                }
            }
        }
    }

    public function test_what_must_not_be_boiled_says_why(): void
    {
        foreach (self::NEVER_BOILED as $part) {
            foreach (FatClass::cases() as $fat) {
                foreach ([Bin::Stock, Bin::Soup] as $pot) {
                    $to = self::destinations($part, $fat)->to($pot);
                    self::assertNotNull($to, $part->value);
                    self::assertFalse($to->allowed);
                }
            }
        }
    }

    public function test_oily_bones_make_only_their_own_soup(): void
    {
        self::assertSame(Bin::Soup, self::destinations(Part::Frame, FatClass::Oily)->first());
        self::assertFalse(self::destinations(Part::Frame, FatClass::Oily)->to(Bin::Stock)->allowed ?? true);
        self::assertSame(Bin::Stock, self::destinations(Part::Frame)->first());
    }

    public function test_schools_differ_by_the_house(): void
    {
        self::assertSame(
            [Bin::Stock, Bin::Grill],
            [
                self::destinations(Part::Head)->first(),
                self::destinations(Part::Head, ways: new Ways(grillsHeads: true))->first(),
            ],
        );
        self::assertSame(
            [Bin::Grill, Bin::Stock],
            [
                self::destinations(Part::Collar)->first(),
                self::destinations(Part::Collar, ways: new Ways(boilsCollars: true))->first(),
            ],
        );
        self::assertSame(
            [Bin::Crisp, Bin::Stock],
            [
                self::destinations(Part::Skin)->first(),
                self::destinations(Part::Skin, ways: new Ways(skinsInStock: true))->first(),
            ],
        );
        self::assertSame(
            [Bin::Discard, Bin::Mince],
            [
                self::destinations(Part::DarkMuscle)->first(),
                self::destinations(Part::DarkMuscle, ways: new Ways(keepsDarkMuscle: true))->first(),
            ],
        );
        self::assertSame(
            Bin::Soup,
            self::destinations(Part::Skin, FatClass::Oily, new Ways(skinsInStock: true), scaled: false)->first(),
            'no white stock of an oily fish, whatever the house does',
        );
    }

    public function test_raw_quality_is_worth_most_where_raw_service_is_open(): void
    {
        $worth = [
            'tartare' => new BinNeed(Euro::perKg(1400)),
            'cure' => new BinNeed(Euro::perKg(1200)),
            'mince' => new BinNeed(Euro::perKg(900)),
            'stock' => new BinNeed(Euro::perKg(120)),
        ];
        $open = new Leftover(Part::Trim, FatClass::Lean, Mass::ofGrams(120), notRaw: null);
        self::assertSame(
            ['tartare', 'cure', 'mince', 'stock'],
            array_slice(self::bins(Destinations::of($open, needs: $worth)), 0, 4),
        );
        $closed = new Leftover(Part::Trim, FatClass::Lean, Mass::ofGrams(120), notRaw: 'No papers came with it.');
        self::assertSame(Bin::Mince, Destinations::of($closed, needs: $worth)->first());
        self::assertEquals(
            [new Message(RoutingReason::NotRaw, ['why' => 'No papers came with it.'])],
            Destinations::of($closed, needs: $worth)->to(Bin::Tartare)?->why,
        );
        $dull = new Leftover(Part::Trim, FatClass::Lean, Mass::ofGrams(120), notRaw: null, bright: false);
        self::assertSame(Bin::Mince, Destinations::of($dull, needs: $worth)->first());
    }

    public function test_a_full_bin_stands_back_and_a_batch_that_is_nearly_there_comes_forward(): void
    {
        $trim = new Leftover(Part::Trim, FatClass::Lean, Mass::ofGrams(500), notRaw: null);
        $needs = [
            'tartare' => new BinNeed(Euro::perKg(1400)),
            'mince' => new BinNeed(Euro::perKg(900), lacks: Mass::ofGrams(400)),
        ];
        self::assertSame(Bin::Mince, Destinations::of($trim, needs: $needs)->first());
        self::assertContainsEquals(
            new Message(RoutingReason::CompletesBatch),
            Destinations::of($trim, needs: $needs)->to(Bin::Mince)->why ?? [],
        );
        $full = Destinations::of(
            $trim,
            needs: [
                ...$needs,
                'mince' => new BinNeed(Euro::perKg(900), room: Mass::ofGrams(499), lacks: Mass::ofGrams(400)),
            ],
        );
        self::assertSame(Bin::Tartare, $full->first());
        self::assertTrue($full->to(Bin::Mince)->allowed ?? false);
        self::assertContainsEquals(new Message(RoutingReason::NoRoom), $full->to(Bin::Mince)->why ?? []);
        self::assertFalse(
            (new BinNeed(Euro::perKg(900), lacks: Mass::zero()))->completedBy(Mass::ofGrams(5)),
            'nothing lacks',
        );
    }

    private static function destinations(
        Part $part,
        FatClass $fat = FatClass::Lean,
        Ways $ways = new Ways(),
        ?bool $scaled = true,
    ): Destinations {
        return Destinations::of(new Leftover($part, $fat, Mass::ofGrams(300), scaled: $scaled), $ways);
    }

    /** @return list<string> */
    private static function bins(Destinations $to): array
    {
        return array_map(fn (Destination $one): string => $one->bin->value, $to->ranked);
    }
}
