<?php

declare(strict_types=1);

namespace Sectum\Tests\Route;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;
use Sectum\Route\Destination;
use Sectum\Route\Destinations;

final class DestinationsTest extends TestCase
{
    private const NEVER_TO_STOCK = [Part::Guts, Part::Gills, Part::Roe, Part::DarkMuscle];

    public function test_every_part_of_every_fish_has_a_place_and_a_reason(): void
    {
        foreach (Part::cases() as $part) {
            foreach (FatClass::cases() as $fat) {
                $ranked = Destinations::of($part, $fat)->ranked;
                $allowed = array_filter($ranked, fn (Destination $to): bool => $to->allowed);
                self::assertTrue($ranked[0]->allowed, "{$part->value}, {$fat->value}");
                self::assertContains(Bin::Discard, array_map(fn (Destination $to): Bin => $to->bin, $allowed));
                self::assertSame(array_slice($ranked, 0, count($allowed)), array_values($allowed), 'allowed ones first');
                $bins = array_map(fn (Destination $to): string => $to->bin->value, $ranked);
                self::assertSame(array_unique($bins), $bins, "{$part->value} goes to a bin twice");
                foreach ($ranked as $to) {
                    self::assertStringEndsWith('.', $to->why);
                }
            }
        }
    }

    public function test_what_must_not_be_boiled_never_may_be(): void
    {
        foreach (self::NEVER_TO_STOCK as $part) {
            foreach (FatClass::cases() as $fat) {
                $stock = Destinations::of($part, $fat)->to(Bin::Stock);
                self::assertNotNull($stock, $part->value);
                self::assertFalse($stock->allowed);
                self::assertNull(Destinations::of($part, $fat)->to(Bin::Soup));
            }
        }
    }

    public function test_oily_bones_make_only_their_own_soup(): void
    {
        self::assertSame(Bin::Soup, Destinations::of(Part::Frame, FatClass::Oily)->first());
        self::assertFalse(Destinations::of(Part::Frame, FatClass::Oily)->to(Bin::Stock)->allowed ?? true);
        self::assertSame(Bin::Stock, Destinations::of(Part::Frame, FatClass::Lean)->first());
    }
}
